package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Tokens;
import nabe.reading.grammar.Verb.Effect;
import org.jspecify.annotations.Nullable;

/** What a clause at the stove takes in hand, said or unsaid, and into which pot it goes. */
final class Taking {
    private static final Set<String> SMOOTH =
            Set.of("blend", "blitz", "puree", "process", "whizz", "liquidise", "pulse");
    private static final Portion WHOLE = new Portion(Portion.Kind.FRACTION, 1, null);

    private final Kitchen kitchen;
    private final Dish dish;

    Taking(Kitchen kitchen, Dish dish) {
        this.kitchen = kitchen;
        this.dish = dish;
    }

    /** "Pour onto the dry things with half the cheese": what is in hand is poured. */
    List<Pot> unsaidObject(List<Named> nouns, Pot place) {
        boolean said = nouns.stream().anyMatch(n -> n.isFood() && n.slot().lead() == Lead.NONE);
        return said
                ? List.of()
                : kitchen.focus.stream()
                        .map(kitchen::whereItIs)
                        .filter(p -> p != place && !p.isEmpty() && !dish.holds(p) && !p.reaches(place))
                        .toList();
    }

    /** What was made and went nowhere yet. */
    List<Pot> loose() {
        return kitchen.pots.stream()
                .filter(p -> !p.isEmpty() && p.given < 0.01 && !dish.holds(p))
                .toList();
    }

    /** What was stirred cold for the part in hand, and went nowhere yet; none where there is no more than one. */
    List<Pot> bowls() {
        List<Pot> cold = loose().stream()
                .filter(p -> p.worked && !Mixing.isHot(p) && isOfPartInHand(p))
                .toList();
        return cold.size() > 1 ? cold : List.of();
    }

    /** "Slice the mushrooms, chop the shallot and cook both": the two that were cut last are in hand. */
    void heldAsBoth(List<Named> nouns) {
        boolean both = nouns.stream()
                .anyMatch(n -> n.is(Kind.PRONOUN) && Tokens.has(n.slot().tokens(), "both"));
        List<Pot> held = kitchen.pots.stream()
                .filter(p -> both && Mixing.isInHand(p) && !p.steps.isEmpty() && !dish.holds(p))
                .toList();
        if (held.size() > 1) {
            kitchen.focus = new ArrayList<>(held.subList(held.size() - 2, held.size()));
        }
    }

    /** "Mix everything": all that was made; "it", "them": what is in hand. */
    private List<Pot> meant(Clause clause, Named noun) {
        boolean everything = clause.does(Effect.MIX, Effect.JOIN)
                && dish.all.isEmpty()
                && noun.slot().lead() == Lead.NONE
                && Tokens.has(noun.slot().tokens(), "everything");
        boolean smooth = everything && SMOOTH.contains(clause.base());
        List<Pot> all =
                smooth ? loose().stream().filter(this::isOfPartInHand).toList() : everything ? loose() : List.<Pot>of();
        return all.size() > 1 ? all : Objects.requireNonNullElse(cutBeforeFat(clause, noun), kitchen.focus);
    }

    /** "Slice the carrots and onions. Heat the oil and cook them": not the oil. @return what was cut last, or null */
    private @Nullable List<Pot> cutBeforeFat(Clause clause, Named noun) {
        boolean fat = clause.does(Effect.HEAT, Effect.JOIN)
                && Tokens.has(noun.slot().tokens(), "them")
                && !kitchen.focus.isEmpty()
                && kitchen.focus.stream()
                        .allMatch(p -> p.pots.isEmpty()
                                && !p.isEmpty()
                                && p.lines.keySet().stream().allMatch(kitchen::isFat));
        List<Pot> cut = kitchen.pots.stream()
                .filter(p -> fat && Mixing.isInHand(p) && !p.steps.isEmpty() && !dish.holds(p))
                .toList();
        int last =
                cut.stream().mapToInt(p -> p.steps.getLast().sentence()).max().orElse(0);
        return cut.isEmpty()
                ? null
                : cut.stream().filter(p -> p.steps.getLast().sentence() == last).toList();
    }

    /** "Blend everything": all of the sauce, not the filling that roasts under another heading. */
    private boolean isOfPartInHand(Pot pot) {
        return kitchen.focus.stream().allMatch(f -> Objects.equals(f.heading, pot.heading));
    }

    List<Item> items(Clause clause, List<Named> nouns) {
        List<Item> items = new ArrayList<>(said(clause, nouns));
        if (clause.base().equals("butter") && !items.isEmpty()) {
            butter().filter(b -> items.stream().noneMatch(i -> i.line() == b.line()))
                    .ifPresent(items::add);
        }
        return items;
    }

    /** "Butter the bread with what is left": the verb is what goes on. */
    private Optional<Item> butter() {
        List<Integer> lines = IntStream.range(0, kitchen.lines.size())
                .filter(l -> kitchen.role(l).equals("butter") && kitchen.left[l] > 0.01)
                .boxed()
                .toList();
        return lines.size() == 1 ? Optional.of(new Item(lines.getFirst(), null, Portion.UNSAID)) : Optional.empty();
    }

    private List<Item> said(Clause clause, List<Named> nouns) {
        List<Item> items = new ArrayList<>();
        for (Named noun : nouns) {
            Lead lead = noun.slot().lead();
            boolean place =
                    lead == Lead.OVER || lead == Lead.INTO || lead == Lead.IN && noun.is(Kind.POT) || lead == Lead.FROM;
            boolean particle = noun.slot().direct()
                    && (lead == Lead.OVER || lead == Lead.IN)
                    && !clause.does(Effect.HEAT, Effect.START, Effect.BAKE);
            if (place && !particle && !noun.is(Kind.LINES) && !isFatOf(noun)) {
                continue;
            }
            if (noun.is(Kind.LINES)) {
                noun.lines().forEach(l -> items.add(new Item(l, null, noun.portion())));
            } else if (noun.is(Kind.POT)) {
                items.add(new Item(noun.lines().isEmpty() ? -1 : noun.lines().getFirst(), noun.pot(), noun.portion()));
            } else if (noun.is(Kind.PRONOUN)) {
                meant(clause, noun).forEach(p -> items.add(new Item(-1, kitchen.whereItIs(p), noun.portion())));
            }
        }
        return items;
    }

    /** "In 2 spoons of oil", of which something was fried before: more of it, not what was fried. */
    private boolean isFatOf(Named noun) {
        return noun.is(Kind.POT)
                && noun.slot().lead() == Lead.IN
                && noun.lines().size() == 1
                && kitchen.isFat(noun.lines().getFirst())
                && (kitchen.lines.get(noun.lines().getFirst()).amount() == null
                        || noun.portion().is(Portion.Kind.FILM)
                        || !noun.portion().isSaid()
                                && Tokens.has(noun.slot().tokens(), "splash", "drizzle", "glug", "knob", "more"));
    }

    /** "Into the sauce", "over the veg": the pot it goes to. */
    @Nullable
    Pot location(Clause clause, List<Named> nouns) {
        for (Named noun : nouns) {
            Lead lead = noun.slot().lead();
            boolean place = lead == Lead.INTO
                    || (lead == Lead.OVER || lead == Lead.IN) && !noun.slot().direct();
            if (place && noun.is(Kind.POT) && !isFatOf(noun)) {
                return noun.pot();
            }
            if (place && noun.is(Kind.PRONOUN) && kitchen.current != null) {
                return kitchen.current;
            }
        }
        return null;
    }

    /** "Stir the zest into the ricotta", of which nothing was taken: in a bowl of its own, the ricotta first. */
    boolean isIntoRaw(Clause clause, List<Named> nouns, List<Item> items) {
        Named into = nouns.stream()
                .filter(n -> n.is(Kind.LINES)
                        && n.slot().lead() == Lead.INTO
                        && !n.slot().direct())
                .findFirst()
                .orElse(null);
        boolean object = nouns.stream().anyMatch(n -> n.isFood() && n.slot().lead() == Lead.NONE);
        boolean raw = into != null
                && object
                && clause.does(Effect.JOIN)
                && into.lines().size() == 1
                && !into.portion().isSaid()
                && kitchen.left[into.lines().getFirst()] > 0.99;
        if (into != null && raw) {
            int line = into.lines().getFirst();
            items.removeIf(i -> i.line() == line);
            items.addFirst(new Item(line, null, WHOLE));
        }
        return raw;
    }
}
