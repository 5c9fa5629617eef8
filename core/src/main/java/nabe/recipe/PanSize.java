package nabe.recipe;

import org.jspecify.annotations.Nullable;

/**
 * A pan as the recipe names it. Lengths in millimetres, inside; null where the recipe does not say.
 *
 * @param shape "rectangle", "round" or "oval"
 * @param litres the volume where the recipe gives a volume instead of a size, or null
 */
public record PanSize(
        String shape,
        @Nullable Integer lengthMm,
        @Nullable Integer widthMm,
        @Nullable Integer diameterMm,
        @Nullable Integer depthMm,
        @Nullable Double litres) {}
