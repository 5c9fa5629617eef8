package nabe.build;

import java.util.List;

/**
 * What does not fit under the headroom.
 *
 * @param grams to a second dish, {@code share} of the whole, 0 to 1
 * @param overMm how far the full stack would stand over the fill line
 * @param advice what to do
 * @param secondPan a common pan that holds the rest
 * @param layers what goes into it, bottom to top
 */
public record Overflow(double grams, double share, double overMm, String advice, Pan secondPan, List<Layer> layers) {}
