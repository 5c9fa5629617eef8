package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Durations.Duration;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Verb.Effect;
import nabe.recipe.Procedure.Minutes;
import nabe.recipe.Procedure.Of;
import org.jspecify.annotations.Nullable;

/** Several things in hand that one clause works each by itself. */
final class Apart {
    private final Kitchen kitchen;
    private final Steps steps;

    Apart(Kitchen kitchen) {
        this.kitchen = kitchen;
        this.steps = new Steps(kitchen);
    }

    List<Pot> of(Clause clause, List<Named> nouns) {
        List<Pot> held = kitchen.focus.stream()
                .filter(p -> !p.worked && kitchen.main(p).size() == 1)
                .toList();
        boolean pronoun = nouns.stream().anyMatch(n -> n.is(Kind.PRONOUN));
        boolean own = nouns.stream()
                        .filter(n -> n.is(Kind.POT) && held.contains(n.pot()))
                        .count()
                > 1;
        boolean apart = clause.durations().size() > 1 || clause.says("separate", "separately") || areUsedApart(held);
        boolean none = nouns.stream().noneMatch(Named::isFood);
        boolean dressed = clause.does(Effect.PREP)
                && nouns.stream().anyMatch(n -> n.slot().lead() == Lead.WITH);
        boolean unsaid = dressed
                && nouns.stream().filter(Named::isFood).allMatch(n -> n.slot().lead() == Lead.WITH);
        return held.size() > 1 && (pronoun || own || unsaid || none) && (apart || dressed) ? held : List.of();
    }

    /** "Brush the aubergines and potatoes with oil", as bought, each of which is laid by itself later. */
    boolean areDressedApart(Clause clause, List<Named> nouns) {
        boolean dressed = (clause.does(Effect.PREP) || isTossedInFat(clause, nouns))
                && nouns.stream().anyMatch(n -> n.slot().lead() == Lead.WITH && n.isFood());
        List<Integer> later = nouns.stream()
                .filter(Apart::isFresh)
                .map(n -> kitchen.namedLast.getOrDefault(n.lines().getFirst(), -1))
                .toList();
        return dressed
                && later.size() > 1
                && later.stream().allMatch(at -> at > kitchen.clause)
                && nouns.stream()
                        .filter(Apart::isFresh)
                        .allMatch(n -> kitchen.left[n.lines().getFirst()] > 0.99);
    }

    /** "Toss the aubergines and potatoes with oil on two trays", each of which is laid by itself. */
    private boolean isTossedInFat(Clause clause, List<Named> nouns) {
        return clause.base().equals("toss")
                && nouns.stream()
                        .filter(n -> n.is(Kind.LINES) && n.slot().lead() == Lead.WITH)
                        .allMatch(n -> n.lines().stream().allMatch(l -> kitchen.isFat(l) || isSeasoning(l)))
                && nouns.stream()
                        .filter(Apart::isFresh)
                        .allMatch(n -> kitchen.laidByItself.contains(n.lines().getFirst()));
    }

    private boolean isSeasoning(int line) {
        return Set.of("salt", "spice", "dried-herb").contains(kitchen.role(line));
    }

    /** One thing as bought that the clause works on. */
    static boolean isFresh(Named noun) {
        return noun.is(Kind.LINES)
                && noun.lines().size() == 1
                && noun.slot().lead() == Lead.NONE
                && !noun.portion().isSaid();
    }

    /** "Slice the potatoes and aubergines, brush with oil and bake": each by itself where each is laid by itself. */
    private boolean areUsedApart(List<Pot> held) {
        List<Integer> lines = held.stream().map(p -> kitchen.main(p).getFirst()).toList();
        List<Integer> later = lines.stream()
                .map(l -> kitchen.namedLast.getOrDefault(l, -1))
                .distinct()
                .toList();
        boolean laid = lines.size() > 1 && lines.stream().allMatch(kitchen.laidByItself::contains);
        return (later.size() > 1 || laid) && later.stream().allMatch(at -> at > kitchen.clause);
    }

    void work(Clause clause, List<Named> nouns, List<Pot> pots, List<Item> items) {
        List<Of> uses = new ArrayList<>();
        for (Item item : items) {
            if (item.pot() == null) {
                double share = kitchen.accounts.take(item.line(), item.portion()) / pots.size();
                pots.forEach(p -> p.add(item.line(), share));
                uses.add(new Of(item.line(), null, share));
            }
        }
        List<Duration> times = clause.durations();
        for (Pot pot : pots) {
            Minutes own = timeAfter(clause, nouns, pot);
            pot.worked |= clause.does(Effect.HEAT, Effect.START);
            pot.steps.add(steps.of(
                    clause,
                    uses,
                    own != null || times.isEmpty() ? own : times.getFirst().minutes()));
        }
    }

    /** "the potatoes for 25 minutes and the aubergines for 30". */
    private static @Nullable Minutes timeAfter(Clause clause, List<Named> nouns, Pot pot) {
        for (Named noun : nouns) {
            if (noun.pot() == pot) {
                int end = clause.tokens().indexOf(noun.slot().tokens().getLast());
                return clause.durations().stream()
                        .filter(d -> d.from() > end)
                        .map(Duration::minutes)
                        .findFirst()
                        .orElse(null);
            }
        }
        return null;
    }
}
