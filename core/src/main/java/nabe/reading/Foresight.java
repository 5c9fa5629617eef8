package nabe.reading;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Slot;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Verb.Effect;

/** A first look over the method: which lines later clauses name, and how much of them they ask for. */
final class Foresight {
    private static final Set<String> BEATEN = Set.of("beat", "whisk");
    private static final Set<String> SOLID = Set.of("egg", "nut", "seed");
    /** "For the béchamel, melt the butter": whose things its sentences name. */
    private static final Pattern FOR_THE = Pattern.compile(
            "(?:(?:now|next|meanwhile),? )?(?:for|to make|make) the ([^,.;:]{3,40})[,:]", Pattern.CASE_INSENSITIVE);

    private final Kitchen kitchen;
    private final Naming naming;
    /** Lines that were mixed whole, and those a mixture of which was laid in parts. */
    private final Set<Integer> mixed = new HashSet<>();

    private final Set<Integer> parted = new HashSet<>();
    private Set<Integer> lastMixed = Set.of();

    Foresight(Kitchen kitchen, Naming naming) {
        this.kitchen = kitchen;
        this.naming = naming;
    }

    /** "Mix the ricotta with the egg": all of it, and what comes of it is called ricotta still. */
    private Set<Integer> mixedWhole(Clause clause, List<Named> nouns) {
        Named first = nouns.isEmpty() ? null : nouns.getFirst();
        boolean whole = (clause.does(Effect.MIX) || BEATEN.contains(clause.base()))
                && first != null
                && first.is(Kind.LINES)
                && first.slot().lead() == Lead.NONE
                && !first.portion().isSaid()
                && nouns.stream().filter(n -> n.is(Kind.LINES)).count() > 1;
        if (first == null || !whole) {
            return Set.of();
        }
        return nouns.stream()
                .filter(n -> n == first || isSoftCheese(n))
                .flatMap(n -> n.lines().stream())
                .collect(Collectors.toSet());
    }

    /** "Beat the curd, ricotta and zest together": of what is laid later in blobs either may be the name. */
    private boolean isSoftCheese(Named noun) {
        return noun.is(Named.Kind.LINES)
                && noun.slot().lead() == Lead.NONE
                && !noun.portion().isSaid()
                && noun.lines().stream().allMatch(l -> kitchen.role(l).equals("soft-cheese"));
    }

    /** "Boil the eggs", "toast the almonds": whole, though half of them is laid first; butter is melted as it is needed. */
    private Set<Integer> cookedWhole(Clause clause, List<Named> nouns) {
        List<Named> foods = nouns.stream().filter(n -> n.is(Kind.LINES)).toList();
        boolean alone = clause.does(Effect.START, Effect.HEAT)
                && foods.size() == 1
                && !foods.getFirst().portion().isSaid()
                && foods.getFirst().lines().stream().allMatch(l -> SOLID.contains(kitchen.role(l)));
        return alone ? Set.copyOf(foods.getFirst().lines()) : Set.of();
    }

    /** "Beat the eggs with the milk; pour half the egg into the dish ... the rest of the egg all over." */
    private boolean isOfTheMixture(Clause clause, Named noun) {
        int line = noun.lines().getFirst();
        boolean laid = clause.does(Effect.PLACE, Effect.COVER)
                || clause.verb() == null
                || clause.base().equals("pour");
        boolean part = noun.portion().is(Portion.Kind.FRACTION)
                || noun.portion().is(Portion.Kind.REST) && parted.contains(line);
        boolean of = laid && part && mixed.contains(line);
        if (of) {
            parted.add(line);
        }
        return of;
    }

    /** "Mix cream and milk and pour half of it over": what is left of the cream is the mixture's. */
    private static boolean laysHalfOfIt(Clause clause, List<Named> nouns) {
        return (clause.does(Effect.PLACE) || clause.base().equals("pour"))
                && nouns.stream()
                        .anyMatch(n -> n.is(Kind.PRONOUN) && n.portion().is(Portion.Kind.FRACTION));
    }

    /** Notes for every line where it is named, last and in parts. */
    void over(List<Clause> clauses) {
        for (int i = 0; i < clauses.size(); i++) {
            Clause clause = clauses.get(i);
            if (clause.opensSentence() && clause.words().endsWith(":")) {
                kitchen.topic = clause.words().replace(":", "");
            }
            Matcher part = FOR_THE.matcher(clause.words());
            kitchen.topic = clause.opensSentence() && part.lookingAt() ? part.group(1) : kitchen.topic;
            List<Named> nouns = naming.together()
                    .another(clause.slots().stream().map(naming::resolve).toList());
            Set<Integer> whole = mixedWhole(clause, nouns);
            mixed.addAll(whole);
            mixed.addAll(cookedWhole(clause, nouns));
            lastMixed = whole.isEmpty() ? lastMixed : whole;
            if (laysHalfOfIt(clause, nouns)) {
                parted.addAll(lastMixed);
            }
            for (Named noun : clause.conditional() ? List.<Named>of() : nouns) {
                note(clause, i, noun);
            }
        }
        kitchen.topic = null;
    }

    /** "Spread with half of the lentils": of what was cooked with them. */
    private boolean isPartLaid(Clause clause, Named noun) {
        boolean lays = clause.verb() == null || clause.does(Effect.PLACE, Effect.COVER, Effect.REPEAT);
        return lays
                && noun.lines().size() == 1
                && (noun.portion().is(Portion.Kind.FRACTION) || noun.portion().is(Portion.Kind.REST))
                && !kitchen.accounts.isDivided(noun.lines().getFirst());
    }

    /** "Put the potatoes in a dish". */
    private static boolean isPutInDish(Clause clause) {
        return clause.base().equals("put")
                && clause.slots().stream().anyMatch(s -> Vessels.in(s.tokens()) == Kind.DISH);
    }

    private void note(Clause clause, int at, Named noun) {
        if (naming.isHeading(noun.slot()) || Meaning.isForSoaking(clause, noun, kitchen)) {
            return;
        }
        boolean laid = noun.lines().size() == 1
                && (noun.slot().lead() == Slot.Lead.NONE || noun.slot().direct())
                && (clause.does(Effect.PLACE)
                        || clause.verb() == null
                        || clause.base().equals("go")
                        || isPutInDish(clause));
        if (isPartLaid(clause, noun)) {
            kitchen.standsForMixture.addAll(noun.lines());
        }
        noun.lines().forEach(l -> {
            kitchen.namedLast.put(l, at);
            if (laid) {
                kitchen.laidByItself.add(l);
            } else {
                kitchen.laidByItself.remove(l);
            }
        });
        if (noun.is(Kind.LINES)
                && noun.lines().size() == 1
                && !isOfTheMixture(clause, noun)
                && naming.isOnly(noun.slot(), noun.lines().getFirst())) {
            kitchen.accounts.foresee(at, noun.lines().getFirst(), noun.portion());
        }
    }
}
