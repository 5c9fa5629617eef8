package nabe.build.lay;

import java.util.List;

/**
 * One piece as it lies, seen from above, in millimetres from the corner of the pan's inside.
 *
 * @param x, y its lower left corner; {@code widthMm} along the pan's length, {@code heightMm} along its width: the box around it
 * @param corners its corners, counter-clockwise; empty for a round piece, which fills its box
 * @param whole whether it is laid as it comes
 * @param sheet which sheet it is snapped from, counted from 1 over all layers; 0 where pieces are not sheets
 */
public record Piece(
        double x, double y, double widthMm, double heightMm, List<Point> corners, boolean whole, int sheet) {

    static Piece of(List<Point> corners, boolean whole, int sheet) {
        double left = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double low = Double.MAX_VALUE;
        double high = -Double.MAX_VALUE;
        for (Point corner : corners) {
            left = Math.min(left, corner.x());
            right = Math.max(right, corner.x());
            low = Math.min(low, corner.y());
            high = Math.max(high, corner.y());
        }
        return new Piece(left, low, right - left, high - low, corners, whole, sheet);
    }

    static Piece round(double x, double y, double across) {
        return new Piece(x, y, across, across, List.of(), true, 0);
    }

    static Piece box(double x, double y, double w, double h, boolean whole) {
        return new Piece(x, y, w, h, Polygons.rectangle(x, y, w, h), whole, 0);
    }
}
