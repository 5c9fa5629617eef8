package nabe.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import nabe.larder.Figures;
import nabe.reading.grammar.Clause;
import nabe.reading.grammar.Verb.Effect;

/** "Layer … Top with the cheese for the last 15 minutes. Bake 1 hour": told with the layers, done in the oven. */
final class LateSaidEarly {
    private static final double LEAST_IN_OVEN = Figures.of("reading.least-late");

    private LateSaidEarly() {}

    /** @return the same clauses, such a sentence after the one that bakes last */
    static List<Clause> moved(List<Clause> clauses) {
        int at = IntStream.range(1, clauses.size())
                .filter(i -> isLate(clauses.get(i))
                        && lays(clauses, i)
                        && bakesAfter(clauses, i)
                        && !bakesBefore(clauses, i))
                .findFirst()
                .orElse(-1);
        if (at < 0) {
            return clauses;
        }
        int sentence = clauses.get(at).sentence();
        List<Clause> late = clauses.subList(at, clauses.size()).stream()
                .takeWhile(c -> c.sentence() == sentence)
                .toList();
        List<Clause> others = new ArrayList<>(clauses.subList(0, at));
        others.addAll(clauses.subList(at + late.size(), clauses.size()));
        int last = IntStream.range(at, others.size())
                .filter(i -> isBaked(others.get(i)))
                .max()
                .orElse(others.size() - 1);
        int after = IntStream.range(last, others.size())
                .filter(i -> others.get(i).sentence() == others.get(last).sentence())
                .max()
                .orElse(last);
        others.addAll(after + 1, late);
        return others;
    }

    private static boolean isLate(Clause clause) {
        return clause.does(Effect.PLACE)
                && !clause.conditional()
                && clause.durations().stream()
                        .anyMatch(d -> d.last() && d.minutes().min() >= LEAST_IN_OVEN);
    }

    /** Whether it goes on with what is laid. */
    private static boolean lays(List<Clause> clauses, int i) {
        return clauses.get(i - 1).does(Effect.PLACE, Effect.REPEAT, Effect.COVER)
                || i > 1 && clauses.get(i - 2).does(Effect.PLACE, Effect.REPEAT);
    }

    private static boolean isBaked(Clause clause) {
        return clause.does(Effect.BAKE) && !clause.durations().isEmpty();
    }

    private static boolean bakesAfter(List<Clause> clauses, int i) {
        return clauses.stream().skip(i + 1L).anyMatch(LateSaidEarly::isBaked);
    }

    private static boolean bakesBefore(List<Clause> clauses, int i) {
        return clauses.stream().limit(i).anyMatch(LateSaidEarly::isBaked);
    }
}
