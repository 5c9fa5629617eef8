package nabe.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nabe.bake.BakePlan;
import nabe.bake.Phase;
import nabe.build.BuildPlan;
import nabe.build.Layer;
import nabe.measure.Dial;
import nabe.measure.KitchenText;
import nabe.prep.PrepPlan;
import nabe.prep.PrepStep;
import nabe.prep.PrepStep.When;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** The whole plan written out to cook from: what is done first, how the dish is built, how it bakes. */
public final class WrittenMethod {
    private WrittenMethod() {}

    /** @param changed whether the recipe says it otherwise; {@code why}, or null where it does not */
    public record MethodLine(
            String text, boolean changed, @Nullable String why) {}

    static List<MethodLine> of(PrepPlan prep, BuildPlan build, BakePlan bake) {
        List<MethodLine> steps = new ArrayList<>();
        add(steps, prep, When.BEFORE);
        steps.add(new MethodLine(layers(build), false, null));
        add(steps, prep, When.BUILT);
        int goesOn = goesOn(bake);
        add(steps, bake.phases().subList(0, goesOn));
        add(steps, prep, When.WHILE_BAKING);
        late(build).ifPresent(words -> steps.add(new MethodLine(words, false, null)));
        add(steps, bake.phases().subList(goesOn, bake.phases().size()));
        add(steps, prep, When.TO_SERVE);
        return List.copyOf(steps);
    }

    private static void add(List<MethodLine> steps, List<Phase> phases) {
        phases.forEach(p -> steps.add(new MethodLine(words(p), false, null)));
    }

    /** The phase at whose beginning something goes on; where none says so the rest, once the dish is out. */
    private static int goesOn(BakePlan bake) {
        List<Phase> phases = bake.phases();
        return IntStream.range(0, phases.size())
                .filter(i -> !phases.get(i).adds().isEmpty())
                .findFirst()
                .orElse(Math.max(0, phases.size() - 1));
    }

    private static Optional<String> late(BuildPlan build) {
        String layers = told(build, true);
        return layers.isEmpty() ? Optional.empty() : Optional.of(Messages.say("plan.goes-on-now", layers));
    }

    private static void add(List<MethodLine> steps, PrepPlan prep, When when) {
        for (PrepStep step : prep.steps()) {
            if (step.when() == when) {
                steps.add(new MethodLine(step.text(), step.own() || step.why() != null, step.why()));
            }
        }
    }

    private static String layers(BuildPlan build) {
        return Messages.say("plan.into-the-dish-bottom-to-top", told(build, false));
    }

    private static String told(BuildPlan build, boolean late) {
        return build.layers().stream()
                .filter(l -> l.late() == late)
                .map(WrittenMethod::layer)
                .collect(Collectors.joining("; "));
    }

    private static String layer(Layer layer) {
        return KitchenText.grams(layer.grams()) + " "
                + layer.name().substring(0, 1).toLowerCase(Locale.ROOT)
                + layer.name().substring(1)
                + (layer.words() == null ? "" : " (" + layer.words() + ")");
    }

    private static String at(Phase phase) {
        return phase.celsius() == null ? "" : Messages.say("plan.at", Dial.words(phase.celsius()));
    }

    private static String words(Phase phase) {
        String minutes = Messages.say("plan.min", phase.minutes());
        return switch (phase.kind()) {
            case "rest" -> Messages.say("plan.rest-before-cutting", minutes);
            case "grill" -> Messages.say("plan.grill-watched-all-the-time", minutes);
            default -> Messages.say("plan.bake-covered", minutes, at(phase), phase.covered());
        };
    }
}
