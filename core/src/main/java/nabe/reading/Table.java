package nabe.reading;

import java.util.List;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Procedure.Fate;
import org.jspecify.annotations.Nullable;

/** What happens at table: garnish, what is eaten beside, what is frozen, and the rest before cutting. */
final class Table {
    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final Oven oven;
    private final OvenClock ovenClock;

    Table(Scene scene, OvenClock ovenClock) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.oven = scene.oven;
        this.ovenClock = ovenClock;
    }

    private @Nullable Pot focused() {
        return kitchen.focus.isEmpty() ? null : kitchen.focus.getFirst();
    }

    void atTable(Clause clause, List<Named> nouns) {
        boolean freezes = clause.does(Effect.FREEZE) || clause.says("freezer");
        for (Named noun : nouns) {
            if (noun.is(Kind.LINES)) {
                kitchen.outside.addAll(noun.lines());
            }
            Pot pot = noun.is(Kind.POT)
                    ? noun.pot()
                    : noun.is(Kind.PRONOUN) && noun.portion().isSaid() | freezes ? focused() : null;
            boolean apart = pot != null && (!dish.holds(pot) || noun.portion().isSaid());
            if (pot != null && apart) {
                pot.beside.put(freezes ? Fate.FROZEN : Fate.SERVED_BESIDE, noun.portion());
                kitchen.focusOn(pot);
            }
        }
        if (scene.stage == Scene.Stage.RESTED
                && (clause.does(Effect.BAKE, Effect.GRILL) || clause.says("oven"))
                && !clause.durations().isEmpty()
                && !freezes) {
            scene.stage = Scene.Stage.BAKING;
            ovenClock.clock(clause);
        } else if (ovenClock.isRest(clause) || scene.stage == Scene.Stage.RESTED && clause.verb() == null) {
            clause.durations().forEach(d -> oven.rest(d.minutes()));
        }
    }
}
