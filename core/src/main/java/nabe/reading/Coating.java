package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.recipe.Procedure.Of;
import org.jspecify.annotations.Nullable;

/** Slices that go through what stands ready in bowls: flour, beaten egg, crumbs; or are buttered. */
final class Coating {
    private static final Set<String> COATS = Set.of("dredge", "dip", "dunk", "coat", "roll");
    private static final Set<String> COATED = Set.of("poultry", "meat", "fish", "tofu");
    private static final Set<Lead> THROUGH = Set.of(Lead.IN, Lead.INTO, Lead.WITH);
    private static final double MUCH = 0.001;

    private final Kitchen kitchen;
    private final Dish dish;

    Coating(Kitchen kitchen, Dish dish) {
        this.kitchen = kitchen;
        this.dish = dish;
    }

    /** @param uses what went on as bought */
    record Coated(Pot slices, List<Of> uses) {}

    /** "Dredge each slice in the crumbs", "dip the aubergine in egg, then in crumbs". @return what was coated, or null */
    @Nullable
    Coated of(Clause clause, List<Named> nouns) {
        if (butters(clause, nouns, kitchen) && !kitchen.focus.isEmpty()) {
            return buttered(nouns);
        }
        boolean coats = COATS.contains(clause.base());
        List<Named> through = nouns.stream()
                .filter(n -> coats && n.isFood() && THROUGH.contains(n.slot().lead()))
                .toList();
        if (through.stream().noneMatch(this::standsReady)) {
            return null;
        }
        List<Of> uses = new ArrayList<>();
        Pot slices = coated(nouns, through, uses);
        if (slices == null) {
            return null;
        }
        through.forEach(n -> putOn(n, slices, uses));
        return new Coated(slices, uses);
    }

    /** "Cut the baguette in slices and spread them with the butter": what was cut just now, before anything is laid. */
    static boolean butters(Clause clause, List<Named> nouns, Kitchen kitchen) {
        return clause.base().equals("spread")
                && nouns.stream().noneMatch(n -> n.is(Kind.DISH))
                && nouns.stream().anyMatch(n -> n.is(Kind.PRONOUN) && n.slot().lead() == Lead.NONE)
                && nouns.stream().anyMatch(n -> isFatOnIt(n, kitchen));
    }

    private static boolean isFatOnIt(Named noun, Kitchen kitchen) {
        return noun.is(Kind.LINES)
                && noun.slot().lead() == Lead.WITH
                && noun.lines().stream().allMatch(kitchen::isFat);
    }

    private Coated buttered(List<Named> nouns) {
        Pot slices = kitchen.whereItIs(kitchen.focus.getFirst());
        List<Of> uses = new ArrayList<>();
        nouns.stream().filter(n -> isFatOnIt(n, kitchen)).forEach(n -> take(n, slices, uses));
        return new Coated(slices, uses);
    }

    /** A bowl of crumbs or of beaten egg that nothing was taken of. */
    private boolean standsReady(Named noun) {
        Pot pot = noun.pot();
        return noun.is(Kind.POT)
                && pot != null
                && pot.given < MUCH
                && (kitchen.roles(pot).contains("crumbs")
                        || kitchen.roles(pot).contains("egg")
                                && pot.lines.keySet().stream()
                                        .allMatch(l -> kitchen.role(l).equals("egg") || kitchen.isLiquid(l)));
    }

    private @Nullable Pot coated(List<Named> nouns, List<Named> through, List<Of> uses) {
        List<Named> objects = nouns.stream()
                .filter(n -> n.isFood() && n.slot().lead() == Lead.NONE)
                .toList();
        if (objects.isEmpty()) {
            return kitchen.pots.stream()
                    .filter(p -> isSlices(p)
                            && p.given < MUCH
                            && !dish.holds(p)
                            && through.stream().noneMatch(n -> n.pot() == p))
                    .reduce((a, b) -> b)
                    .orElse(null);
        }
        Named object = objects.getFirst();
        boolean fresh = object.is(Kind.LINES)
                && object.lines().size() == 1
                && isCoated(object.lines().getFirst());
        if (objects.size() > 1 || !fresh && !isSlices(object.pot())) {
            return null;
        }
        return fresh ? opened(object, uses) : object.pot();
    }

    private @Nullable Pot opened(Named object, List<Of> uses) {
        Pot pot = kitchen.open();
        pot.heading = kitchen.lines.get(object.lines().getFirst()).heading();
        take(object, pot, uses);
        return pot.isEmpty() ? null : pot;
    }

    private void putOn(Named noun, Pot slices, List<Of> uses) {
        if (noun.is(Kind.LINES)) {
            take(noun, slices, uses);
        } else if (noun.pot() != null && noun.pot() != slices) {
            Mixing.dissolve(kitchen, noun.pot(), slices);
        }
    }

    private void take(Named noun, Pot pot, List<Of> uses) {
        for (int line : noun.lines()) {
            double share = kitchen.accounts.take(line, noun.portion());
            if (share > MUCH) {
                pot.add(line, share);
                uses.add(new Of(line, null, share));
            }
        }
    }

    private boolean isSlices(@Nullable Pot pot) {
        return pot != null
                && kitchen.main(pot).size() == 1
                && isCoated(kitchen.main(pot).getFirst());
    }

    private boolean isCoated(int line) {
        return kitchen.role(line).startsWith("slice-") || COATED.contains(kitchen.role(line));
    }
}
