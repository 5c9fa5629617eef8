package nabe.prep;

import java.util.List;
import java.util.Optional;
import nabe.larder.Figures;
import nabe.measure.KitchenText;
import nabe.recipe.Part;
import nabe.swap.Ahead;
import nabe.swap.ConvertedLine;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Mixing the flour of the structure: a poured batter, a raised topping, or a crust. Ratios and minutes: kitchen practice. */
final class DoughStep {
    private static final double LEAST_FLOUR_GRAMS = Figures.of("prep.dough-from");
    private static final double POURS = Figures.of("prep.batter-from");
    private static final double SHORT = Figures.of("prep.crust-from");

    private static final double FAT_PERCENT = 50;

    private DoughStep() {}

    /** @return empty where the structure is no dough */
    static Optional<PrepStep> of(List<ConvertedLine> lines) {
        List<ConvertedLine> dough = lines.stream()
                .filter(l -> l.part() == Part.STRUCTURE && l.ingredient() != null)
                .toList();
        double flour = grams(dough.stream().filter(DoughStep::isFloury).toList());
        if (flour < LEAST_FLOUR_GRAMS) {
            return Optional.empty();
        }
        double wet = grams(dough.stream()
                .filter(l -> l.food().isLiquid() || has(l, "egg") || has(l, "binder"))
                .toList());
        double fat = grams(dough.stream()
                .filter(l -> l.food().composition().fat() > FAT_PERCENT)
                .toList());
        boolean raised = dough.stream().anyMatch(l -> has(l, "leavening") || has(l, "flour-raising"));
        String amount = Messages.say("prep.of-the-dry-things", KitchenText.grams(flour));
        double all = grams(dough);
        if (raised) {
            return Optional.of(step(
                    Messages.say("prep.mix-the-topping-just-before-it", amount),
                    Messages.say("prep.topping-dough"),
                    Messages.say("prep.no-dry-flour-shows-it-drops"),
                    8,
                    0,
                    all,
                    null));
        }
        if (wet >= POURS * flour) {
            return Optional.of(step(
                    Messages.say("prep.whisk-the-batter-smooth-from-and", amount, KitchenText.grams(wet)),
                    "batter",
                    Messages.say("prep.it-pours-like-cream"),
                    5,
                    20,
                    all,
                    new Ahead(1, Ahead.Way.FRIDGE)));
        }
        return fat < SHORT * flour
                ? Optional.empty()
                : Optional.of(step(
                        Messages.say("prep.make-the-crust-rub-of-cold", KitchenText.grams(fat), amount),
                        "crust",
                        Messages.say("prep.it-holds-when-pressed-and-does"),
                        12,
                        30,
                        all,
                        new Ahead(2, Ahead.Way.WRAPPED)));
    }

    private static boolean isFloury(ConvertedLine line) {
        return has(line, "flour") || has(line, "starch") || has(line, "flour-raising");
    }

    private static boolean has(ConvertedLine line, String role) {
        return line.food().roles().contains(role);
    }

    private static double grams(List<ConvertedLine> lines) {
        return lines.stream().mapToDouble(ConvertedLine::gramsOrZero).sum();
    }

    private static PrepStep step(
            String text, String item, String sign, int active, int passive, double grams, @Nullable Ahead ahead) {
        return PrepStep.own(
                "dough",
                null,
                item,
                Part.STRUCTURE,
                text,
                sign,
                active,
                passive,
                grams,
                grams,
                "bowl",
                null,
                ahead,
                Prepper.SILENT);
    }
}
