package nabe.bake.heat;

/**
 * Another way to bake a homogeneous dish, to hold the simulation against: explicit finite differences on a coarse grid, a straight dish, under
 * cover, nothing moving but heat. Slow, simple, and its own code.
 */
final class Explicit {
    private static final double STEFAN_BOLTZMANN = 5.67e-8;
    private static final double FOIL = 0.12;
    private static final double GAP = 60;
    private static final double BASE = 0.75;
    private static final double FREE = 7;
    private static final double BOILS = 100;
    private final Foodstuff food;
    private final Wall wall;
    private final int nx;
    private final int nz;
    private final double dx;
    private final double dz;
    private final double[][] t;

    Explicit(Foodstuff food, Wall wall, double height, double halfWidth, int nx, int nz, double start) {
        this.food = food;
        this.wall = wall;
        this.nx = nx;
        this.nz = nz;
        this.dx = halfWidth / nx;
        this.dz = height / nz;
        // row 0 is the base wall, column nx the side wall
        this.t = new double[nz + 1][nx + 1];
        for (double[] row : t) {
            java.util.Arrays.fill(row, start);
        }
    }

    /** @param oven °C of the air by seconds; @return minutes until the coldest food is at {@code core} */
    double minutesTo(double core, java.util.function.DoubleUnaryOperator oven) {
        double dt = 0.25;
        double seconds = 0;
        while (coldest() < core) {
            step(oven.applyAsDouble(seconds), dt);
            seconds += dt;
        }
        return seconds / 60;
    }

    private double coldest() {
        double low = Double.MAX_VALUE;
        for (int z = 1; z <= nz; z++) {
            for (int x = 0; x < nx; x++) {
                low = Math.min(low, t[z][x]);
            }
        }
        return low;
    }

    private void step(double air, double dt) {
        double[][] heat = new double[nz + 1][nx + 1];
        for (int z = 0; z <= nz; z++) {
            for (int x = 0; x <= nx; x++) {
                if (x < nx) {
                    flow(heat, z, x, z, x + 1, high(z) / (wide(x) / 2 / k(z, x) + wide(x + 1) / 2 / k(z, x + 1)));
                }
                if (z < nz) {
                    flow(heat, z, x, z + 1, x, wide(x) / (high(z) / 2 / k(z, x) + high(z + 1) / 2 / k(z + 1, x)));
                }
            }
        }
        for (int x = 0; x <= nx; x++) {
            double top = 1 / (1 / (FREE + FOIL * radiation(air, t[nz][x])) + 1 / GAP);
            heat[nz][x] += wide(x) * (air - t[nz][x]) / (1 / top + high(nz) / 2 / k(nz, x));
            heat[0][x] += wide(x) * (air - t[0][x]) * (BASE * FREE + wall.emissivity() * radiation(air, t[0][x]));
        }
        for (int z = 0; z <= nz; z++) {
            heat[z][nx] += high(z) * (air - t[z][nx]) * (FREE + wall.emissivity() * radiation(air, t[z][nx]));
        }
        for (int z = 0; z <= nz; z++) {
            for (int x = 0; x <= nx; x++) {
                t[z][x] += heat[z][x] * dt / (capacity(z, x) * high(z) * wide(x));
                t[z][x] = isWall(z, x) ? t[z][x] : Math.min(BOILS, t[z][x]);
            }
        }
    }

    private void flow(double[][] heat, int z, int x, int toZ, int toX, double conductance) {
        double q = conductance * (t[z][x] - t[toZ][toX]);
        heat[z][x] -= q;
        heat[toZ][toX] += q;
    }

    private boolean isWall(int z, int x) {
        return z == 0 || x == nx;
    }

    private double high(int z) {
        return z == 0 ? wall.thickness() : dz;
    }

    private double wide(int x) {
        return x == nx ? wall.thickness() : dx;
    }

    private double k(int z, int x) {
        return isWall(z, x) ? wall.conductivity() : food.conductivity(t[z][x]);
    }

    private double capacity(int z, int x) {
        return isWall(z, x) ? wall.capacity() : food.packed() * food.sensible(t[z][x]);
    }

    private static double radiation(double a, double b) {
        double ka = a + 273.15;
        double kb = b + 273.15;
        return STEFAN_BOLTZMANN * (ka * ka + kb * kb) * (ka + kb);
    }
}
