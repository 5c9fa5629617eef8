package nabe.reading;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;

/** "Mix all but the crackers and butter": everything that is there, without what is named. */
final class Exceptions {
    private static final Set<String> ALL = Set.of("all", "everything");
    private static final Set<String> BUT = Set.of("but", "except", "bar", "excluding", "apart");

    private Exceptions() {}

    /** @return the nouns, with what is excepted turned into what is left to take */
    static List<Named> resolved(List<Named> nouns, Kitchen kitchen, Dish dish) {
        int at = IntStream.range(0, nouns.size())
                .filter(i -> excepts(nouns.get(i)))
                .findFirst()
                .orElse(-1);
        if (at < 0) {
            return nouns;
        }
        List<Named> out = new ArrayList<>(nouns.subList(0, at));
        Set<Integer> lines = new HashSet<>();
        Set<Pot> pots = new HashSet<>();
        int next = at;
        do {
            lines.addAll(nouns.get(next).lines());
            if (nouns.get(next).pot() != null) {
                pots.add(nouns.get(next).pot());
            }
            next++;
        } while (next < nouns.size()
                && (nouns.get(next).slot().linked() || nouns.get(next).slot().lead() == Lead.FROM));
        out.addAll(others(nouns.get(at), lines, pots, kitchen, dish));
        out.addAll(nouns.subList(next, nouns.size()));
        return out;
    }

    private static boolean excepts(Named noun) {
        List<Token> said = noun.slot().tokens();
        return said.size() > 1
                && ALL.contains(said.getFirst().key())
                && BUT.contains(said.get(1).key())
                && (said.size() == 2 || !noun.portion().is(Portion.Kind.ALL_BUT));
    }

    private static List<Named> others(Named noun, Set<Integer> lines, Set<Pot> pots, Kitchen kitchen, Dish dish) {
        List<Named> all = new ArrayList<>();
        kitchen.pots.stream()
                .filter(p -> !p.isEmpty() && p.given < 0.01 && !dish.holds(p) && !pots.contains(p))
                .forEach(p -> all.add(new Named(Kind.POT, List.of(), p, Portion.UNSAID, false, noun.slot())));
        List<Integer> free = IntStream.range(0, kitchen.lines.size())
                .filter(l -> kitchen.left[l] > 0.99 && !lines.contains(l) && !kitchen.pan.contains(l))
                .boxed()
                .toList();
        if (!free.isEmpty()) {
            all.add(new Named(Kind.LINES, free, null, Portion.UNSAID, false, noun.slot()));
        }
        return all;
    }
}
