package nabe.prep;

import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/**
 * One thing to do before building.
 *
 * @param text what to do, amounts in it
 * @param sign how the cook knows it is done
 * @param activeMinutes hands busy; {@code passiveMinutes} it does itself
 * @param rawGrams what goes in, {@code readyGrams} what enters the dish
 * @param tool what it is done in, or null; {@code heat} how hot, or null
 * @param ahead how long before it may be done, or null where it is done just before
 * @param startMinutesBefore the last moment to start it, in minutes before building, for one cook with one pair of hands
 */
public record PrepStep(
        String text,
        String item,
        Part part,
        String sign,
        int activeMinutes,
        int passiveMinutes,
        double rawGrams,
        double readyGrams,
        @Nullable String tool,
        @Nullable String heat,
        @Nullable String ahead,
        int startMinutesBefore) {

    PrepStep startingBefore(int minutes) {
        return new PrepStep(
                text,
                item,
                part,
                sign,
                activeMinutes,
                passiveMinutes,
                rawGrams,
                readyGrams,
                tool,
                heat,
                ahead,
                minutes);
    }
}
