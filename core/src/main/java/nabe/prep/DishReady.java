package nabe.prep;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.larder.Figures;
import nabe.prep.PrepStep.Used;
import nabe.prep.PrepStep.When;
import nabe.recipe.Part;
import nabe.swap.PlannedProcedure;
import nabe.swap.PlannedProcedure.Work;
import nabe.words.Messages;

/** The dish itself, greased and lined as the recipe says, and what is put by for its end. */
final class DishReady {
    private static final int MINUTES = Figures.whole("prep.dish-ready");

    private static final Set<String> KEEPS = Set.of("set", "reserve", "keep", "save", "hold");

    private DishReady() {}

    static Optional<PrepStep> of(PlannedProcedure procedure) {
        List<Work> works = procedure.readying();
        return works.isEmpty() ? Optional.empty() : Optional.of(step(works));
    }

    private static PrepStep step(List<Work> works) {
        Map<Integer, List<String>> sentences = new LinkedHashMap<>();
        List<Used> uses = new ArrayList<>();
        for (Work work : works) {
            sentences.computeIfAbsent(work.sentence(), s -> new ArrayList<>()).add(work.words());
            work.uses()
                    .forEach(c -> uses.add(new Used(Objects.requireNonNullElse(c.item(), ""), c.grams(), null, null)));
        }
        double grams = uses.stream()
                .mapToDouble(u -> u.grams() == null ? 0 : u.grams())
                .sum();
        return PrepStepBuilder.builder()
                .id("dish")
                .item(
                        works.stream().anyMatch(w -> !KEEPS.contains(w.action()))
                                ? Messages.say("prep.the-dish")
                                : Messages.say("prep.put-by"))
                .part(Part.PAN_RELEASE)
                .text(sentences.values().stream().map(MethodWords::sentence).collect(Collectors.joining(" ")))
                .uses(List.copyOf(uses))
                .activeMinutes(MINUTES)
                .rawGrams(grams)
                .readyGrams(grams)
                .why(works.stream()
                        .map(Work::told)
                        .filter(w -> w != null)
                        .findFirst()
                        .orElse(null))
                .ladder(List.of())
                .when(When.BEFORE)
                .doing(PrepStep.Doing.of(Set.of("grease")))
                .build();
    }
}
