package nabe.bake.heat;

import nabe.larder.Figures;

/** One foodstuff's conductivity and heat over temperature, tabulated for speed: a value for every degree, going on straight above the last. */
final class ThermalTable {
    private static final double COLDEST = -30;
    private static final double STEP = 1;
    private static final int ROWS = 201;
    private static final double MOVING = Figures.of("bake.juices-stir");

    private static final double MOVES_FROM = Figures.of("bake.juices-stir-from");
    private static final double MOVES_WELL = Figures.of("bake.juices-stir-well");
    private final double[] k = new double[ROWS];
    private final double[] capacity = new double[ROWS];
    private final double[] enthalpy = new double[ROWS];

    /** Volumetric figures: W/(m K), J/(m³ K), J/m³ above -30 °C. @param open 0 to 1, see {@link HeatLayer} */
    ThermalTable(Foodstuff food, double open) {
        for (int i = 0; i < ROWS; i++) {
            double t = COLDEST + i * STEP;
            k[i] = food.conductivity(t)
                    * (1
                            + MOVING
                                    * open
                                    * Math.clamp((t - MOVES_FROM) / (MOVES_WELL - MOVES_FROM), 0, 1)
                                    * food.water());
            double before = t - STEP;
            double heat = food.packed()
                    * (food.sensible(t - STEP / 2) * STEP + Foodstuff.MELTING * (food.ice(before) - food.ice(t)));
            enthalpy[i] = i == 0 ? 0 : enthalpy[i - 1] + heat;
            capacity[i] = heat / STEP;
        }
        capacity[0] = capacity[1];
    }

    /** A stuff whose figures do not change, for the known solutions. */
    ThermalTable(double conductivity, double volumetricCapacity) {
        for (int i = 0; i < ROWS; i++) {
            k[i] = conductivity;
            capacity[i] = volumetricCapacity;
            enthalpy[i] = i * STEP * volumetricCapacity;
        }
    }

    /** A stuff that melts within a degree below {@code meltsAt}, for the known solutions. */
    ThermalTable(double conductivity, double volumetricCapacity, double volumetricMelting, double meltsAt) {
        this(conductivity, volumetricCapacity);
        for (int i = 1; i < ROWS; i++) {
            boolean melts = COLDEST + i * STEP == meltsAt;
            capacity[i] += melts ? volumetricMelting / STEP : 0;
            enthalpy[i] = enthalpy[i - 1] + capacity[i] * STEP;
        }
    }

    double conductivity(double t) {
        return k[row(t)];
    }

    /** @return apparent J/(m³ K): the melting of ice counted where it happens */
    double capacity(double t) {
        return capacity[Math.min(ROWS - 1, row(t) + 1)];
    }

    /** @return J/m³ above -30 °C */
    double enthalpy(double t) {
        double hottest = COLDEST + (ROWS - 1) * STEP;
        if (t > hottest) {
            return enthalpy[ROWS - 1] + (t - hottest) * capacity[ROWS - 1];
        }
        double x = (Math.clamp(t, COLDEST, hottest) - COLDEST) / STEP;
        int i = Math.min(ROWS - 2, (int) x);
        return enthalpy[i] + (x - i) * (enthalpy[i + 1] - enthalpy[i]);
    }

    /** @return °C after this much heat (J/m³) is put into what was at {@code before}: where ice melts no heat is lost on the way */
    double after(double before, double joules) {
        return celsius(enthalpy(before) + joules);
    }

    /** @return °C at this J/m³ */
    double celsius(double volumetric) {
        int low = 0;
        int high = ROWS - 1;
        while (high - low > 1) {
            int middle = (low + high) >>> 1;
            if (enthalpy[middle] > volumetric) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return COLDEST + STEP * (low + (volumetric - enthalpy[low]) / (enthalpy[high] - enthalpy[low]));
    }

    private static int row(double t) {
        return (int) Math.clamp((t - COLDEST) / STEP, 0, ROWS - 1);
    }
}
