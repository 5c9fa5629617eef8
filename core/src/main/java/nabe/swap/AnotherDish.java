package nabe.swap;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.recipe.Procedure.Step;
import nabe.recipe.Procedure.Vessel;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Work;
import org.jspecify.annotations.Nullable;

/** Another dish in place of a mixture: its own step stands where the mixture was made, and the rest of that work is gone. */
final class AnotherDish {
    private static final Pattern MIXTURE = Pattern.compile("\\b(?:batter|dough|custard)\\b", Pattern.CASE_INSENSITIVE);
    private final Swap swap;
    private final Set<Integer> mixed;
    private int sentence = -1;
    private final List<Constituent> used = new ArrayList<>();
    private @Nullable Step last;

    private AnotherDish(Swap swap, Set<Integer> mixed) {
        this.swap = swap;
        this.mixed = mixed;
    }

    /** @return what stands for a mixture of this pot, or null where nothing does */
    static @Nullable AnotherDish of(Vessel vessel, List<Swap> here, List<Swap> all) {
        Set<Integer> gone = all.stream()
                .filter(s -> s.rule().equals(Swap.GOES_WITH))
                .map(Swap::source)
                .filter(line -> vessel.of().stream().anyMatch(o -> line.equals(o.line())))
                .collect(Collectors.toSet());
        return here.stream()
                .filter(s -> !gone.isEmpty() && s.whole())
                .findFirst()
                .map(s -> {
                    gone.add(s.source());
                    return new AnotherDish(s, gone);
                })
                .orElse(null);
    }

    /** @return whether the step works on the mixture, names it, or goes on with the sentence that did */
    boolean covers(Step step) {
        boolean uses = step.uses().stream().anyMatch(u -> u.line() != null && mixed.contains(u.line()));
        return uses
                || step.uses().isEmpty()
                        && (step.sentence() == sentence
                                || MIXTURE.matcher(step.words()).find());
    }

    void take(Step step, List<Constituent> uses) {
        sentence = step.sentence();
        last = step;
        used.addAll(uses);
    }

    /** @return the dish's own step, after all else in the pot; empty where none of its work was there */
    Optional<Work> step() {
        String method = Objects.requireNonNull(swap.change());
        return Optional.ofNullable(last)
                .map(step -> SaidWork.inPlaceOf(step, swap, SaidWork.action(method, step.action()), used));
    }
}
