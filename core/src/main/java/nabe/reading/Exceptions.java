package nabe.reading;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import nabe.reading.Named.Kind;
import nabe.reading.grammar.Slot.Lead;
import nabe.reading.grammar.Token;

/** "Mix all but the crackers and butter": everything that is there, without what is named. */
final class Exceptions {
    private static final String EVERYTHING = "everything";
    private static final Set<String> ALL = Set.of("all", EVERYTHING);
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
        List<Named> parts = new ArrayList<>();
        Set<Integer> lines = new HashSet<>();
        Set<Pot> pots = new HashSet<>();
        int next = at;
        do {
            Named excepted = nouns.get(next);
            lines.addAll(excepted.lines());
            if (excepted.pot() != null) {
                pots.add(excepted.pot());
            }
            boolean first = next == at;
            excepted.lines().forEach(l -> partOf(excepted, l, first, kitchen).ifPresent(parts::add));
            next++;
        } while (next < nouns.size()
                && (nouns.get(next).slot().linked() || nouns.get(next).slot().lead() == Lead.FROM));
        out.addAll(others(nouns.get(at), lines, pots, kitchen, dish));
        out.addAll(parts);
        out.addAll(nouns.subList(next, nouns.size()));
        return out;
    }

    /** "Everything but half of the butter" takes the other half; "all but a cup of the cheese" is cheese alone. */
    private static boolean excepts(Named noun) {
        List<Token> said = noun.slot().tokens();
        return said.size() > 1
                && ALL.contains(said.getFirst().key())
                && BUT.contains(said.get(1).key())
                && (said.size() == 2 || said.getFirst().is(EVERYTHING) || !isPart(noun.portion()));
    }

    private static boolean isPart(Portion portion) {
        return portion.is(Portion.Kind.ALL_BUT) || portion.is(Portion.Kind.FRACTION);
    }

    /** @param first whether its portion was read with the "but", and is what is left already */
    private static Optional<Named> partOf(Named excepted, int line, boolean first, Kitchen kitchen) {
        double left = kitchen.left[line];
        Double said = excepted.portion().of(kitchen.lines.get(line), left);
        double taken = said == null ? 0 : first && isPart(excepted.portion()) ? said : left - said;
        return taken < 0.01
                ? Optional.empty()
                : Optional.of(new Named(
                        Kind.LINES,
                        List.of(line),
                        null,
                        new Portion(Portion.Kind.FRACTION, taken, null),
                        false,
                        excepted.slot()));
    }

    private static List<Named> others(Named noun, Set<Integer> lines, Set<Pot> pots, Kitchen kitchen, Dish dish) {
        List<Named> all = new ArrayList<>();
        kitchen.pots.stream()
                .filter(p -> !p.isEmpty() && p.given < 0.01 && !dish.holds(p) && !pots.contains(p))
                .forEach(p -> all.add(new Named(Kind.POT, List.of(), p, Portion.UNSAID, false, noun.slot())));
        List<Integer> free = IntStream.range(0, kitchen.lines.size())
                .filter(l -> kitchen.left[l] > 0.99
                        && !lines.contains(l)
                        && !kitchen.pan.contains(l)
                        && !kitchen.isNamedLater(l))
                .boxed()
                .toList();
        if (!free.isEmpty()) {
            all.add(new Named(Kind.LINES, free, null, Portion.UNSAID, false, noun.slot()));
        }
        return all;
    }
}
