package nabe.build.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/** The layouts of one kind of sheet that are worth trying in a pan, whatever lies below. Worked out once for each outline. */
public final class Candidates {
    /** A layout this much barer than the best is passed over. */
    private static final double WORSE = 0.019;

    private static final int STRIPS = 16;
    private static final double SMALLEST_SLIVER_MM2 = 500;
    private static final Comparator<Piece> BIGGEST_FIRST =
            (a, b) -> Double.compare(b.widthMm() * b.heightMm(), a.widthMm() * a.heightMm());
    final Sheet sheet;
    final LayRule rule;
    private final Map<Outline, List<Candidate>> found = new HashMap<>();

    public Candidates(Sheet sheet, LayRule rule) {
        this.sheet = sheet;
        this.rule = rule;
    }

    /** A layout with what it is worth wherever it lies; {@code pieces} biggest first, {@code faults} of bareness and snaps. */
    record Candidate(Layout layout, List<Piece> pieces, double coverage, int snaps) {
        double faults() {
            return 100 * (1 - coverage) + SheetLaying.SNAP * snaps;
        }
    }

    List<Candidate> in(Outline outline) {
        return found.computeIfAbsent(outline, this::shortList);
    }

    private List<Candidate> shortList(Outline outline) {
        List<Candidate> all = Layouts.of(lengthIn(outline), widthIn(outline), sheet, rule).stream()
                .map(l -> of(l, outline))
                .toList();
        double most = all.stream().mapToDouble(Candidate::coverage).max().orElse(0);
        List<Candidate> good = all.stream()
                .filter(c -> c.coverage >= most - WORSE)
                .sorted(Comparator.comparingDouble(Candidate::faults))
                .toList();
        return Stream.concat(
                        good.stream().filter(c -> c.layout.oneWay()),
                        good.stream().filter(c -> !c.layout.oneWay()).limit(STRIPS))
                .toList();
    }

    double lengthIn(Outline outline) {
        return outline.lengthMm() - 2 * rule.edgeGapMm();
    }

    double widthIn(Outline outline) {
        return outline.widthMm() - 2 * rule.edgeGapMm();
    }

    Candidate of(Layout layout, Outline outline) {
        if (outline.round()) {
            return cut(layout, outline);
        }
        return new Candidate(
                layout,
                rectangles(layout),
                layout.covered() / outline.inset(rule.edgeGapMm()).area(),
                layout.cuts());
    }

    private List<Piece> rectangles(Layout layout) {
        double gap = rule.edgeGapMm();
        List<Piece> pieces = new ArrayList<>(layout.cells().size());
        for (Layout.Cell c : layout.cells()) {
            pieces.add(Piece.box(c.x() + gap, c.y() + gap, c.w(), c.h(), c.cuts() == 0));
        }
        pieces.sort(BIGGEST_FIRST);
        return pieces;
    }

    /** Pieces snapped along the curve of a round pan; slivers are left out. */
    private Candidate cut(Layout layout, Outline outline) {
        double gap = rule.edgeGapMm();
        List<Point> window = outline.inside(gap);
        List<Piece> pieces = new ArrayList<>();
        double covered = 0;
        int snaps = 0;
        for (Layout.Cell c : layout.cells()) {
            List<Point> corners = Polygons.clip(Polygons.rectangle(c.x() + gap, c.y() + gap, c.w(), c.h()), window);
            double area = corners.size() > 2 ? Polygons.area(corners) : 0;
            if (area > SMALLEST_SLIVER_MM2) {
                boolean whole = c.cuts() == 0 && area > c.w() * c.h() - 1;
                boolean other = c.visibleW() != c.w() || c.visibleH() != c.h();
                pieces.add(Piece.of(corners, whole, 0));
                covered += other
                        ? Polygons.area(Polygons.clip(
                                Polygons.rectangle(c.x() + gap, c.y() + gap, c.visibleW(), c.visibleH()), window))
                        : area;
                snaps += whole ? 0 : Math.max(1, c.cuts() + Math.max(0, corners.size() - 4));
            }
        }
        pieces.sort(BIGGEST_FIRST);
        return new Candidate(layout, pieces, covered / outline.inset(gap).area(), snaps);
    }
}
