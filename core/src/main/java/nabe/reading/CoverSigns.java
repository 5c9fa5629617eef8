package nabe.reading;

import java.util.List;
import java.util.Set;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Clause.Cover;
import nabe.reading.grammar.KitchenWords;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb.Effect;

/** While the dish is built: whose cover, lid, rim or brush a clause speaks of. */
final class CoverSigns {
    private static final Set<String> COLD_VERBS = Set.of("chill", "refrigerate", "cool");

    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final List<Clause> clauses;

    CoverSigns(Scene scene, List<Clause> clauses) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.clauses = clauses;
    }

    /** "Cover and chill overnight": that cover is off again when it bakes, unless it is then taken off. */
    boolean isForTheFridge(Clause clause) {
        List<Clause> rest = clauses.subList(kitchen.clause, clauses.size());
        return clause.cover() == Cover.ON
                && rest.stream().filter(c -> c.sentence() == clause.sentence()).anyMatch(CoverSigns::chills)
                && rest.stream().noneMatch(c -> c.sentence() == clause.sentence() && c.does(Effect.BAKE))
                && rest.stream().skip(1).noneMatch(c -> c.cover() == Cover.OFF);
    }

    /** "Add the leeks, cover and sweat for 8 mins", while the thighs lie in the dish: that lid is the pan's. */
    boolean isOfPanInHand(Clause clause) {
        Pot pot = kitchen.current;
        return clause.base().equals("cover")
                && pot != null
                && !pot.steps.isEmpty()
                && pot.steps.getLast().sentence() == clause.sentence()
                && Mixing.isHot(pot)
                && !dish.holds(pot);
    }

    private static boolean chills(Clause clause) {
        boolean verb = COLD_VERBS.contains(clause.base());
        return verb || clause.says("fridge", "refrigerator", "overnight", "cold");
    }

    /** "Roll the rest, cover", "roll the rest for the lid" and no word of laying it: it is the lid. */
    boolean closesWithRest(Clause clause, List<Named> nouns) {
        boolean covers = nouns.stream()
                .anyMatch(n -> n.is(Kind.LID) && Tokens.has(n.slot().tokens(), "cover"));
        return clause.base().startsWith("roll")
                && (covers || clause.says("lid") && !laysLidNext())
                && nouns.stream().anyMatch(n -> n.is(Kind.POT) && n.portion().is(Portion.Kind.REST));
    }

    private boolean laysLidNext() {
        return clauses.subList(kitchen.clause + 1, clauses.size()).stream()
                .takeWhile(c -> !c.does(Effect.BAKE))
                .anyMatch(c -> c.does(Effect.PLACE, Effect.COVER, Effect.JOIN)
                        && (c.says("lid", "pastry", "crust") || c.says(KitchenWords.Use.PRONOUN)));
    }

    /** "Brush each sheet of filo with butter, scrunch it up and sit it on top": not laid yet. */
    boolean brushesFresh(Clause clause, List<Named> nouns) {
        return clause.base().equals("brush")
                && nouns.stream()
                        .filter(n -> n.slot().lead() == Lead.NONE)
                        .findFirst()
                        .filter(n -> n.is(Kind.LINES) && n.lines().stream().allMatch(l -> kitchen.left[l] > 0.99))
                        .isPresent();
    }

    /** "Some of the egg", which comes to the top with the rest. */
    private static boolean isBitOf(Named noun) {
        return Tokens.has(noun.slot().tokens(), "some", "little", "bit");
    }

    /** "Tidy the edge"; "cut a strip to go round the lip, stick it on with egg": of the lid, and no layer of its own. */
    boolean isRim(Clause clause, List<Named> nouns) {
        boolean tidied = clause.says("rim", "edge", "border", "lip")
                && clause.does(Effect.PREP)
                && nouns.stream().noneMatch(n -> n.slot().lead() == Lead.WITH && n.isFood() && !isBitOf(n));
        if (tidied && clause.says("strip")) {
            scene.rimSentence = clause.sentence();
        }
        return tidied
                || clause.sentence() == scene.rimSentence
                        && nouns.stream().anyMatch(n -> n.is(Kind.PRONOUN))
                        && !clause.does(Effect.PLACE);
    }
}
