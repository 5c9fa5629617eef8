package nabe.build.lay;

import java.util.ArrayList;
import java.util.List;

/**
 * One way to lay sheets over a rectangle.
 *
 * @param along whether most sheets lie with their long side along the pan's length
 * @param oneWay whether all of them do
 */
record Layout(List<Cell> cells, boolean along, boolean oneWay) {
    /**
     * A piece to be, before the pan's curve cuts it.
     *
     * @param visibleW, visibleH what it alone covers once it is tender
     * @param cuts how many of its sides are shorter than the sheet's
     */
    record Cell(double x, double y, double w, double h, double visibleW, double visibleH, int cuts) {
        Cell moved(double dx, double dy) {
            return new Cell(x + dx, y + dy, w, h, visibleW, visibleH, cuts);
        }
    }

    static Layout grid(Partition columns, Partition rows, double sideX, double sideY, boolean along) {
        List<Cell> cells = new ArrayList<>();
        for (Partition.Segment row : rows.segments()) {
            for (Partition.Segment column : columns.segments()) {
                int cuts = (column.length() < sideX - 0.5 ? 1 : 0) + (row.length() < sideY - 0.5 ? 1 : 0);
                cells.add(new Cell(
                        column.start(),
                        row.start(),
                        column.length(),
                        row.length(),
                        column.visible(),
                        row.visible(),
                        cuts));
            }
        }
        return new Layout(cells, along, true);
    }

    Layout moved(double dx, double dy) {
        return new Layout(cells.stream().map(c -> c.moved(dx, dy)).toList(), along, oneWay);
    }

    Layout and(Layout other) {
        List<Cell> both = new ArrayList<>(cells);
        both.addAll(other.cells);
        return new Layout(both, along, false);
    }

    /** The same seen in a mirror. */
    Layout mirrored(double length, double width, boolean leftRight, boolean upDown) {
        return new Layout(
                cells.stream()
                        .map(c -> new Cell(
                                leftRight ? length - c.x - c.w : c.x,
                                upDown ? width - c.y - c.h : c.y,
                                c.w,
                                c.h,
                                c.visibleW,
                                c.visibleH,
                                c.cuts))
                        .toList(),
                along,
                oneWay);
    }

    double covered() {
        return cells.stream().mapToDouble(c -> c.visibleW * c.visibleH).sum();
    }

    int cuts() {
        return cells.stream().mapToInt(Cell::cuts).sum();
    }
}
