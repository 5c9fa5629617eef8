package nabe.reading;

import java.util.List;
import java.util.Set;
import nabe.larder.Figures;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Clause.Cover;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Verb.Effect;

/** Signs that tell whether the dish goes into the oven with a clause, or only something that is baked ahead. */
final class OvenSigns {
    private static final double NO_CRUST = Figures.of("reading.no-crust");

    private static final Set<String> BASES = Set.of("crust", "base", "case", "shell", "pastry");

    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final List<Clause> clauses;
    private final Meaning meaning;

    OvenSigns(Scene scene, List<Clause> clauses, Meaning meaning) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.clauses = clauses;
        this.meaning = meaning;
    }

    /** Whether a clause of the stove bakes the dish, where no other dish comes later. */
    boolean bakes(Clause clause, List<Named> nouns) {
        boolean bakes = clause.does(Effect.BAKE, Effect.GRILL)
                && nouns.stream().noneMatch(n -> n.is(Kind.LINES) || n.is(Kind.TRAY) || n.is(Kind.PAN))
                && !clause.says("side", "griddle")
                && !bakesOnTray(clause);
        boolean ahead = dish.all.isEmpty() && meaning.measuredDishAfter(kitchen.clause);
        return !ahead && (bakes || isDialAndTime(clause, nouns) || goesBack(clause, nouns));
    }

    /** "Back in the oven 15 min". */
    private static boolean goesBack(Clause clause, List<Named> nouns) {
        return clause.verb() == null
                && clause.says("oven")
                && clause.says("back")
                && !clause.durations().isEmpty()
                && nouns.stream().noneMatch(Named::isFood);
    }

    /** "350, 1 hr, middle rack": without a word that it bakes. */
    private static boolean isDialAndTime(Clause clause, List<Named> nouns) {
        return clause.verb() == null
                && clause.heat() != null
                && clause.durations().stream().anyMatch(d -> d.minutes().max() >= NO_CRUST)
                && nouns.stream().noneMatch(Named::isFood);
    }

    /** "Seeds, 200C 35 min": on top, and in with it. */
    static boolean laysAndBakes(Clause clause, List<Named> nouns) {
        return clause.verb() == null
                && clause.heat() != null
                && clause.durations().stream().anyMatch(d -> d.minutes().max() >= NO_CRUST)
                && nouns.stream().anyMatch(n -> n.is(Kind.LINES))
                && nouns.stream().noneMatch(n -> n.slot().lead() != Lead.NONE);
    }

    /** "Arrange on the baking sheets and bake 25 minutes", before anything lies in the dish. */
    private boolean bakesOnTray(Clause clause) {
        return clause.step() == scene.trayStep && dish.all.isEmpty() && meaning.anotherDishAfter(kitchen.clause);
    }

    /** "Place on a baking sheet and bake until pliable": what is in hand, while the dish waits with its first sauce. */
    boolean bakesFirst(Clause clause) {
        return clause.sentence() == scene.traySentence
                && !kitchen.focus.isEmpty()
                && kitchen.focus.stream().noneMatch(dish::holds)
                && clause.heat() == null;
    }

    /** "Bake the crust 8 minutes": the base by itself, and the dish after it. */
    boolean bakesBase(Clause clause) {
        boolean base = clause.does(Effect.BAKE)
                && clause.slots().stream()
                        .anyMatch(s -> s.lead() == Lead.NONE
                                && BASES.contains(s.tokens().getLast().key()));
        return clause.says("blind")
                || base
                        && !dish.all.isEmpty()
                        && clauses.subList(kitchen.clause + 1, clauses.size()).stream()
                                .dropWhile(c -> !c.does(Effect.PLACE))
                                .anyMatch(c -> c.does(Effect.BAKE));
    }

    /** "Mix all in the dish, cover, bake 45 min": that is no crust baked ahead. */
    boolean bakesWhereMixed(Clause clause) {
        boolean whole = clause.durations().stream().anyMatch(d -> d.minutes().max() >= NO_CRUST);
        return kitchen.current != null && kitchen.current == scene.mixedInDish && (isCoveredJustBefore() || whole);
    }

    /** "Cover with foil and bake": the cover is said in the clause before. */
    boolean isCoveredJustBefore() {
        Clause before = kitchen.clause > 0 ? clauses.get(kitchen.clause - 1) : null;
        return before != null
                && before.cover() == Cover.ON
                && before.sentence() == clauses.get(kitchen.clause).sentence();
    }

    /** "Cook in the oven for 2 hours" of a casserole that came from the stove, where no other dish follows. */
    boolean isCasseroles(Clause clause, List<Named> nouns) {
        boolean fromStove = scene.stoveware.contains("casserole") || scene.stoveware.contains("skillet");
        return fromStove
                && clause.says("oven")
                && !clause.durations().isEmpty()
                && kitchen.current != null
                && kitchen.current.worked
                && nouns.stream().noneMatch(n -> n.is(Kind.LINES))
                && clauses.subList(kitchen.clause + 1, clauses.size()).stream()
                        .flatMap(c -> c.slots().stream())
                        .noneMatch(s -> Vessels.in(s.tokens()) == Kind.DISH
                                && !scene.stoveware.contains(
                                        s.tokens().getLast().key()));
    }
}
