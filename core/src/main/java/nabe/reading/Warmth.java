package nabe.reading;

import java.util.List;
import nabe.measure.Amount;
import nabe.recipe.Procedure.GoesIn;
import org.jspecify.annotations.Nullable;

/** How warm a dish is that was never chilled: eggs cooled under the tap do not cool the mash over them. */
final class Warmth {
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
        boolean itself = pot.steps.stream()
                .anyMatch(s -> s.action().equals("cool") || s.words().contains("room temperature"));
        return itself || kitchen.pots.stream().anyMatch(p -> p.pots.containsKey(pot) && isCooled(p));
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
