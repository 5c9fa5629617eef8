package nabe.bake.heat;

import nabe.larder.Figures;

/** What passes between the oven and the dish's three faces: convection and radiation, and foil's gap. W/(m² K), °C. */
final class Faces {
    private static final double STEFAN_BOLTZMANN = 5.670e-8;
    private static final double KELVIN = 273.15;
    private static final double FOOD_EMISSIVITY = Surfaces.emissivity("food");
    private static final double FOIL_EMISSIVITY = Surfaces.emissivity("foil");
    private static final double GAP = Figures.of("bake.under-foil");
    private static final double GRILL = Figures.of("bake.grill-throws");

    private static final double BASE_CONVECTION = Figures.of("bake.base-convection");
    private static final double REST_CONVECTION = Figures.of("bake.rest-convection");
    private static final double REST_BASE = Figures.of("bake.rest-base");
    private static final double HIGH_SHELF = Figures.of("bake.high-shelf");
    private final Section section;
    private final Conduction heat;
    private final Skin skin;
    private final OvenAir air;
    private final double wall;
    private final double shelf;

    Faces(HeatDish dish, Section section, Conduction heat, Skin skin, OvenAir air) {
        this.section = section;
        this.heat = heat;
        this.skin = skin;
        this.air = air;
        wall = dish.wall().emissivity();
        shelf = air.topShelf() ? HIGH_SHELF : 1;
    }

    void set(HeatPhase phase, double around) {
        double h = phase.resting() ? OvenAir.FREE * REST_CONVECTION : air.convection();
        int last = (section.nz - 1) * section.nx;
        for (int x = 0; x < section.nx; x++) {
            double area = section.rowArea[x];
            heat.topLoss[x] = area / (1 / top(phase, h, around, heat.t[last + x]) + section.halfTop(x, heat));
            heat.baseLoss[x] = area
                    * (BASE_CONVECTION * h + wall * radiation(around, heat.t[x]))
                    * (phase.resting() ? REST_BASE : 1);
        }
        for (int z = 0; z < section.nz; z++) {
            int i = z * section.nx + section.nx - 1;
            heat.sideLoss[z] = section.sideArea[z] * (h + wall * radiation(around, heat.t[i]));
        }
        skin.openness = phase.covered() || phase.resting() ? 0 : h;
        skin.lossToAir = phase.covered() ? 0 : h + shelf * FOOD_EMISSIVITY * radiation(around, heat.t[last]);
    }

    private double top(HeatPhase phase, double h, double around, double celsius) {
        double radiated = radiation(around, celsius);
        return phase.covered()
                ? 1 / (1 / (h + FOIL_EMISSIVITY * radiated) + 1 / GAP)
                : h + shelf * FOOD_EMISSIVITY * radiated;
    }

    /** @return W/m² that the food takes from a grill */
    static double grill(HeatPhase phase) {
        return phase.grill() ? GRILL * FOOD_EMISSIVITY : 0;
    }

    /** W/(m² K) of radiation between surroundings and surface. */
    private static double radiation(double a, double b) {
        double ka = a + KELVIN;
        double kb = Math.max(b, -60) + KELVIN;
        return STEFAN_BOLTZMANN * (ka * ka + kb * kb) * (ka + kb);
    }
}
