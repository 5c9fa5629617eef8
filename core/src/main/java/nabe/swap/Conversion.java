package nabe.swap;

import java.util.List;

/**
 * The recipe made to fit the needs.
 *
 * @param lines what goes into the dish
 * @param massBeforeGrams weight of all lines the recipe weighs, {@code massAfterGrams} of what goes in now
 */
public record Conversion(List<ConvertedLine> lines, List<Swap> swaps, List<Unresolved> unresolved,
        double massBeforeGrams, double massAfterGrams) {
}
