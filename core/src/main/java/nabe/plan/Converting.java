package nabe.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nabe.plan.PlannedProcedure.Constituent;
import nabe.plan.PlannedProcedure.Pot;
import nabe.plan.PlannedProcedure.Work;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.Of;
import nabe.recipe.Procedure.OvenPhase;
import nabe.recipe.Procedure.Step;
import nabe.recipe.Procedure.Vessel;
import nabe.swap.Conversion;
import nabe.swap.ConvertedLine;
import nabe.swap.MethodStep;
import nabe.swap.PotName;
import nabe.swap.Swap;
import org.jspecify.annotations.Nullable;

/** Puts the swaps into the procedure: constituents in their places, clauses in the words that hold now. */
final class Converting {
    private static final double CRUMB = 1e-6;
    /** Notes about what lies on top: nothing for what is melted into a sauce. */
    private static final Pattern SCATTERED = Pattern.compile("Scatter|Sprinkle|Strew");

    private static final Set<String> LAYS = Set.of("scatter", "sprinkle", "strew", "top", "lay", "layer", "finish");
    private final Procedure procedure;
    private final Conversion conversion;
    private final Set<String> there;
    private final List<MethodStep> words;
    private int said;

    private Converting(Procedure procedure, Conversion conversion, Function<List<String>, List<MethodStep>> reworded) {
        this.procedure = procedure;
        this.conversion = conversion;
        this.there = there();
        this.words = reworded.apply(procedure.components().stream()
                .filter(c -> there.contains(c.id()))
                .flatMap(c -> c.steps().stream())
                .map(Step::words)
                .toList());
    }

    /** @param reworded writes the swaps into clauses, one for one and in order */
    static PlannedProcedure of(
            Procedure procedure, Conversion conversion, Function<List<String>, List<MethodStep>> reworded) {
        return new Converting(procedure, conversion, reworded).planned();
    }

    private PlannedProcedure planned() {
        List<Pot> pots = procedure.components().stream()
                .filter(c -> there.contains(c.id()))
                .map(this::pot)
                .toList();
        return new PlannedProcedure(
                pots,
                procedure.layers().stream().filter(l -> there.contains(l.of())).toList(),
                procedure.beside().stream().filter(b -> there.contains(b.of())).toList(),
                procedure.oven().stream().map(this::phase).toList(),
                procedure.rest(),
                procedure.goesIn());
    }

    /** Pots that hold something still: of their own, or of another that does. */
    private Set<String> there() {
        Set<String> found = new HashSet<>();
        int before;
        do {
            before = found.size();
            procedure.components().stream()
                    .filter(c -> !linesIn(c.id()).isEmpty()
                            || c.of().stream().anyMatch(o -> o.component() != null && found.contains(o.component())))
                    .forEach(c -> found.add(c.id()));
        } while (found.size() > before);
        return found;
    }

    private List<ConvertedLine> linesIn(String pot) {
        return conversion.lines().stream()
                .filter(l -> pot.equals(l.component()))
                .toList();
    }

    private Pot pot(Vessel vessel) {
        List<ConvertedLine> lines = linesIn(vessel.id());
        List<Constituent> of = new ArrayList<>();
        lines.forEach(l -> of.add(constituent(l, 1)));
        vessel.of().stream()
                .filter(o -> o.component() != null && there.contains(o.component()))
                .forEach(o -> of.add(new Constituent(null, null, null, o.component(), o.share())));
        List<Work> steps = vessel.steps().stream().map(s -> work(s, vessel)).toList();
        return new Pot(vessel.id(), PotName.of(vessel, deep(vessel)), vessel.kind(), of, steps);
    }

    /** What is in a pot and in the pots that went into it. */
    private List<ConvertedLine> deep(Vessel vessel) {
        List<ConvertedLine> all = new ArrayList<>(linesIn(vessel.id()));
        vessel.of().stream()
                .filter(o -> o.component() != null)
                .flatMap(o -> procedure.components().stream().filter(c -> c.id().equals(o.component())))
                .forEach(c -> all.addAll(deep(c)));
        return all;
    }

    private static Constituent constituent(ConvertedLine line, double share) {
        return new Constituent(
                line.ingredient() == null ? null : line.ingredient().id(),
                line.item(),
                line.grams() == null ? null : Double.valueOf(line.grams() * share),
                null,
                null);
    }

    private Work work(Step step, Vessel vessel) {
        MethodStep now = words.get(said++);
        List<Constituent> uses =
                step.uses().stream().flatMap(u -> used(u, vessel).stream()).toList();
        return new Work(
                step.id(),
                step.action(),
                now.text(),
                step.sentence(),
                uses,
                step.tool(),
                step.heat(),
                step.covered(),
                step.celsius(),
                step.minutes(),
                step.until(),
                now.changed(),
                now.changed() ? why(step, now) : null);
    }

    /** What a step uses of its pot: the share of each line that it takes there. */
    private List<Constituent> used(Of use, Vessel vessel) {
        if (use.line() == null) {
            return there.contains(use.component())
                    ? List.of(new Constituent(null, null, null, use.component(), use.share()))
                    : List.of();
        }
        double inPot = vessel.of().stream()
                .filter(o -> use.line().equals(o.line()))
                .mapToDouble(Of::share)
                .sum();
        double share = inPot < CRUMB ? 0 : Math.min(1, use.share() / inPot);
        return linesIn(vessel.id()).stream()
                .filter(l -> l.source() == use.line())
                .map(l -> constituent(l, share))
                .toList();
    }

    private @Nullable String why(Step step, MethodStep now) {
        List<String> notes = now.notes().stream()
                .map(MethodStep.Note::text)
                .filter(text -> !SCATTERED.matcher(text).lookingAt() || LAYS.contains(step.action()))
                .toList();
        if (!notes.isEmpty()) {
            return String.join(" ", notes);
        }
        Set<Integer> sources =
                step.uses().stream().map(Of::line).filter(l -> l != null).collect(Collectors.toSet());
        return conversion.swaps().stream()
                .filter(s -> sources.contains(s.source()))
                .map(Swap::reason)
                .findFirst()
                .orElse("What is swapped has another name here.");
    }

    /** A phase's additions by what they are now. */
    private OvenPhase phase(OvenPhase phase) {
        List<String> adds =
                phase.adds().stream().flatMap(a -> added(a).stream()).toList();
        return new OvenPhase(
                phase.kind(), phase.celsius(), phase.fan(), phase.covered(), phase.minutes(), adds, phase.stir());
    }

    private List<String> added(String add) {
        boolean pot = procedure.components().stream().anyMatch(c -> c.id().equals(add));
        if (pot) {
            return there.contains(add) ? List.of(add) : List.of();
        }
        return conversion.lines().stream()
                .map(ConvertedLine::item)
                .filter(item -> item.equals(add))
                .findFirst()
                .map(List::of)
                .orElse(List.of());
    }
}
