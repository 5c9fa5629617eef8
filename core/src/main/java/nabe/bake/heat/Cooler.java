package nabe.bake.heat;

import java.util.Arrays;

/** Where the nearest food that still takes up steam lies, kept while the cells are gone through row by row from the base, from the middle to the wall. */
final class Cooler {
    private static final int NONE = -1;
    private final Section section;
    private final Conduction heat;
    private final int[] above;
    private final int[] below;
    private int inward;

    Cooler(Section section, Conduction heat) {
        this.section = section;
        this.heat = heat;
        above = new int[section.nx];
        below = new int[section.nx];
    }

    void begin() {
        Arrays.fill(above, 0);
        Arrays.fill(below, 0);
    }

    void row() {
        inward = NONE;
    }

    /** This cell is cool itself. */
    void passed(int z, int x) {
        below[x] = z;
        inward = x;
    }

    /** @return row of the nearest cool cell above, or -1: what was found stays found while it lies above, since nothing cools below it meanwhile */
    int above(int z, int x) {
        int row = above[x] == NONE ? NONE : Math.max(z + 1, above[x]);
        while (row != NONE && (row == section.nz || !isCool(row, x))) {
            row = row == section.nz ? NONE : row + 1;
        }
        above[x] = row;
        return row;
    }

    /** @return row of the nearest cool cell below, or 0 */
    int below(int x) {
        while (below[x] > 0 && !isCool(below[x], x)) {
            below[x]--;
        }
        return below[x];
    }

    /** @return column of the nearest cool cell towards the middle, or -1 */
    int inward(int z, int x) {
        while (inward >= 0 && !isCool(z, inward)) {
            inward--;
        }
        return inward;
    }

    private boolean isCool(int z, int x) {
        return heat.t[z * section.nx + x] < Steam.COOL;
    }
}
