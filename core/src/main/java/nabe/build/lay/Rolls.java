package nabe.build.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nabe.words.Messages;

/** Counts how many filled tubes, shells or rolls lie in one layer, and how: one way, turned, both, staggered, or slantwise. */
public final class Rolls {
    private static final double SHIFT_MM = 5;
    /** Rounded pieces settle into the hollows of the row below: rows this much nearer. Hexagonal packing, √3 / 2. */
    private static final double NESTED = Math.sqrt(3) / 2;

    private Rolls() {}

    /** @param how "along the dish", "across the dish", "along and across", "staggered" or "slantwise" */
    public record Fit(List<Piece> pieces, String how) {
        public int count() {
            return pieces.size();
        }
    }

    /**
     * @param longMm, shortMm one filled piece seen from above, touching its neighbours
     * @param rounded whether pieces nest when staggered (shells)
     * @return the way that takes most, the plainest of equals
     */
    public static Fit most(Outline outline, double longMm, double shortMm, boolean rounded) {
        List<Fit> ways = new ArrayList<>(List.of(
                new Fit(rows(outline, longMm, shortMm), Messages.say("build.along-the-dish")),
                new Fit(rows(outline, shortMm, longMm), Messages.say("build.across-the-dish"))));
        if (!outline.round()) {
            ways.addAll(mixed(outline, longMm, shortMm));
        }
        if (rounded) {
            ways.add(new Fit(staggered(outline, longMm, shortMm), Messages.say("build.staggered")));
        }
        Fit most = ways.stream()
                .max(Comparator.comparingInt(Fit::count).thenComparing(w -> -ways.indexOf(w)))
                .orElseThrow();
        return most.count() > 0 ? most : slantwise(outline, longMm, shortMm);
    }

    private static List<Piece> rows(Outline outline, double w, double h) {
        List<Piece> best = List.of();
        double slack = outline.round() ? Math.min(h, outline.widthMm() - h) : 0;
        for (double shift = 0; shift <= Math.max(0, slack); shift += SHIFT_MM) {
            List<Piece> pieces = rowsFrom(outline, w, h, shift);
            best = pieces.size() > best.size() ? pieces : best;
        }
        return best;
    }

    private static List<Piece> rowsFrom(Outline outline, double w, double h, double shift) {
        List<Piece> pieces = new ArrayList<>();
        for (double y = shift; y + h <= outline.widthMm() + 1e-9; y += h) {
            double[] chord = chord(outline, y, y + h);
            int count = (int) Math.floor((chord[1] - chord[0]) / w + 1e-9);
            double start = chord[0] + (chord[1] - chord[0] - count * w) / 2;
            for (int i = 0; i < count; i++) {
                pieces.add(Piece.box(start + i * w, y, w, h, true));
            }
        }
        return pieces;
    }

    /** Where the pan is at least this long between two lines across it. */
    private static double[] chord(Outline outline, double from, double to) {
        if (!outline.round()) {
            return new double[] {0, outline.lengthMm()};
        }
        double half = Math.min(half(outline, from), half(outline, to));
        return new double[] {outline.lengthMm() / 2 - half, outline.lengthMm() / 2 + half};
    }

    private static double half(Outline outline, double y) {
        double t = (y - outline.widthMm() / 2) / (outline.widthMm() / 2);
        return outline.lengthMm() / 2 * Math.sqrt(Math.max(0, 1 - t * t));
    }

    /** Columns of pieces along the dish, the rest of the length filled with pieces across it, and the other way about. */
    private static List<Fit> mixed(Outline outline, double a, double b) {
        List<Fit> ways = new ArrayList<>();
        for (int columns = 1; columns * a <= outline.lengthMm() - b; columns++) {
            ways.add(beside(outline, columns * a, a, b));
        }
        for (int columns = 1; columns * b <= outline.lengthMm() - a; columns++) {
            ways.add(beside(outline, columns * b, b, a));
        }
        return ways;
    }

    private static Fit beside(Outline outline, double x, double w, double h) {
        List<Piece> pieces = new ArrayList<>(rows(new Outline(false, x, outline.widthMm()), w, h));
        rows(new Outline(false, outline.lengthMm() - x, outline.widthMm()), h, w)
                .forEach(p -> pieces.add(Piece.box(x + p.x(), p.y(), p.widthMm(), p.heightMm(), true)));
        return new Fit(pieces, Messages.say("build.along-and-across"));
    }

    private static List<Piece> staggered(Outline outline, double w, double h) {
        List<Piece> pieces = new ArrayList<>();
        int row = 0;
        for (double y = 0; y + h <= outline.widthMm() + 1e-9; y += h * NESTED) {
            double[] chord = chord(outline, y, y + h);
            for (double x = chord[0] + (row % 2) * w / 2; x + w <= chord[1] + 1e-9; x += w) {
                pieces.add(Piece.box(x, y, w, h, true));
            }
            row++;
        }
        return pieces;
    }

    /** One piece too long for the pan may still lie from corner to corner. */
    private static Fit slantwise(Outline outline, double longMm, double shortMm) {
        double diagonal = Math.hypot(outline.lengthMm(), outline.widthMm()) - shortMm;
        boolean fits = !outline.round()
                && longMm <= diagonal
                && shortMm <= Math.min(outline.lengthMm(), outline.widthMm()) / 2;
        if (!fits) {
            return new Fit(List.of(), Messages.say("build.not-at-all"));
        }
        double turn = Math.atan2(outline.widthMm(), outline.lengthMm());
        List<Point> corners = new ArrayList<>();
        for (double[] c : new double[][] {{-1, -1}, {1, -1}, {1, 1}, {-1, 1}}) {
            double u = c[0] * longMm / 2;
            double v = c[1] * shortMm / 2;
            corners.add(new Point(
                    outline.lengthMm() / 2 + u * Math.cos(turn) - v * Math.sin(turn),
                    outline.widthMm() / 2 + u * Math.sin(turn) + v * Math.cos(turn)));
        }
        boolean inside = corners.stream().allMatch(p -> outline.holds(p, 0.5));
        return inside
                ? new Fit(List.of(Piece.of(corners, true, 0)), Messages.say("build.slantwise"))
                : new Fit(List.of(), Messages.say("build.not-at-all"));
    }
}
