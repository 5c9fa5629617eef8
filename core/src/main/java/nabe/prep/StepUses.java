package nabe.prep;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import nabe.larder.Figures;
import nabe.prep.PrepStep.Used;
import nabe.swap.PlannedProcedure;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Pot;

/** What goes into a pot at one of its steps, each thing once. */
final class StepUses {
    private static final double MUCH = Figures.of("prep.weighed-from");

    private final PlannedProcedure procedure;
    /** Names of the pots, by id. */
    private final Map<String, String> names;

    StepUses(PlannedProcedure procedure, Map<String, String> names) {
        this.procedure = procedure;
        this.names = names;
    }

    /** @param opens whether it is the pot's first step; {@code main} whether of what lies there only much is told; {@code put} what the step puts in */
    List<Used> of(Pot pot, boolean opens, boolean main, List<Constituent> put) {
        Stream<Constituent> there = opens ? held(pot, main).stream() : Stream.empty();
        List<Used> all = together(Stream.concat(there, put.stream()).toList()).stream()
                .map(this::used)
                .toList();
        return all.stream().filter(u -> !isWeighedToo(u, all)).toList();
    }

    /** "540 g cashew cream, all the cashew cream": it was made for this, and its weight says it. */
    private static boolean isWeighedToo(Used made, List<Used> all) {
        return made.component() != null
                && all.stream()
                        .anyMatch(u -> u.component() == null
                                && u.grams() != null
                                && u.item().equalsIgnoreCase(made.item()));
    }

    /**
     * What lies in a pot that no step of it puts in.
     *
     * @param main only what there is much of: the rest goes in along the way
     */
    private List<Constituent> held(Pot pot, boolean main) {
        List<Constituent> put =
                pot.steps().stream().flatMap(s -> s.uses().stream()).toList();
        return pot.of().stream()
                .filter(c -> c.line() != null || c.component() == null)
                .filter(c -> put.stream().noneMatch(u -> u.line() == c.line()))
                .filter(c -> !main || c.component() == null && c.grams() != null && c.grams() >= MUCH)
                .filter(c -> !isLate(c))
                .toList();
    }

    /** Two soups that became one batch are one thing that goes in. */
    private static List<Constituent> together(List<Constituent> put) {
        Map<Object, Constituent> found = new LinkedHashMap<>();
        for (Constituent of : put) {
            found.merge(of.component() == null ? of : of.component(), of, Constituent::and);
        }
        return List.copyOf(found.values());
    }

    /** What is stirred in while the dish bakes is not there before. */
    private boolean isLate(Constituent of) {
        return of.item() != null
                && procedure.oven().stream()
                        .flatMap(phase -> phase.adds().stream())
                        .anyMatch(added -> added.endsWith(of.item()));
    }

    Used used(Constituent of) {
        return of.component() != null
                ? new Used(names.getOrDefault(of.component(), ""), null, of.component(), of.share())
                : new Used(Objects.requireNonNullElse(of.item(), ""), of.grams(), null, null);
    }
}
