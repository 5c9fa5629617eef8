package nabe.build.lay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Finds the ways worth considering to lay a sheet over a rectangle: rows one way, and rows with a turned strip beside them. */
final class Layouts {
    private static final int KEPT_OF_AN_AXIS = 2;
    private final double length;
    private final double width;
    private final Sheet sheet;
    private final LayRule rule;
    private final List<Layout> found = new ArrayList<>();

    private Layouts(double length, double width, Sheet sheet, LayRule rule) {
        this.length = length;
        this.width = width;
        this.sheet = sheet;
        this.rule = rule;
    }

    static List<Layout> of(double length, double width, Sheet sheet, LayRule rule) {
        Layouts layouts = new Layouts(length, width, sheet, rule);
        layouts.grids(true);
        layouts.grids(false);
        layouts.strips(true);
        layouts.strips(false);
        return layouts.found;
    }

    private double sideX(boolean along) {
        return along ? sheet.longMm() : sheet.shortMm();
    }

    private void grids(boolean along) {
        for (Partition columns : Partition.of(length, sideX(along), rule)) {
            for (Partition rows : Partition.of(width, sideX(!along), rule)) {
                found.add(Layout.grid(columns, rows, sideX(along), sideX(!along), along));
            }
        }
    }

    /** Whole columns, then a strip at the far end with the sheets turned; and the same with rows. */
    private void strips(boolean along) {
        int most = (int) Math.floor(length / sideX(along));
        for (int columns = Math.max(1, most - 1); columns <= most; columns++) {
            double x = columns * sideX(along);
            if (length - x >= rule.smallestMm()) {
                Partition whole = Partition.of(x, sideX(along), rule).getFirst();
                join(
                        grids(whole, best(width, sideX(!along)), along),
                        grids(best(length - x, sideX(!along)), best(width, sideX(along)), !along),
                        x,
                        0);
            }
        }
        int mostRows = (int) Math.floor(width / sideX(!along));
        for (int rows = Math.max(1, mostRows - 1); rows <= mostRows; rows++) {
            double y = rows * sideX(!along);
            if (width - y >= rule.smallestMm()) {
                Partition whole = Partition.of(y, sideX(!along), rule).getFirst();
                join(
                        grids(best(length, sideX(along)), List.of(whole), along),
                        grids(best(length, sideX(!along)), best(width - y, sideX(along)), !along),
                        0,
                        y);
            }
        }
    }

    private List<Partition> best(double span, double side) {
        return Partition.of(span, side, rule).stream()
                .sorted(Comparator.comparingDouble(Partition::covered).reversed())
                .limit(KEPT_OF_AN_AXIS)
                .toList();
    }

    private List<Layout> grids(Partition columns, List<Partition> rows, boolean along) {
        return grids(List.of(columns), rows, along);
    }

    private List<Layout> grids(List<Partition> columns, List<Partition> rows, boolean along) {
        List<Layout> grids = new ArrayList<>();
        columns.forEach(c -> rows.forEach(r -> grids.add(Layout.grid(c, r, sideX(along), sideX(!along), along))));
        return grids;
    }

    private void join(List<Layout> main, List<Layout> strip, double dx, double dy) {
        main.forEach(m -> strip.forEach(s -> found.add(m.and(s.moved(dx, dy)))));
    }
}
