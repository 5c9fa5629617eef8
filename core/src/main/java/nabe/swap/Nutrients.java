package nabe.swap;

import java.util.List;
import nabe.larder.Composition;
import nabe.larder.Properties;
import nabe.recipe.Part;

/** Grams of water, salt and fat that something brings; water less what it drinks while baking (properties.csv). */
record Nutrients(double water, double salt, double fat) {
    static final Nutrients NONE = new Nutrients(0, 0, 0);

    /** @param part where it works: what cooks off there before the dish is built is water it does not bring */
    static Nutrients of(
            List<SwapArithmetic.Portion> portions, Part part, Properties properties, Techniques techniques) {
        Nutrients sum = NONE;
        for (SwapArithmetic.Portion portion : portions) {
            sum = sum.plus(of(portion, part, properties, techniques));
        }
        return sum;
    }

    private static Nutrients of(
            SwapArithmetic.Portion portion, Part part, Properties properties, Techniques techniques) {
        double cookedOff = 100 * Math.max(0, 1 - techniques.of(portion.ingredient(), part));
        Composition c = portion.ingredient().composition();
        double drinks = properties.mid(portion.ingredient(), "absorption").orElse(0);
        double share = portion.grams() / 100;
        return new Nutrients(
                (Math.max(0, c.water() - cookedOff) - drinks) * share, c.saltGramsPer100() * share, c.fat() * share);
    }

    private Nutrients plus(Nutrients other) {
        return new Nutrients(water + other.water, salt + other.salt, fat + other.fat);
    }

    Nutrients minus(Nutrients other) {
        return new Nutrients(water - other.water, salt - other.salt, fat - other.fat);
    }
}
