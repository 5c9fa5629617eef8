package nabe.build.lay;

import java.util.ArrayList;
import java.util.List;

/** Plane figures by their corners, counter-clockwise, all convex. */
final class Polygons {
    private Polygons() {}

    static List<Point> rectangle(double x, double y, double w, double h) {
        return List.of(new Point(x, y), new Point(x + w, y), new Point(x + w, y + h), new Point(x, y + h));
    }

    /** The shoelace formula; square millimetres. */
    static double area(List<Point> corners) {
        double twice = 0;
        for (int i = 0; i < corners.size(); i++) {
            Point a = corners.get(i);
            Point b = corners.get((i + 1) % corners.size());
            twice += a.x() * b.y() - b.x() * a.y();
        }
        return twice / 2;
    }

    /** What of the figure lies in the window (Sutherland and Hodgman 1974); empty where nothing does. */
    static List<Point> clip(List<Point> figure, List<Point> window) {
        List<Point> kept = figure;
        for (int i = 0; i < window.size() && !kept.isEmpty(); i++) {
            kept = clip(kept, window.get(i), window.get((i + 1) % window.size()));
        }
        return kept;
    }

    private static List<Point> clip(List<Point> figure, Point from, Point to) {
        List<Point> kept = new ArrayList<>(figure.size() + 1);
        for (int i = 0; i < figure.size(); i++) {
            Point a = figure.get(i);
            Point b = figure.get((i + 1) % figure.size());
            double sideA = side(from, to, a);
            double sideB = side(from, to, b);
            if (sideA >= 0) {
                kept.add(a);
            }
            if (sideA * sideB < 0) {
                double t = sideA / (sideA - sideB);
                kept.add(new Point(a.x() + t * (b.x() - a.x()), a.y() + t * (b.y() - a.y())));
            }
        }
        return kept;
    }

    private static double side(Point from, Point to, Point p) {
        return (to.x() - from.x()) * (p.y() - from.y()) - (to.y() - from.y()) * (p.x() - from.x());
    }
}
