package nabe.prep;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import nabe.swap.PlannedProcedure;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;
import org.jspecify.annotations.Nullable;

/** In which turn the sentences of all pots are told: every pot after those that go into it, unless only a part of one does. */
final class Turns {
    private static final double ALL = 0.99;

    private final PlannedProcedure procedure;
    private final Function<Pot, List<Work>> saidElsewhere;
    private final List<Turn> turns = new ArrayList<>();

    /** @param saidElsewhere what of a pot is said where it lies, not before */
    Turns(PlannedProcedure procedure, Function<Pot, List<Work>> saidElsewhere) {
        this.procedure = procedure;
        this.saidElsewhere = saidElsewhere;
    }

    /**
     * What one sentence does in a pot.
     *
     * @param works nothing where no sentence speaks of the pot
     * @param opens whether it is the pot's first, {@code last} its last
     * @param taker the pot that took a part of this one before, or null
     */
    record Turn(
            Pot pot,
            List<Work> works,
            boolean opens,
            boolean last,
            @Nullable String taker) {
        Optional<String> after() {
            return Optional.ofNullable(taker);
        }

        private int sentence() {
            return works.isEmpty() ? -1 : works.getFirst().sentence();
        }

        private boolean takesPartOf(Pot other) {
            return works.stream()
                    .flatMap(w -> w.uses().stream())
                    .anyMatch(c -> other.id().equals(c.component()) && c.share() != null && c.share() < ALL);
        }
    }

    List<Turn> all() {
        Set<String> seen = new HashSet<>();
        procedure.components().forEach(p -> visit(p, seen));
        for (Turn taker : List.copyOf(turns)) {
            procedure.components().stream().filter(taker::takesPartOf).forEach(part -> waitFor(taker, part));
        }
        return List.copyOf(turns);
    }

    private void visit(Pot pot, Set<String> seen) {
        if (!seen.add(pot.id())) {
            return;
        }
        procedure.components().stream()
                .filter(p -> pot.of().stream().anyMatch(c -> p.id().equals(c.component())))
                .forEach(p -> visit(p, seen));
        List<List<Work>> runs = SentenceRuns.of(pot.without(saidElsewhere.apply(pot)));
        if (runs.isEmpty()) {
            turns.add(new Turn(pot, List.of(), true, true, null));
        }
        runs.forEach(works -> turns.add(new Turn(pot, works, works == runs.getFirst(), works == runs.getLast(), null)));
    }

    /** "Mix 3 ladles of the sauce with the pasta. Beat the egg into the rest": in this turn. */
    private void waitFor(Turn taker, Pot part) {
        List<Turn> later = turns.stream()
                .filter(t -> t.pot() == part && t.sentence() > taker.sentence())
                .toList();
        boolean early = later.stream().anyMatch(t -> turns.indexOf(t) < turns.indexOf(taker));
        if (early) {
            turns.removeAll(later);
            int at = turns.indexOf(taker) + 1;
            for (Turn turn : later) {
                turns.add(
                        at++,
                        new Turn(
                                part,
                                turn.works,
                                turn.opens,
                                turn.last,
                                taker.pot().id()));
            }
        }
    }
}
