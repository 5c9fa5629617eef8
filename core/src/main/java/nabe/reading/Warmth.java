package nabe.reading;

import java.util.List;
import java.util.regex.Pattern;
import nabe.larder.Figures;
import nabe.measure.Amount;
import nabe.recipe.Procedure.GoesIn;
import nabe.recipe.Procedure.Step;
import org.jspecify.annotations.Nullable;

/** How warm a dish is that was never chilled: eggs cooled under the tap do not cool the mash over them. */
final class Warmth {
    private static final double BRIEFLY = Figures.of("reading.briefly");

    private static final Pattern A_LITTLE =
            Pattern.compile("\\b(?:a (?:little|bit|touch)|slightly|briefly|to handle)\\b", Pattern.CASE_INSENSITIVE);
    private final Kitchen kitchen;
    private final Dish dish;

    Warmth(Kitchen kitchen, Dish dish) {
        this.kitchen = kitchen;
        this.dish = dish;
    }

    /** @return null where nothing in it was cooked before */
    @Nullable
    GoesIn goesIn() {
        List<Pot> hot = kitchen.pots.stream()
                .filter(p -> Mixing.isHot(p) && (dish.holds(p) || p.given > 0))
                .toList();
        if (hot.isEmpty()) {
            return null;
        }
        double cooled =
                hot.stream().filter(this::isCooled).mapToDouble(this::grams).sum();
        double all = hot.stream().mapToDouble(this::grams).sum();
        return cooled > 0 && cooled >= all / 2 ? GoesIn.ROOM : GoesIn.HOT;
    }

    private boolean isCooled(Pot pot) {
        boolean itself = pot.steps.stream().anyMatch(Warmth::cools);
        return itself || kitchen.pots.stream().anyMatch(p -> p.pots.containsKey(pot) && isCooled(p));
    }

    private static boolean cools(Step step) {
        boolean soon = step.minutes() != null && step.minutes().max() <= BRIEFLY
                || A_LITTLE.matcher(step.words()).find();
        return step.words().contains("room temperature") || step.action().equals("cool") && !soon;
    }

    /** What went straight in; pots that went in count for themselves. */
    private double grams(Pot pot) {
        return pot.lines.entrySet().stream()
                .mapToDouble(
                        e -> e.getValue() * grams(kitchen.lines.get(e.getKey()).grams()))
                .sum();
    }

    private static double grams(@Nullable Amount amount) {
        return amount == null ? 0 : amount.mid();
    }
}
