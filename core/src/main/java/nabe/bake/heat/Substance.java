package nabe.bake.heat;

/**
 * Thermal properties of the components of food. Source: Choi and Okos (1986), Effects of temperature and composition on the thermal
 * properties of foods. T in °C, -40 to 150; used as they stand a little beyond.
 */
enum Substance {
    WATER(new double[] {0.57109, 1.7625e-3, -6.7036e-6}, new double[] {997.18, 3.1439e-3, -3.7574e-3}, new double[] {
        4176.2, -9.0864e-2, 5.4731e-3
    }),
    ICE(new double[] {2.2196, -6.2489e-3, 1.0154e-4}, new double[] {916.89, -0.13071, 0}, new double[] {
        2062.3, 6.0769, 0
    }),
    PROTEIN(new double[] {0.17881, 1.1958e-3, -2.7178e-6}, new double[] {1329.9, -0.5184, 0}, new double[] {
        2008.2, 1.2089, -1.3129e-3
    }),
    FAT(new double[] {0.18071, -2.7604e-4, -1.7749e-7}, new double[] {925.59, -0.41757, 0}, new double[] {
        1984.2, 1.4733, -4.8008e-3
    }),
    CARBOHYDRATE(new double[] {0.20141, 1.3874e-3, -4.3312e-6}, new double[] {1599.1, -0.31046, 0}, new double[] {
        1548.8, 1.9625, -5.9399e-3
    }),
    FIBRE(new double[] {0.18331, 1.2497e-3, -3.1683e-6}, new double[] {1311.5, -0.36589, 0}, new double[] {
        1845.9, 1.8306, -4.6509e-3
    }),
    ASH(new double[] {0.32962, 1.4011e-3, -2.9069e-6}, new double[] {2423.8, -0.28063, 0}, new double[] {
        1092.6, 1.8896, -3.6817e-3
    });

    private static final double COLDEST = -40;
    private static final double HOTTEST = 150;
    private final double[] k;
    private final double[] rho;
    private final double[] c;

    Substance(double[] k, double[] rho, double[] c) {
        this.k = k;
        this.rho = rho;
        this.c = c;
    }

    /** @return W/(m K) */
    double conductivity(double celsius) {
        return at(k, celsius);
    }

    /** @return kg/m³ */
    double density(double celsius) {
        return at(rho, celsius);
    }

    /** @return J/(kg K) */
    double heatCapacity(double celsius) {
        return at(c, celsius);
    }

    private static double at(double[] poly, double celsius) {
        double t = Math.clamp(celsius, COLDEST, HOTTEST);
        return poly[0] + t * (poly[1] + t * poly[2]);
    }
}
