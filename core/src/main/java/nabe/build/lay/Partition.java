package nabe.build.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import nabe.larder.Figures;

/** One way to fill a length with sides of sheets, whole or snapped. */
record Partition(List<Segment> segments) {
    private static final double MOST_BARE = Figures.of("build.most-bare");

    /**
     * @param start where it begins, {@code length} how far the piece reaches
     * @param visible how much of the length is covered by it and by no later piece, once it is tender
     */
    record Segment(double start, double length, double visible) {
        static Segment of(double start, double length) {
            return new Segment(start, length, length);
        }
    }

    /** Every sensible way to fill {@code length} with sides of {@code side}; never empty. */
    static List<Partition> of(double length, double side, LayRule rule) {
        int whole = (int) Math.floor(length / side + 1e-9);
        double rest = Math.max(0, length - whole * side);
        List<Partition> all = new ArrayList<>();
        if (whole == 0) {
            return List.of(new Partition(List.of(Segment.of(0, length))));
        }
        if (rest <= (MOST_BARE + rule.swelling()) * length) {
            all.add(spread(whole, side, rest, rule.swelling()));
        }
        double overlap = ((whole + 1) * side - length) / whole;
        if (rest > 0 && overlap <= rule.overlapMm()) {
            all.add(overlapped(whole + 1, side, overlap));
        }
        if (rest >= rule.smallestMm()) {
            all.add(row(IntStream.rangeClosed(0, whole)
                    .mapToDouble(i -> i == whole ? rest : side)
                    .toArray()));
            all.add(row(IntStream.rangeClosed(0, whole)
                    .mapToDouble(i -> i == 0 ? rest : side)
                    .toArray()));
        } else if (rest > 0) {
            all.add(row(IntStream.rangeClosed(0, whole)
                    .mapToDouble(i -> i >= whole - 1 ? (side + rest) / 2 : side)
                    .toArray()));
        }
        bothEnds(whole, side, rest, rule, all);
        return all;
    }

    private static void bothEnds(int whole, double side, double rest, LayRule rule, List<Partition> all) {
        boolean wide = rest / 2 >= rule.smallestMm();
        int between = wide ? whole : whole - 1;
        double end = wide ? rest / 2 : (side + rest) / 2;
        if (end >= rule.smallestMm() && end < side && between > 0) {
            all.add(row(IntStream.rangeClosed(0, between + 1)
                    .mapToDouble(i -> i == 0 || i > between ? end : side)
                    .toArray()));
        }
    }

    private static Partition row(double[] lengths) {
        List<Segment> segments = new ArrayList<>(lengths.length);
        double at = 0;
        for (double length : lengths) {
            segments.add(Segment.of(at, length));
            at += length;
        }
        return new Partition(segments);
    }

    /** Whole sides with even gaps, which swelling closes as far as it goes. */
    private static Partition spread(int whole, double side, double rest, double swelling) {
        double gap = rest / (whole + 1);
        double tender = Math.min(side * (1 + swelling), side + rest / whole);
        return new Partition(IntStream.range(0, whole)
                .mapToObj(i -> new Segment(gap + i * (side + gap), side, tender))
                .toList());
    }

    private static Partition overlapped(int count, double side, double overlap) {
        return new Partition(IntStream.range(0, count)
                .mapToObj(i -> new Segment(i * (side - overlap), side, i == count - 1 ? side : side - overlap))
                .toList());
    }

    double covered() {
        return segments.stream().mapToDouble(Segment::visible).sum();
    }
}
