package nabe.build;

import nabe.build.lay.Outline;
import nabe.measure.WrongValueException;
import nabe.words.Messages;

/**
 * A baking dish, by its inside sizes in whole millimetres; or several small ones alike.
 *
 * @param lengthMm longer side or long axis at the rim; for a round pan its diameter
 * @param widthMm shorter side or short axis at the rim; for a round pan its diameter
 * @param depthMm from the base to the rim
 * @param baseLengthMm, baseWidthMm the same at the base: a tapered pan is narrower there
 * @param count how many such pans the dish is shared over, 1 to 24
 */
public record Pan(
        Shape shape,
        int lengthMm,
        int widthMm,
        int depthMm,
        Material material,
        int baseLengthMm,
        int baseWidthMm,
        int count) {
    private static final int SMALLEST_SIDE = 80;
    private static final int LARGEST_SIDE = 700;
    private static final int SHALLOWEST = 20;
    private static final int DEEPEST = 200;
    static final int MOST_PANS = 24;
    private static final int HALVINGS = 40;

    /** @throws WrongValueException for a pan no kitchen has */
    public Pan {
        check("length", lengthMm, SMALLEST_SIDE, LARGEST_SIDE);
        check("width", widthMm, SMALLEST_SIDE, LARGEST_SIDE);
        check("depth", depthMm, SHALLOWEST, DEEPEST);
        if (baseLengthMm > lengthMm
                || baseWidthMm > widthMm
                || baseLengthMm < lengthMm / 2
                || baseWidthMm < widthMm / 2) {
            throw new WrongValueException(Messages.say("build.the-pans-base-mm-must-be", baseLengthMm, baseWidthMm));
        }
        if (count < 1 || count > MOST_PANS) {
            throw new WrongValueException(Messages.say("build.the-number-of-pans-must-be", count));
        }
    }

    /** One pan with upright sides. */
    public Pan(Shape shape, int lengthMm, int widthMm, int depthMm, Material material) {
        this(shape, lengthMm, widthMm, depthMm, material, lengthMm, widthMm, 1);
    }

    private static void check(String side, int mm, int low, int high) {
        if (mm < low || mm > high) {
            throw new WrongValueException(Messages.say("build.the-pans-mm-must-be-between", side, mm, low, high));
        }
    }

    /** @return so many such pans */
    Pan times(int number) {
        return new Pan(shape, lengthMm, widthMm, depthMm, material, baseLengthMm, baseWidthMm, number);
    }

    /** @return the same pan made of something else */
    public Pan of(Material other) {
        return new Pan(shape, lengthMm, widthMm, depthMm, other, baseLengthMm, baseWidthMm, count);
    }

    /** @return one as wide, so deep */
    Pan deep(int mm) {
        return new Pan(shape, lengthMm, widthMm, mm, material, baseLengthMm, baseWidthMm, count);
    }

    public static Pan rectangle(int lengthMm, int widthMm, int depthMm, Material material) {
        return new Pan(Shape.RECTANGLE, Math.max(lengthMm, widthMm), Math.min(lengthMm, widthMm), depthMm, material);
    }

    public static Pan round(int diameterMm, int depthMm, Material material) {
        return new Pan(Shape.ROUND, diameterMm, diameterMm, depthMm, material);
    }

    /** @return inside area of all pans together half way up, in square millimetres */
    public double areaMm2() {
        return count * outlineAt(depthMm / 2.0).area();
    }

    /** @return inside area of all pans together at the rim, in square metres */
    public double openM2() {
        return count * outlineAt(depthMm).area() / 1e6;
    }

    /** The inside of one pan at this height above its base. */
    public Outline outlineAt(double heightMm) {
        double t = Math.clamp(heightMm / depthMm, 0, 1);
        return new Outline(
                shape != Shape.RECTANGLE,
                baseLengthMm + t * (lengthMm - baseLengthMm),
                baseWidthMm + t * (widthMm - baseWidthMm));
    }

    /** @return what all pans together hold up to this height, in cubic millimetres: Simpson's rule, exact for tapered sides */
    public double volumeTo(double heightMm) {
        double h = Math.clamp(heightMm, 0, depthMm);
        double beyond = Math.max(0, heightMm - depthMm) * outlineAt(depthMm).area();
        return count
                * (h
                                / 6
                                * (outlineAt(0).area()
                                        + 4 * outlineAt(h / 2).area()
                                        + outlineAt(h).area())
                        + beyond);
    }

    /** @return how high this volume stands, in millimetres; over the rim it goes on straight up */
    public double heightOf(double cubicMm) {
        double low = 0;
        double high = Math.max(depthMm, cubicMm / count / outlineAt(0).area());
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (volumeTo(middle) < cubicMm) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** @return litres up to the rim, all pans together */
    public double litres() {
        return volumeTo(depthMm) / 1e6;
    }
}
