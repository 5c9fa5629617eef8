package nabe.build.lay;

import java.util.ArrayList;
import java.util.List;

/** What is left of snapped sheets, to be used before another is opened. Sizes in millimetres. */
final class Offcuts {
    private record Offcut(double a, double b, int sheet) {
        boolean holds(double w, double h) {
            return a >= w - 0.5 && b >= h - 0.5 || b >= w - 0.5 && a >= h - 0.5;
        }
    }

    private final List<Offcut> left;
    private final double smallest;
    private int opened;

    Offcuts(double smallest) {
        this(smallest, new ArrayList<>(), 0);
    }

    private Offcuts(double smallest, List<Offcut> left, int opened) {
        this.smallest = smallest;
        this.left = left;
        this.opened = opened;
    }

    Offcuts copy() {
        return new Offcuts(smallest, new ArrayList<>(left), opened);
    }

    int opened() {
        return opened;
    }

    /**
     * Takes a piece of this size, from the smallest off-cut that holds it or from a new sheet.
     *
     * @return the number of the sheet it comes from, counted from 1
     */
    int take(double w, double h, Sheet sheet) {
        Offcut source = null;
        for (Offcut offcut : left) {
            if (offcut.holds(w, h) && (source == null || offcut.a * offcut.b < source.a * source.b)) {
                source = offcut;
            }
        }
        if (source == null) {
            opened++;
            source = new Offcut(sheet.longMm(), sheet.shortMm(), opened);
        } else {
            left.remove(source);
        }
        keepRest(source, w, h);
        return source.sheet;
    }

    private void keepRest(Offcut source, double w, double h) {
        boolean straight = source.a >= w - 0.5 && source.b >= h - 0.5;
        double across = straight ? w : h;
        double up = straight ? h : w;
        add(source.a - across, source.b, source.sheet);
        add(across, source.b - up, source.sheet);
    }

    private void add(double a, double b, int sheet) {
        if (a >= smallest && b >= smallest) {
            left.add(new Offcut(a, b, sheet));
        }
    }
}
