package nabe.prep;

import java.util.List;
import java.util.Optional;
import nabe.house.Schools;
import nabe.larder.Figures;
import nabe.measure.KitchenText;
import nabe.recipe.Part;
import nabe.swap.Ahead;
import nabe.swap.ConvertedLine;
import nabe.words.Messages;

/** Making the thickened white sauce: a roux of flour, or starch stirred in cold. Minutes: kitchen practice. */
final class SauceStep {
    private static final double LEAST_LIQUID_GRAMS = Figures.of("prep.sauce-liquid");
    private static final double FAT_PERCENT = 50;
    private static final int ROUX_MINUTES = Figures.whole("prep.roux-minutes");
    private static final int SLURRY_MINUTES = Figures.whole("prep.slurry-minutes");

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
                Messages.say("prep.white-sauce"),
                Part.WHITE_SAUCE,
                words(roux, KitchenText.grams(thick.gramsOrZero()) + " " + thick.item(), KitchenText.grams(liquid)),
                Messages.say("prep.it-coats-the-back-of-a"),
                roux ? ROUX_MINUTES : SLURRY_MINUTES,
                0,
                all,
                all,
                "saucepan",
                "medium",
                new Ahead(2, Ahead.Way.PAPER),
                Prepper.SILENT));
    }

    private static Optional<ConvertedLine> thickener(List<ConvertedLine> sauce, String role) {
        return sauce.stream()
                .filter(l -> l.food().roles().contains(role) && l.gramsOrZero() > 0)
                .findFirst();
    }

    private static String words(boolean roux, String thickener, String liquid) {
        return roux
                ? Messages.say("prep.make-the-white-sauce-cook-in", thickener, liquid)
                : Messages.say("prep.make-the-white-sauce-stir-into", thickener, liquid);
    }
}
