package nabe.build.lay;

import java.util.ArrayList;
import java.util.List;

/** Shingles round pieces (slices, small wraps, crêpes) in rows, each over its neighbours, none over the rim. */
public final class Rounds {
    private static final double STEP_MM = 6;

    private Rounds() {}

    /**
     * @param pieces as they lie, row by row
     * @param coverage share of the pan's area under at least one piece, 0 to 1
     */
    public record Layer(List<Piece> pieces, double coverage) {}

    /**
     * @param acrossMm diameter of a piece; one too large for the pan is trimmed to it
     * @param overlap share of its diameter that lies over the neighbour, 0 to 0.6; 0.3 to 0.5 is usual for slices
     */
    public static Layer shingle(Outline outline, double acrossMm, double overlap) {
        double d = Math.min(acrossMm, Math.min(outline.lengthMm(), outline.widthMm()));
        List<Piece> pieces = new ArrayList<>();
        for (double y : starts(outline.widthMm(), d, overlap)) {
            for (double x : starts(outline.lengthMm(), d, overlap)) {
                if (fits(outline, x, y, d)) {
                    pieces.add(Piece.round(x, y, d));
                }
            }
        }
        return new Layer(pieces, coverage(outline, pieces));
    }

    /** Where pieces begin along a length so that the first and the last touch the rim. */
    private static double[] starts(double length, double d, double overlap) {
        int count = d >= length ? 1 : (int) Math.ceil((length - d) / (d * (1 - overlap)) - 1e-9) + 1;
        double[] starts = new double[count];
        for (int i = 0; i < count; i++) {
            starts[i] = count == 1 ? (length - d) / 2 : i * (length - d) / (count - 1);
        }
        return starts;
    }

    private static boolean fits(Outline outline, double x, double y, double d) {
        if (!outline.round()) {
            return true;
        }
        Outline centres = new Outline(true, outline.lengthMm() - d, outline.widthMm() - d);
        return centres.holds(new Point(x, y), 0.5);
    }

    private static double coverage(Outline outline, List<Piece> pieces) {
        int inside = 0;
        int under = 0;
        for (double x = STEP_MM / 2; x < outline.lengthMm(); x += STEP_MM) {
            for (double y = STEP_MM / 2; y < outline.widthMm(); y += STEP_MM) {
                if (outline.holds(new Point(x, y), 0)) {
                    inside++;
                    under += isUnder(pieces, x, y) ? 1 : 0;
                }
            }
        }
        return inside == 0 ? 0 : (double) under / inside;
    }

    private static boolean isUnder(List<Piece> pieces, double x, double y) {
        for (Piece p : pieces) {
            double r = p.widthMm() / 2;
            double dx = x - p.x() - r;
            double dy = y - p.y() - r;
            if (dx * dx + dy * dy <= r * r) {
                return true;
            }
        }
        return false;
    }
}
