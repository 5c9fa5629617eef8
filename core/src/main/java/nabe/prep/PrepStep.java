package nabe.prep;

import nabe.recipe.Part;

/**
 * One thing to do before building.
 *
 * @param text what to do, amounts in it
 * @param sign how the cook knows it is done
 * @param activeMinutes hands busy; {@code passiveMinutes} it does itself
 * @param rawGrams what goes in, {@code readyGrams} what enters the dish
 */
public record PrepStep(String text, String item, Part part, String sign, int activeMinutes, int passiveMinutes,
        double rawGrams, double readyGrams) {
}
