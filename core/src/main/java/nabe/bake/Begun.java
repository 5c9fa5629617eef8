package nabe.bake;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.larder.Figures;
import nabe.swap.ConvertedLine;
import nabe.swap.PlannedProcedure;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;

/** How tender slices are when they go in, 0 raw to 1, by what the method put them through. Every figure is kitchen practice. */
final class Begun {
    private static final double TENDER = Figures.of("bake.tender");
    private static final double HALF_WAY = Figures.of("bake.parboiled");
    private static final double MINUTES_TO_TENDER = Figures.of("bake.simmers-tender");

    private static final Set<String> SLICES = Set.of("slice-root", "slice-vegetable");
    private static final Set<String> HEATS = Set.of(
            "boil",
            "cook",
            "simmer",
            "steam",
            "poach",
            "blanch",
            "parboil",
            "par-boil",
            "roast",
            "bake",
            "fry",
            "stew",
            "braise",
            "microwave",
            "grill",
            "brown",
            "saute",
            "soften",
            "griddle",
            "char");
    private static final Pattern NOT_QUITE = Pattern.compile(
            "\\b(?:half|par-?(?:boil|cook)\\w*|blanch|almost|nearly|not quite|still (?:firm|hold|have)|barely|under-?(?:done|cooked)|some bite|start\\w*|begin\\w*)\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern DONE = Pattern.compile(
            "\\b(?:tender|soft|cooked(?: through)?|done|give|yield\\w*|goes (?:in|through)|slides?)\\b",
            Pattern.CASE_INSENSITIVE);

    private final Map<String, Pot> pots = new HashMap<>();

    Begun(PlannedProcedure procedure) {
        procedure.components().forEach(p -> pots.put(p.id(), p));
    }

    /** @return of the slices in the pot with this id; 0 where none of its work is done on the heat */
    double of(String pot) {
        return pots.containsKey(pot) ? of(pots.get(pot)) : 0;
    }

    private double of(Pot pot) {
        double begun = pot.of().stream()
                .filter(c -> c.line() == null && c.component() != null)
                .mapToDouble(c -> of(c.component()))
                .max()
                .orElse(0);
        boolean in = pot.steps().stream().noneMatch(s -> takesSlices(s.uses()));
        for (Work step : pot.steps()) {
            in |= takesSlices(step.uses());
            begun = in && HEATS.contains(step.action()) ? Math.max(begun, after(step)) : begun;
        }
        return begun;
    }

    private static boolean takesSlices(List<Constituent> uses) {
        return uses.stream().map(Constituent::line).anyMatch(l -> l != null && isSlice(l));
    }

    private static boolean isSlice(ConvertedLine line) {
        return line.ingredient() != null && SLICES.contains(line.ingredient().role());
    }

    private static double after(Work step) {
        String words = step.until() == null ? step.words() : step.words() + " " + step.until();
        if (NOT_QUITE.matcher(words).find() || step.action().startsWith("par")) {
            return HALF_WAY;
        }
        if (DONE.matcher(words).find()) {
            return TENDER;
        }
        return step.minutes() == null
                ? HALF_WAY
                : Math.min(TENDER, step.minutes().max() / MINUTES_TO_TENDER);
    }
}
