package nabe.swap;

import java.util.ArrayList;
import java.util.List;
import nabe.larder.Figures;
import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.larder.Shapes;
import nabe.larder.Thickeners;
import nabe.recipe.Part;

/** Finds how much of each component does the work of what it replaces. Grams in, grams out. */
final class SwapArithmetic {
    static final double EGG_GRAMS = Figures.of("swap.egg");
    /** One lasagna sheet; kitchen practice. */
    private static final double USUAL_SHEET_MM2 = 180 * 88.0;

    private static final double SLICE_COVER = Figures.of("swap.slice-cover");
    private static final double SLICE_G_PER_ML = Figures.of("swap.slice-density");

    private static final double LEAST = Figures.of("swap.least-portion");
    private static final double LEAST_FAT_GAP = Figures.of("swap.least-fat-gap");

    private final Larder larder;
    private final Thickeners thickeners;
    private final Techniques techniques;
    private final Shapes shapes;

    SwapArithmetic(Larder larder, Thickeners thickeners, Techniques techniques, Shapes shapes) {
        this.shapes = shapes;
        this.larder = larder;
        this.thickeners = thickeners;
        this.techniques = techniques;
    }

    /** What one component comes to. */
    record Portion(Ingredient ingredient, double grams) {}

    /**
     * @param grams of the thing replaced, zero or more; {@code mixture} grams of all it is mixed with, itself among them
     * @return a portion each component, crumbs left out
     */
    List<Portion> portions(SwapRule rule, Ingredient from, double grams, double mixture, Part part) {
        List<Portion> portions = new ArrayList<>();
        double fatSoFar = 0;
        for (SwapRule.Component component : rule.becomes()) {
            Ingredient to = larder.get(component.use());
            double amount = component.ratio()
                    * switch (component.by()) {
                        case "volume" -> grams / density(from) * density(to);
                        case "thickening" -> grams * thickeners.of(from) / thickeners.of(to);
                        case "fat" ->
                            grams * from.composition().fat() / to.composition().fat();
                        case "fat-gap" ->
                            Math.max(0, grams * from.composition().fat() - fatSoFar)
                                    / to.composition().fat();
                        case "piece" -> grams / piece(from) * piece(to);
                        case "egg" -> grams / eggOf(from);
                        case "area" -> pieces(from, grams) * areaMm2(from) * SLICE_G_PER_ML / 1000;
                        case "cooked" -> grams * techniques.of(from, part) / techniques.of(to, part);
                        case "mixture" -> mixture;
                        default -> grams;
                    };
            fatSoFar += amount * to.composition().fat();
            double least = component.by().equals("fat-gap") ? LEAST_FAT_GAP : LEAST;
            if (amount >= least || grams == 0) {
                portions.add(new Portion(to, amount));
            }
        }
        return portions;
    }

    private static double eggOf(Ingredient egg) {
        return egg.role().equals("egg") ? EGG_GRAMS : egg.pieceGrams("each").orElse(EGG_GRAMS);
    }

    private static double pieces(Ingredient sheets, double grams) {
        return grams / piece(sheets);
    }

    /** Slices of {@code ratio} mm thickness over this area make ratio x area in mm³, 1000 of them a millilitre. */
    private double areaMm2(Ingredient sheets) {
        return shapes.of(sheets).map(s -> s.longMm() * s.shortMm()).orElse(USUAL_SHEET_MM2) * SLICE_COVER;
    }

    private static double density(Ingredient ingredient) {
        return ingredient.gramsPerMl().orElse(1);
    }

    /** Sheets of any make are cut to much the same size, so the same count covers the same area. */
    private static double piece(Ingredient ingredient) {
        return ingredient
                .pieceGrams("sheet")
                .orElse(ingredient.pieceGrams("each").orElse(1));
    }
}
