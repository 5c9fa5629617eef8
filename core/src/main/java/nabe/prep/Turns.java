package nabe.prep;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;
import nabe.swap.PlannedProcedure;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;

/** In which turn the sentences of all pots are told: as the recipe tells them, each after what goes into it. */
final class Turns {
    private static final double ALL = 0.99;

    private final Map<String, List<Turn>> ofPot = new HashMap<>();
    private final Set<Turn> seen = Collections.newSetFromMap(new IdentityHashMap<>());
    private final List<Turn> told = new ArrayList<>();

    /** @param saidElsewhere what of a pot is said where it lies, not before */
    Turns(PlannedProcedure procedure, Function<Pot, List<Work>> saidElsewhere) {
        for (Pot pot : procedure.components()) {
            List<List<Work>> runs = SentenceRuns.of(pot.without(saidElsewhere.apply(pot)));
            List<Turn> turns = new ArrayList<>();
            for (int i = 0; i < Math.max(1, runs.size()); i++) {
                List<Work> works = runs.isEmpty() ? List.of() : runs.get(i);
                turns.add(new Turn(pot, works, i == 0, i >= runs.size() - 1));
            }
            ofPot.put(pot.id(), turns);
        }
    }

    /**
     * What one sentence does in a pot.
     *
     * @param works nothing where no sentence speaks of the pot
     * @param opens whether it is the pot's first, {@code last} its last
     */
    record Turn(Pot pot, List<Work> works, boolean opens, boolean last) {
        private int sentence() {
            return works.isEmpty() ? Integer.MAX_VALUE : works.getFirst().sentence();
        }

        private Stream<String> uses() {
            Stream<String> said =
                    works.stream().flatMap(w -> w.uses().stream()).map(PlannedProcedure.Constituent::component);
            Stream<String> joining = pot.of().stream().map(PlannedProcedure.Constituent::component);
            return (last ? Stream.concat(said, joining) : said).filter(Objects::nonNull);
        }

        private boolean takesPartOf(Pot other) {
            return works.stream()
                    .flatMap(w -> w.uses().stream())
                    .anyMatch(c -> other.id().equals(c.component()) && c.share() != null && c.share() < ALL);
        }
    }

    List<Turn> all() {
        ofPot.values().stream()
                .flatMap(List::stream)
                .sorted(Comparator.comparingInt(Turn::sentence)
                        .thenComparing(t -> t.pot().id()))
                .forEach(this::tell);
        return List.copyOf(told);
    }

    /** @return pots that took a part of this one before: "beat the egg into the rest" comes after them */
    List<String> takersBefore(Turn turn) {
        return told.stream()
                .takeWhile(t -> t != turn)
                .filter(t -> t.takesPartOf(turn.pot()))
                .map(t -> t.pot().id())
                .distinct()
                .toList();
    }

    private void tell(Turn turn) {
        if (!seen.add(turn)) {
            return;
        }
        ofPot.getOrDefault(turn.pot().id(), List.of()).stream()
                .takeWhile(t -> t != turn)
                .forEach(this::tell);
        turn.uses().distinct().forEach(pot -> tellUntil(pot, turn.sentence()));
        told.add(turn);
    }

    /** What is done in a pot before it is used; all of it where the recipe tells that later only. */
    private void tellUntil(String pot, int sentence) {
        List<Turn> turns = ofPot.getOrDefault(pot, List.of());
        List<Turn> before = turns.stream().filter(t -> t.sentence() < sentence).toList();
        (before.isEmpty() ? turns : before).forEach(this::tell);
    }
}
