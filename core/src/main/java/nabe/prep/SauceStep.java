package nabe.prep;

import java.util.List;
import java.util.Optional;
import nabe.house.Schools;
import nabe.measure.KitchenText;
import nabe.recipe.Part;
import nabe.swap.ConvertedLine;

/** Making the thickened white sauce: a roux of flour, or starch stirred in cold. Minutes: kitchen practice. */
final class SauceStep {
    private static final double LEAST_LIQUID_GRAMS = 150;
    private static final double FAT_PERCENT = 50;
    private static final int ROUX_MINUTES = 12;
    private static final int SLURRY_MINUTES = 8;

    private SauceStep() {}

    /** @return empty where the dish has no white sauce of liquid and thickener */
    static Optional<PrepStep> of(List<ConvertedLine> lines, Schools schools) {
        List<ConvertedLine> sauce = lines.stream()
                .filter(l -> l.part() == Part.WHITE_SAUCE && l.ingredient() != null)
                .toList();
        double liquid = sauce.stream()
                .filter(l -> l.food().isLiquid())
                .mapToDouble(ConvertedLine::gramsOrZero)
                .sum();
        Optional<ConvertedLine> flour = thickener(sauce, "flour");
        Optional<ConvertedLine> starch = thickener(sauce, "starch");
        if (liquid < LEAST_LIQUID_GRAMS || flour.isEmpty() && starch.isEmpty()) {
            return Optional.empty();
        }
        boolean fat = sauce.stream().anyMatch(l -> l.food().composition().fat() > FAT_PERCENT);
        boolean roux = fat && flour.isPresent() && !schools.is("white-sauce", "slurry");
        ConvertedLine thick = flour.or(() -> starch).orElseThrow();
        double all = sauce.stream().mapToDouble(ConvertedLine::gramsOrZero).sum();
        return Optional.of(PrepStep.own(
                "sauce",
                null,
                "white sauce",
                Part.WHITE_SAUCE,
                words(roux, KitchenText.grams(thick.gramsOrZero()) + " " + thick.item(), KitchenText.grams(liquid)),
                "It coats the back of a spoon, and a finger's track stays.",
                roux ? ROUX_MINUTES : SLURRY_MINUTES,
                0,
                all,
                all,
                "saucepan",
                "medium",
                "2 days ahead, paper on its face; whisk it warm",
                Prepper.SILENT));
    }

    private static Optional<ConvertedLine> thickener(List<ConvertedLine> sauce, String role) {
        return sauce.stream()
                .filter(l -> l.food().roles().contains(role) && l.gramsOrZero() > 0)
                .findFirst();
    }

    private static String words(boolean roux, String thickener, String liquid) {
        return roux
                ? "Make the white sauce: cook " + thickener + " in the fat 1-2 min, whisk in the " + liquid
                        + " of liquid bit by bit, simmer 5 min."
                : "Make the white sauce: stir " + thickener + " into some of the " + liquid
                        + " of liquid, cold; heat the rest, stir it in, and stop when it thickens.";
    }
}
