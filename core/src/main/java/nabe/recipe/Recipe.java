package nabe.recipe;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A recipe as read.
 *
 * @param title never empty
 * @param servings how many it serves, or null when it does not say
 * @param lines the ingredient lines in order, none dropped
 * @param steps the method in order
 * @param oven what the method says of the oven
 * @param pan the pan it names, or null
 * @param family the kind of bake it was taken for
 * @param asides words of the text that are neither ingredient nor step: introduction, times, notes, headings with nothing under them
 */
public record Recipe(
        String title,
        @Nullable Integer servings,
        List<Line> lines,
        List<String> steps,
        OvenSetting oven,
        @Nullable PanSize pan,
        Family family,
        List<String> asides) {

    /** @return the same recipe with its lines told anew */
    public Recipe with(List<Line> others) {
        return new Recipe(title, servings, List.copyOf(others), steps, oven, pan, family, asides);
    }

    /** @return the same recipe with another oven */
    public Recipe bakedAt(OvenSetting other) {
        return new Recipe(title, servings, lines, steps, other, pan, family, asides);
    }

    /** @return the same recipe with another method */
    public Recipe saying(List<String> others) {
        return new Recipe(title, servings, lines, List.copyOf(others), oven, pan, family, asides);
    }
}
