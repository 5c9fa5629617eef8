package nabe.recipe;

import org.jspecify.annotations.Nullable;

/**
 * A pan as the recipe names it. Lengths in millimetres, inside; null where the recipe does not say.
 *
 * @param shape "rectangle", "square", "round" or "oval"
 * @param material what the text says it is made of: glass, ceramic, enamel, metal or cast-iron; null where it does not say
 * @param litres the volume where the recipe gives a volume instead of a size, or null
 */
public record PanSize(
        String shape,
        @Nullable Integer lengthMm,
        @Nullable Integer widthMm,
        @Nullable Integer diameterMm,
        @Nullable Integer depthMm,
        @Nullable Double litres,
        @Nullable String material) {

    /** @return whether lengths are known, not only a volume or a material */
    public boolean isMeasured() {
        return lengthMm != null && (widthMm != null || shape.equals("oval")) || diameterMm != null;
    }
}
