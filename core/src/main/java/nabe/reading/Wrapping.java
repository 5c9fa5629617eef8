package nabe.reading;

import java.util.List;
import java.util.Set;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Verb.Effect;
import org.jspecify.annotations.Nullable;

/** Rolls, tubes and shells: what is filled with what. */
final class Wrapping {
    private final Scene scene;
    private final Kitchen kitchen;
    private final Dish dish;
    private final Laying laying;

    Wrapping(Scene scene, Laying laying) {
        this.scene = scene;
        this.kitchen = scene.kitchen;
        this.dish = scene.dish;
        this.laying = laying;
    }

    boolean fills(Clause clause, List<Named> nouns) {
        if (clause.does(Effect.ROLL) && scene.wrapper != null) {
            kitchen.focusOn(scene.wrapper);
            return nouns.stream().noneMatch(n -> n.is(Kind.LINES));
        }
        List<Named> foods = nouns.stream().filter(Named::isFood).toList();
        Named shell = foods.stream()
                .filter(n -> isWrapper(n)
                        && (clause.does(Effect.INSIDE)
                                || n.each() && n.slot().lead() != Lead.NONE
                                || isBetween(clause, n)))
                .findFirst()
                .orElse(null);
        boolean eachOne = nouns.stream()
                .anyMatch(n -> n.each() && n.is(Kind.UNKNOWN) && n.slot().lead() == Lead.OVER);
        boolean fills = clause.does(Effect.INSIDE) && !foods.isEmpty() || shell != null || eachOne;
        if (!fills) {
            return false;
        }
        if (shell == null) {
            shell = foods.stream()
                    .filter(n -> clause.does(Effect.INSIDE) && n.slot().lead() != Lead.WITH)
                    .findFirst()
                    .orElse(null);
        }
        boolean unknownEach = shell == null
                && nouns.stream()
                        .anyMatch(
                                n -> n.each() && n.is(Kind.UNKNOWN) && n.slot().lead() != Lead.NONE)
                && !foods.isEmpty();
        if (unknownEach) {
            return fillWraps(potOf(foods.getFirst()));
        }
        Named holder = shell;
        Named filling = foods.stream().filter(n -> n != holder).findFirst().orElse(null);
        Pot in = filling == null ? kitchen.current : potOf(filling);
        Pot out = holder == null ? null : potOf(holder);
        if (out == null || in == null || in == out) {
            return false;
        }
        out.inside = in;
        scene.wrapper = out;
        kitchen.focusOn(out);
        dish.refill(out);
        return true;
    }

    /** "Some filling on each one": on what can be wrapped round it. */
    private boolean fillWraps(@Nullable Pot in) {
        Pot out = null;
        for (Pot p : kitchen.pots) {
            boolean wraps = kitchen.isWrapper(p) || FoodClasses.shared().holds("pancake", kitchen.roles(p));
            out = p != in && wraps && !p.isEmpty() ? p : out;
        }
        if (out == null || in == null) {
            return false;
        }
        out.inside = in;
        scene.wrapper = out;
        kitchen.focusOn(out);
        return true;
    }

    private static boolean isBetween(Clause clause, Named n) {
        return n.slot().lead() == Lead.OVER
                && clause.verb() != null
                && Set.of("divide", "share", "split", "distribute")
                        .contains(clause.verb().base());
    }

    private boolean isWrapper(Named n) {
        if (n.is(Kind.LINES)) {
            return n.lines().stream().anyMatch(l -> Kitchen.WRAPPERS.contains(kitchen.role(l))) || n.each();
        }
        return n.is(Kind.POT) && n.pot() != null && (kitchen.isWrapper(n.pot()) || n.each());
    }

    private @Nullable Pot potOf(Named n) {
        if (n.pot() != null) {
            return n.pot();
        }
        if (n.is(Kind.PRONOUN)) {
            return kitchen.focus.isEmpty() ? kitchen.current : kitchen.focus.getFirst();
        }
        return n.lines().isEmpty() ? null : laying.laid(n.lines().getFirst(), Portion.ALL);
    }
}
