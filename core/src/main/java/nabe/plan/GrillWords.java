package nabe.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import nabe.build.Material;
import nabe.swap.MethodStep;

/** Takes the grill out of the method's words where the dish cannot stand it, or nobody knows whether it can. */
final class GrillWords {
    private static final Pattern UNDER = Pattern.compile(
            "\\bunder (?:an? |the )?(?:hot |very hot |preheated )?(?:grill|broiler)\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern DOES = Pattern.compile("\\b([Gg])rill\\b|\\b([Bb])roil\\b");
    private static final Pattern BAKES =
            Pattern.compile("\\b(?:bake|in the oven|into the oven)\\b", Pattern.CASE_INSENSITIVE);

    private GrillWords() {}

    /** @return the steps with the dish's own grilling, after its bake, moved to the oven's top */
    static List<MethodStep> safe(List<MethodStep> steps, boolean grilled, Material material) {
        if (!grilled || !material.mayShatter()) {
            return steps;
        }
        List<MethodStep> safe = new ArrayList<>();
        boolean baked = false;
        for (MethodStep step : steps) {
            StringBuilder text = new StringBuilder();
            for (String sentence : step.text().split("(?<=[.;!])(?=\\s)")) {
                boolean bakes = BAKES.matcher(sentence).find();
                text.append(baked || bakes ? without(sentence) : sentence);
                baked |= bakes;
            }
            boolean changed = !text.toString().equals(step.text());
            List<MethodStep.Note> notes = new ArrayList<>(step.notes());
            if (changed) {
                notes.add(new MethodStep.Note(
                        "Grill",
                        "only a dish of metal, enamel or cast iron goes under it; glass and ceramic can break.",
                        "grill"));
            }
            safe.add(new MethodStep(text.toString(), step.was(), step.changed() || changed, List.copyOf(notes)));
        }
        return List.copyOf(safe);
    }

    private static String without(String sentence) {
        String moved = UNDER.matcher(sentence).replaceAll("at the top of the oven");
        return DOES.matcher(moved)
                .replaceAll(m -> Character.isUpperCase(m.group().charAt(0)) ? "Brown" : "brown");
    }
}
