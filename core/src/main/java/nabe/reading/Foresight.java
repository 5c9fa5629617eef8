package nabe.reading;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Verb.Effect;

/** A first look over the method: which lines later clauses name, and how much of them they ask for. */
final class Foresight {
    private final Kitchen kitchen;
    private final Naming naming;

    Foresight(Kitchen kitchen, Naming naming) {
        this.kitchen = kitchen;
        this.naming = naming;
    }

    /** "Mix the ricotta with the egg": all of it, and what comes of it is called ricotta still. */
    private static Set<Integer> mixedWhole(Clause clause, List<Named> nouns) {
        Named first = nouns.isEmpty() ? null : nouns.getFirst();
        boolean whole = clause.does(Effect.MIX)
                && first != null
                && first.is(Kind.LINES)
                && first.slot().lead() == Lead.NONE
                && !first.portion().isSaid()
                && nouns.stream().filter(n -> n.is(Kind.LINES)).count() > 1;
        return first != null && whole ? Set.copyOf(first.lines()) : Set.of();
    }

    private static boolean isOfTheMixture(Clause clause, Named noun, Set<Integer> mixed) {
        return (clause.does(Effect.PLACE) || clause.verb() == null)
                && noun.portion().is(Portion.Kind.FRACTION)
                && mixed.contains(noun.lines().getFirst());
    }

    /** Notes for every line where it is named, last and in parts. */
    void over(List<Clause> clauses) {
        Set<Integer> mixed = new HashSet<>();
        for (int i = 0; i < clauses.size(); i++) {
            Clause clause = clauses.get(i);
            if (clause.opensSentence() && clause.words().endsWith(":")) {
                kitchen.topic = clause.words().replace(":", "");
            }
            List<Named> nouns =
                    naming.another(clause.slots().stream().map(naming::resolve).toList());
            mixed.addAll(mixedWhole(clause, nouns));
            for (Named noun : clause.conditional() ? List.<Named>of() : nouns) {
                note(clause, i, noun, mixed);
            }
        }
        kitchen.topic = null;
    }

    private void note(Clause clause, int at, Named noun, Set<Integer> mixed) {
        if (naming.isHeading(noun.slot()) || Meaning.isForSoaking(clause, noun, kitchen)) {
            return;
        }
        noun.lines().forEach(l -> kitchen.namedLast.put(l, at));
        if (noun.is(Kind.LINES)
                && noun.lines().size() == 1
                && !isOfTheMixture(clause, noun, mixed)
                && naming.isOnly(noun.slot(), noun.lines().getFirst())) {
            kitchen.accounts.foresee(at, noun.lines().getFirst(), noun.portion());
        }
    }
}
