package nabe.build;

/**
 * A baking dish, by its inside sizes in whole millimetres.
 *
 * @param lengthMm longer side or long axis; for a round pan its diameter
 * @param widthMm shorter side or short axis; for a round pan its diameter
 * @param depthMm from the base to the rim
 */
public record Pan(Shape shape, int lengthMm, int widthMm, int depthMm, Material material) {
    private static final int SMALLEST_SIDE = 80;
    private static final int LARGEST_SIDE = 700;
    private static final int SHALLOWEST = 20;
    private static final int DEEPEST = 200;

    /** @throws IllegalArgumentException for a pan no kitchen has */
    public Pan {
        check("length", lengthMm, SMALLEST_SIDE, LARGEST_SIDE);
        check("width", widthMm, SMALLEST_SIDE, LARGEST_SIDE);
        check("depth", depthMm, SHALLOWEST, DEEPEST);
    }

    private static void check(String side, int mm, int low, int high) {
        if (mm < low || mm > high) {
            throw new IllegalArgumentException("The pan's " + side + " (" + mm + " mm) must be between " + low + " and "
                    + high + " mm. Maybe it was meant in centimetres: 23 cm is 230 mm.");
        }
    }

    public static Pan rectangle(int lengthMm, int widthMm, int depthMm, Material material) {
        return new Pan(Shape.RECTANGLE, Math.max(lengthMm, widthMm), Math.min(lengthMm, widthMm), depthMm, material);
    }

    public static Pan round(int diameterMm, int depthMm, Material material) {
        return new Pan(Shape.ROUND, diameterMm, diameterMm, depthMm, material);
    }

    /** @return inside area in square millimetres */
    public double areaMm2() {
        double box = (double) lengthMm * widthMm;
        return shape == Shape.RECTANGLE ? box : box * Math.PI / 4;
    }

    /** @return litres to the rim */
    public double litres() {
        return areaMm2() * depthMm / 1e6;
    }
}
