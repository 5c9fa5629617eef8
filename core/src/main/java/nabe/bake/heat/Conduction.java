package nabe.bake.heat;

/**
 * Heat conduction on a grid of finite volumes: implicit in one direction after the other (locally one-dimensional splitting, Yanenko 1971),
 * so stable at any step, and conserving: what a step adds to the cells is what it took from the surroundings, to rounding.
 * Rows run from the base up (z), cells in a row from the middle to the wall (x). Factors are kept until the coefficients change.
 */
final class Conduction {
    final int nx;
    final int nz;
    /** °C by cell, {@code z * nx + x}. */
    final double[] t;
    /** J/K by cell. */
    final double[] capacity;
    /** W/K from a cell to its neighbour outward, and to its neighbour above; the last in a row or column is unused. */
    final double[] outward;

    final double[] upward;
    /** W/K from the cells of the top row, the base row and the outer column to the surroundings. */
    final double[] topLoss;

    final double[] baseLoss;
    final double[] sideLoss;
    private final double[] stored;
    private final double[] rowRatio;
    private final double[] rowInverse;
    private final double[] columnRatio;
    private final double[] columnInverse;
    private double dt;

    Conduction(int nx, int nz) {
        this.nx = nx;
        this.nz = nz;
        int n = nx * nz;
        t = new double[n];
        capacity = new double[n];
        outward = new double[n];
        upward = new double[n];
        topLoss = new double[nx];
        baseLoss = new double[nx];
        sideLoss = new double[nz];
        stored = new double[n];
        rowRatio = new double[n];
        rowInverse = new double[n];
        columnRatio = new double[n];
        columnInverse = new double[n];
    }

    /** Takes the coefficients as they are now for steps of this many seconds. Inner loops run over independent cells, for speed. */
    void factor(double seconds) {
        dt = seconds;
        for (int i = 0; i < stored.length; i++) {
            stored[i] = capacity[i] / dt;
        }
        for (int x = 0; x < nx; x++) {
            for (int z = 0; z < nz; z++) {
                int i = z * nx + x;
                double in = x == 0 ? 0 : outward[i - 1];
                double out = x == nx - 1 ? 0 : outward[i];
                double inverse = 1
                        / (stored[i]
                                + in
                                + out
                                + (x == nx - 1 ? sideLoss[z] : 0)
                                - (x == 0 ? 0 : in * rowRatio[i - 1]));
                rowInverse[i] = inverse;
                rowRatio[i] = out * inverse;
            }
        }
        for (int z = 0; z < nz; z++) {
            for (int x = 0; x < nx; x++) {
                int i = z * nx + x;
                double below = z == 0 ? 0 : upward[i - nx];
                double up = z == nz - 1 ? 0 : upward[i];
                double lost = z == 0 ? baseLoss[x] : z == nz - 1 ? topLoss[x] : 0;
                double inverse = 1 / (stored[i] + below + up + lost - (z == 0 ? 0 : below * columnRatio[i - nx]));
                columnInverse[i] = inverse;
                columnRatio[i] = up * inverse;
            }
        }
    }

    /**
     * One step.
     *
     * @param topCelsius, baseCelsius, sideCelsius of the surroundings
     * @param topHeat W put into each cell of the top row besides (evaporation takes it off)
     * @return J taken in from the surroundings, {@code topHeat} counted
     */
    double step(double topCelsius, double baseCelsius, double sideCelsius, double[] topHeat) {
        double joules = rows(sideCelsius);
        return joules + columns(topCelsius, baseCelsius, topHeat);
    }

    private double rows(double side) {
        int outer = nx - 1;
        for (int z = 0; z < nz; z++) {
            int i = z * nx;
            t[i] = stored[i] * t[i] * rowInverse[i];
        }
        for (int x = 1; x < outer; x++) {
            for (int z = 0, i = x; z < nz; z++, i += nx) {
                t[i] = (stored[i] * t[i] + outward[i - 1] * t[i - 1]) * rowInverse[i];
            }
        }
        for (int z = 0, i = outer; z < nz; z++, i += nx) {
            t[i] = (stored[i] * t[i] + outward[i - 1] * t[i - 1] + sideLoss[z] * side) * rowInverse[i];
        }
        for (int x = outer - 1; x >= 0; x--) {
            for (int z = 0, i = x; z < nz; z++, i += nx) {
                t[i] += rowRatio[i] * t[i + 1];
            }
        }
        double joules = 0;
        for (int z = 0; z < nz; z++) {
            joules += sideLoss[z] * (side - t[z * nx + outer]) * dt;
        }
        return joules;
    }

    private double columns(double top, double base, double[] topHeat) {
        int last = (nz - 1) * nx;
        for (int x = 0; x < nx; x++) {
            t[x] = (stored[x] * t[x] + baseLoss[x] * base) * columnInverse[x];
        }
        for (int i = nx; i < last; i++) {
            t[i] = (stored[i] * t[i] + upward[i - nx] * t[i - nx]) * columnInverse[i];
        }
        for (int x = 0, i = last; x < nx; x++, i++) {
            t[i] = (stored[i] * t[i] + upward[i - nx] * t[i - nx] + topLoss[x] * top + topHeat[x]) * columnInverse[i];
        }
        for (int i = last - 1; i >= 0; i--) {
            t[i] += columnRatio[i] * t[i + nx];
        }
        double joules = 0;
        for (int x = 0; x < nx; x++) {
            joules += dt * (baseLoss[x] * (base - t[x]) + topLoss[x] * (top - t[last + x]) + topHeat[x]);
        }
        return joules;
    }
}
