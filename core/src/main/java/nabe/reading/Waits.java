package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nabe.larder.Figures;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Clause.Cover;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Procedure.Step;

/** The built dish stands: for a night in the fridge, or for ten minutes to firm up before more is laid on it. */
final class Waits {
    private static final double LONG = Figures.of("reading.long-wait-in-text");

    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final List<Wait> all = new ArrayList<>();

    Waits(Scene scene) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
    }

    /** The dish stands for a while, with {@code top} uppermost. */
    private record Wait(Pot pot, Step step, Dish.Placed top, Clause clause) {}

    void tellAmidLayers() {
        all.forEach(this::amidLayers);
    }

    /** "Leave it for 10 minutes to firm up", and more is laid on it: said of that layer, not of the dish. */
    private void amidLayers(Wait wait) {
        int at = dish.all.indexOf(wait.top);
        boolean more = at >= 0 && dish.all.stream().skip(at + 1L).anyMatch(p -> !p.late);
        boolean brief = wait.step.minutes() != null && wait.step.minutes().max() < LONG;
        if (more && brief) {
            wait.top.said.add(wait.clause);
        }
    }

    /** The pot that already has the words of the dish's night in the fridge. */
    private Optional<Pot> chilled() {
        return dish.all.stream()
                .map(p -> p.pot)
                .filter(p -> !p.steps.isEmpty()
                        && p.steps.getLast().uses().isEmpty()
                        && Set.of("refrigerate", "chill")
                                .contains(p.steps.getLast().action()))
                .findFirst();
    }

    /** "Cover and chill for 8 hours", "leave it for 10 minutes to firm up": time of what lies there. */
    boolean waits(Clause clause, List<Named> nouns) {
        boolean foods = nouns.stream().anyMatch(n -> n.is(Kind.LINES) || n.is(Kind.POT));
        boolean onStove = clause.does(Effect.HEAT, Effect.START, Effect.MIX, Effect.JOIN)
                || kitchen.current != null
                        && kitchen.focus.contains(kitchen.current)
                        && !dish.holds(kitchen.current)
                        && kitchen.current.number > scene.openedBefore;
        if (foods || clause.durations().isEmpty() || dish.all.isEmpty() || onStove) {
            return false;
        }
        boolean it = nouns.stream().anyMatch(n -> n.is(Kind.PRONOUN))
                || clause.base().equals("leave");
        Dish.Placed top = dish.all.getLast();
        Pot pot = it ? top.pot : chilled().orElse(dish.all.getFirst().pot);
        Step step = new Steps(kitchen)
                .of(clause, List.of(), clause.durations().getFirst().minutes());
        pot.steps.add(step);
        all.add(new Wait(pot, step, top, clause));
        scene.oven.cover(Cover.OFF);
        return true;
    }
}
