package nabe.build.lay;

import java.util.ArrayList;
import java.util.List;

/**
 * The inside of a pan seen from above at one height.
 *
 * @param round whether it is a circle or an ellipse rather than a rectangle
 * @param lengthMm along x, {@code widthMm} along y
 */
public record Outline(boolean round, double lengthMm, double widthMm) {
    /** A curve is followed by this many straight snaps at the most; they leave under 2 % of it bare. */
    private static final int CORNERS = 20;

    /** @return square millimetres */
    public double area() {
        return lengthMm * widthMm * (round ? Math.PI / 4 : 1);
    }

    /** What is left inside a gap all round: the corners of a rectangle, or of a figure drawn inside the curve. */
    List<Point> inside(double gap) {
        if (!round) {
            return Polygons.rectangle(gap, gap, lengthMm - 2 * gap, widthMm - 2 * gap);
        }
        List<Point> corners = new ArrayList<>(CORNERS);
        for (int i = 0; i < CORNERS; i++) {
            double angle = 2 * Math.PI * (i + 0.5) / CORNERS;
            corners.add(new Point(
                    lengthMm / 2 + (lengthMm / 2 - gap) * Math.cos(angle),
                    widthMm / 2 + (widthMm / 2 - gap) * Math.sin(angle)));
        }
        return corners;
    }

    /** @return the same outline with a gap left all round */
    Outline inset(double gap) {
        return new Outline(round, lengthMm - 2 * gap, widthMm - 2 * gap);
    }

    /** @return whether the place lies inside, or less than {@code slack} millimetres outside */
    public boolean holds(Point p, double slack) {
        if (!round) {
            return p.x() >= -slack && p.y() >= -slack && p.x() <= lengthMm + slack && p.y() <= widthMm + slack;
        }
        double dx = (p.x() - lengthMm / 2) / (lengthMm / 2 + slack);
        double dy = (p.y() - widthMm / 2) / (widthMm / 2 + slack);
        return dx * dx + dy * dy <= 1;
    }
}
