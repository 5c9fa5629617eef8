package nabe.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import nabe.bake.BakePlan;
import nabe.bake.Phase;
import nabe.build.BuildPlan;
import nabe.plan.Difference.AsWritten;
import nabe.plan.Difference.Kind;
import nabe.prep.PrepPlan;
import nabe.prep.PrepStep;
import nabe.recipe.Clauses;
import nabe.recipe.Recipe;
import nabe.swap.Conversion;
import nabe.swap.PlannedProcedure.Dropped;
import nabe.swap.Swap;
import nabe.words.Lists;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/** Gathers in one place what the plan does otherwise than the recipe, each with its reason. */
final class Differences {
    private final List<Difference> found = new ArrayList<>();

    private Differences() {}

    static List<Difference> of(Making.Built built, BakePlan bake) {
        Differences differences = new Differences();
        differences.swaps(built.conversion(), built.recipe());
        differences.steps(built.conversion(), built.prep(), built.sheets());
        differences.dish(built.build());
        differences.bake(bake);
        return differences.found.stream().distinct().toList();
    }

    /** A line that becomes the same in all its places is one difference. */
    private void swaps(Conversion conversion, Recipe recipe) {
        conversion.swaps().stream()
                .collect(Collectors.groupingBy(Swap::source, LinkedHashMap::new, Collectors.toList()))
                .forEach((line, swaps) -> {
                    boolean alike = swaps.size() > 1
                            && swaps.stream().map(Differences::items).distinct().count() == 1;
                    if (alike) {
                        swap(swaps.getFirst(), recipe.lines().get(line).bareText());
                    } else {
                        swaps.forEach(s -> swap(s, s.was()));
                    }
                });
        left(conversion);
    }

    private void swap(Swap swap, String was) {
        boolean out = swap.becomes().isEmpty();
        add(
                out ? Kind.LEFT_OUT : Kind.SWAP,
                out
                        ? Messages.say("plan.yours-to-choose", was, swap.rule().equals(Swap.OPEN))
                        : was + " → " + Lists.and(items(swap)),
                swap.reason(),
                null);
    }

    private static List<String> items(Swap swap) {
        return swap.becomes().stream().map(Swap.Becomes::item).distinct().toList();
    }

    private void left(Conversion conversion) {
        conversion
                .unresolved()
                .forEach(u -> add(Kind.LEFT_OUT, Messages.say("plan.left-out", u.text()), u.why(), null));
        conversion.methodFoods().stream()
                .filter(f -> f.why() != null)
                .forEach(f -> add(
                        f.becomes() == null ? Kind.LEFT_OUT : Kind.SWAP,
                        f.becomes() == null ? Messages.say("plan.left-out", f.name()) : f.name() + " → " + f.becomes(),
                        Messages.say("plan.only-the-method-names-it-it", f.why()),
                        null));
    }

    private void steps(Conversion conversion, PrepPlan prep, @Nullable String sheets) {
        for (Dropped dropped : conversion.procedure().dropped()) {
            boolean boiling = sheets != null
                    && dropped.why()
                            .equals(conversion.procedure().dropped().getLast().why());
            add(
                    Kind.STEP,
                    Messages.say(
                            "plan.not-done", Clauses.unlinked(dropped.words()).strip()),
                    dropped.why(),
                    boiling ? new AsWritten(Map.of("sheets", sheets), null) : null);
        }
        prep.steps().stream()
                .filter(s -> s.own()
                        && conversion.made().stream().noneMatch(m -> m.name().equals(s.item())))
                .forEach(s -> add(Kind.STEP, Messages.say("plan.added", s.text()), reason(s), null));
    }

    private static String reason(PrepStep step) {
        return step.why() == null ? "" : step.why();
    }

    private void dish(BuildPlan build) {
        BuildPlan.Sheets laid = build.sheets();
        if (laid != null && laid.toBuy() > 0) {
            add(
                    Kind.LAYERS,
                    Messages.say("plan.sheets-not", laid.needed(), laid.have()),
                    Messages.say(
                            "plan.your-pan-takes-of-mm-a",
                            laid.perLayer(),
                            Math.round(laid.longMm()),
                            Math.round(laid.shortMm()),
                            laid.layers()),
                    null);
        }
        if (build.rescale() != null) {
            add(
                    Kind.PAN,
                    Messages.say("plan.another-pan-than-the-recipes"),
                    build.rescale().words(),
                    null);
        }
        if (!build.asRead()) {
            add(
                    Kind.LAYERS,
                    Messages.say("plan.laid-in-the-usual-order-for"),
                    Messages.say("plan.your-recipe-does-not-say-how"),
                    null);
        }
    }

    private void bake(BakePlan bake) {
        AsWritten asWritten =
                bake.coreCelsius() != null || bake.asWritten() == null ? null : new AsWritten(null, bake.asWritten());
        for (int i = 0; i < bake.phases().size(); i++) {
            Phase phase = bake.phases().get(i);
            if (phase.said() != null && !phase.asSaid()) {
                boolean rest = phase.kind().equals("rest");
                add(
                        Kind.BAKE,
                        Messages.say(
                                "plan.min-not",
                                rest
                                        ? Messages.say("plan.rest")
                                        : phase.covered() ? Messages.say("plan.covered") : Messages.say("plan.open"),
                                phase.minutes(),
                                thenFoil(bake.phases(), i),
                                phase.said()),
                        phase.reason(),
                        rest ? null : asWritten);
            }
        }
    }

    /** The rest of a stretch whose end goes under foil. */
    private static String thenFoil(List<Phase> phases, int at) {
        Phase next = at + 1 < phases.size() ? phases.get(at + 1) : null;
        return next != null && next.covered() && next.said() == null
                ? Messages.say("plan.and-under-foil", next.minutes())
                : "";
    }

    private void add(Kind kind, String what, String why, @Nullable AsWritten asWritten) {
        found.add(new Difference(kind, what, why, asWritten));
    }
}
