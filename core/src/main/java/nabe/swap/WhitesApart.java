package nabe.swap;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.regex.Pattern;
import nabe.recipe.Procedure.Step;
import nabe.recipe.Recipe;

/** Whites of eggs that were parted, where what stands for the eggs has none: it all goes in where the yolks do. */
final class WhitesApart {
    private static final Pattern WHITES = Pattern.compile("\\bwhites\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern WHIPPED = Pattern.compile(
            "\\b(?:whisk|whip|beat|fold|peaks?|stiff|frothy|foam|snow)\\w*\\b", Pattern.CASE_INSENSITIVE);
    private static final Pattern THEM = Pattern.compile("\\b(?:them|it|these)\\b", Pattern.CASE_INSENSITIVE);
    private static final Set<String> FOAMS = Set.of("egg-white", "aquafaba");

    private final List<Swap> parted;
    private int sentence = -1;

    /** @param here the swaps of a pot */
    WhitesApart(List<Swap> here, Recipe recipe) {
        this.parted = here.stream()
                .filter(s -> recipe.lines().get(s.source()).ingredient() != null
                        && recipe.lines().get(s.source()).food().role().equals("egg"))
                .filter(s -> s.becomes().stream().noneMatch(b -> FOAMS.contains(b.ingredient())))
                .toList();
    }

    /** @return whether a step only whips or folds in whites that are gone */
    boolean areAllOf(Step step) {
        boolean theirs =
                step.uses().stream().allMatch(u -> parted.stream().anyMatch(s -> Objects.equals(u.line(), s.source())));
        if (parted.isEmpty() || !theirs) {
            return false;
        }
        boolean whites = WHITES.matcher(step.words()).find()
                && WHIPPED.matcher(step.words()).find();
        boolean goesOn = step.sentence() == sentence
                && step.uses().isEmpty()
                && THEM.matcher(step.words()).find();
        sentence = whites || goesOn ? step.sentence() : -1;
        return whites || goesOn;
    }
}
