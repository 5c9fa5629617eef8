package nabe.swap;

import java.util.List;

/**
 * What a swap costs against what was there.
 *
 * @param waterGrams more (or less) free water in the dish, {@code saltGrams} salt, {@code fatGrams} fat
 * @param activeMinutes more work, {@code passiveMinutes} more waiting
 * @param tools what it asks for; {@code missing} those of them this kitchen lacks
 */
public record Cost(
        double waterGrams,
        double saltGrams,
        double fatGrams,
        int activeMinutes,
        int passiveMinutes,
        List<String> tools,
        List<String> missing) {
    static final Cost NONE = new Cost(0, 0, 0, 0, 0, List.of(), List.of());
}
