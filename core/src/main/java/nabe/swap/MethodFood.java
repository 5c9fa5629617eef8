package nabe.swap;

import org.jspecify.annotations.Nullable;

/**
 * A food that only the method names: served with it, brushed on, for the dish.
 *
 * @param step index of the step that names it
 * @param name as the method has it
 * @param ingredient larder id of what it is now
 * @param becomes what the step says instead, or null where it stays or is left out
 * @param why what stands against it, or null where it stays
 * @param label what to check on its packet, or null
 */
public record MethodFood(
        int step,
        String name,
        String ingredient,
        @Nullable String becomes,
        @Nullable String why,
        @Nullable String label) {}
