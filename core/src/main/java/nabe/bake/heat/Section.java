package nabe.bake.heat;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** The cross-section cut into cells: food from the middle (x = 0) to the wall, base wall below (row 0), side wall outermost. */
public final class Section {
    private static final double OF_ONE_RADIAN = 1;
    final int nx;
    final int nz;
    final boolean freezes;
    /** m³ by cell, kg of water by cell; for a round dish of one radian of it, else of one metre of its length. */
    final double[] volume;

    final double[] water;
    /** m² seen from above by column, m² of the outer wall by row. */
    final double[] rowArea;

    final double[] sideArea;
    private final double[] waterStart;
    private final ThermalTable[] rows;
    private final ThermalTable wall;
    private final boolean[] topping;
    /** How far vapour and juices wander, 0 to 1, by row. */
    private final double[] open;

    /** The least open row on the way from a row to another. */
    private final double[][] way;

    private final int[] layerOf;
    /** kg/m³ of water that each layer brings to a row. */
    private final double[][] waterOf;

    private final double dx;
    private final double dz;
    private final double thickness;
    private final boolean round;
    private final double[] k;

    /** @param foodX, foodZ cells of food across and up */
    public Section(HeatDish dish, int foodX, int foodZ) {
        nx = foodX + 1;
        nz = foodZ + 1;
        dx = dish.halfWidth() / foodX;
        dz = dish.height() / foodZ;
        round = dish.round();
        thickness = dish.wall().thickness();
        wall = new ThermalTable(dish.wall().conductivity(), dish.wall().capacity());
        rows = new ThermalTable[nz];
        topping = new boolean[nz];
        open = new double[nz];
        layerOf = new int[nz];
        waterOf = new double[nz][dish.layers().size()];
        volume = new double[nx * nz];
        water = new double[nx * nz];
        waterStart = new double[nx * nz];
        k = new double[nx * nz];
        rowArea = new double[nx];
        sideArea = new double[nz];
        areas();
        boolean icy = false;
        for (int z = 1; z < nz; z++) {
            Foodstuff stuff = mixed(dish.layers(), (z - 1) * dz, z * dz, z);
            rows[z] = new ThermalTable(stuff, open[z]);
            icy |= stuff.ice(-10) > 0.01;
            for (int x = 0; x < nx - 1; x++) {
                waterStart[z * nx + x] = stuff.water() * stuff.packed() * volume[z * nx + x];
            }
        }
        freezes = icy;
        way = ways();
        reset();
    }

    private double[][] ways() {
        double[][] least = new double[nz][nz];
        for (int from = 1; from < nz; from++) {
            least[from][from] = open[from];
            for (int z = from + 1; z < nz; z++) {
                least[from][z] = Math.min(z == from + 1 ? 1 : least[from][z - 1], open[z]);
            }
            for (int z = from - 1; z >= 1; z--) {
                least[from][z] = Math.min(z == from - 1 ? 1 : least[from][z + 1], open[z]);
            }
        }
        return least;
    }

    void reset() {
        System.arraycopy(waterStart, 0, water, 0, water.length);
    }

    private void areas() {
        for (int x = 0; x < nx; x++) {
            double inner = x * dx;
            double outer = x == nx - 1 ? inner + thickness : inner + dx;
            rowArea[x] = round ? OF_ONE_RADIAN * (outer * outer - inner * inner) / 2 : outer - inner;
        }
        double rim = (nx - 1) * dx + thickness;
        for (int z = 0; z < nz; z++) {
            double high = z == 0 ? thickness : dz;
            sideArea[z] = high * (round ? OF_ONE_RADIAN * rim : 1);
            for (int x = 0; x < nx; x++) {
                volume[z * nx + x] = rowArea[x] * high;
            }
        }
    }

    /** What lies between two heights: layers by their share of it. */
    private Foodstuff mixed(List<HeatLayer> layers, double from, double to, int z) {
        double[] kg = new double[6];
        double bottom = 0;
        double thickest = 0;
        for (int l = 0; l < layers.size(); l++) {
            HeatLayer layer = layers.get(l);
            double part = Math.min(to, bottom + layer.height()) - Math.max(from, bottom);
            bottom += layer.height();
            if (part <= 1e-12) {
                continue;
            }
            Foodstuff s = layer.stuff();
            double mass = part * s.packed();
            open[z] += layer.open() * part / (to - from);
            waterOf[z][l] = mass * s.water();
            double[] of = {s.water(), s.protein(), s.fat(), s.carbohydrate(), s.fibre(), s.ash()};
            for (int i = 0; i < kg.length; i++) {
                kg[i] += mass * of[i];
            }
            if (part > thickest) {
                thickest = part;
                layerOf[z] = l;
                topping[z] = layer.topping();
            }
        }
        double all = Arrays.stream(kg).sum();
        return new Foodstuff(
                kg[0] / all, kg[1] / all, kg[2] / all, kg[3] / all, kg[4] / all, kg[5] / all, all / (to - from));
    }

    double open(int z) {
        return open[z];
    }

    /** @return how far the way is open from a row to another, the first not counted */
    double way(int from, int to) {
        return way[from][to];
    }

    boolean isTopping(int z) {
        return topping[z];
    }

    /** @return the row half way up this layer */
    int middleRow(HeatDish dish, int layer) {
        double below = dish.layers().subList(0, layer).stream()
                .mapToDouble(HeatLayer::height)
                .sum();
        return 1 + (int) Math.min(nz - 2, (below + dish.layers().get(layer).height() / 2) / dz);
    }

    ThermalTable table(int i) {
        int z = i / nx;
        return z == 0 || i % nx == nx - 1 ? wall : rows[z];
    }

    double enthalpy(int i, double celsius) {
        return table(i).enthalpy(celsius);
    }

    /** Sets capacities and conductances from the temperatures there are. */
    void conductances(Conduction heat) {
        for (int z = 0; z < nz; z++) {
            ThermalTable stuff = z == 0 ? wall : rows[z];
            int start = z * nx;
            for (int i = start; i < start + nx - 1; i++) {
                k[i] = stuff.conductivity(heat.t[i]);
                heat.capacity[i] = stuff.capacity(heat.t[i]) * volume[i];
            }
            int side = start + nx - 1;
            k[side] = wall.conductivity(heat.t[side]);
            heat.capacity[side] = wall.capacity(heat.t[side]) * volume[side];
        }
        for (int z = 0; z < nz; z++) {
            outward(heat, z);
            if (z < nz - 1) {
                upward(heat, z);
            }
        }
    }

    private void outward(Conduction heat, int z) {
        double high = z == 0 ? thickness : dz;
        for (int x = 0; x < nx - 1; x++) {
            int i = z * nx + x;
            double beside = x == nx - 2 ? thickness : dx;
            double face = high * (round ? OF_ONE_RADIAN * (x + 1) * dx : 1);
            heat.outward[i] = face * 2 * k[i] * k[i + 1] / (dx * k[i + 1] + beside * k[i]);
        }
    }

    private void upward(Conduction heat, int z) {
        double high = z == 0 ? thickness : dz;
        for (int x = 0; x < nx; x++) {
            int i = z * nx + x;
            heat.upward[i] = rowArea[x] * 2 * k[i] * k[i + nx] / (high * k[i + nx] + dz * k[i]);
        }
    }

    /** @return m² K/W from the middle of a top cell to its surface */
    double halfTop(int x, Conduction heat) {
        double conductivity = k[(nz - 1) * nx + x];
        return conductivity <= 0 ? 0 : dz / 2 / conductivity;
    }

    double waterNow() {
        double sum = 0;
        for (double w : water) {
            sum += w;
        }
        return sum;
    }

    double waterAtStart() {
        double sum = 0;
        for (double w : waterStart) {
            sum += w;
        }
        return sum;
    }

    /** @return share of each layer's first water that is gone, bottom to top; what a row lost is shared by what each brought */
    List<Double> dried() {
        double[] first = new double[waterOf[0].length];
        double[] gone = new double[first.length];
        for (int z = 1; z < nz; z++) {
            double was = 0;
            double is = 0;
            for (int i = z * nx; i < z * nx + nx - 1; i++) {
                was += waterStart[i];
                is += water[i];
            }
            double all = Arrays.stream(waterOf[z]).sum();
            for (int l = 0; l < first.length && all > 0; l++) {
                first[l] += was * waterOf[z][l] / all;
                gone[l] += (was - is) * waterOf[z][l] / all;
            }
        }
        return IntStream.range(0, first.length)
                .mapToObj(l -> first[l] <= 0 ? 0 : Math.clamp(gone[l] / first[l], 0.0, 1.0))
                .toList();
    }

    /** @return m² of food at the top */
    double topArea() {
        double sum = 0;
        for (int x = 0; x < nx - 1; x++) {
            sum += rowArea[x];
        }
        return sum;
    }

    /** Takes water (kg/m²) from the top row, evenly; @return what it had to give. */
    double giveUp(double perArea) {
        double given = 0;
        int last = (nz - 1) * nx;
        for (int x = 0; x < nx - 1; x++) {
            double off = Math.min(water[last + x], perArea * rowArea[x]);
            water[last + x] -= off;
            given += off;
        }
        return given / topArea();
    }

    /** @return kg/m³ of water in the top row */
    double topWater() {
        int last = (nz - 1) * nx;
        double kg = 0;
        for (int x = 0; x < nx - 1; x++) {
            kg += water[last + x];
        }
        return kg / (topArea() * dz);
    }
}
