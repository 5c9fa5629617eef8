package nabe.budgets;

import java.util.List;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/**
 * A layer as the water budget sees it.
 *
 * @param component the pot that most of it comes from, or null
 * @param lines what is in it, in the amounts that lie in this layer
 * @param cold whether it is a binder stirred cold: its egg and starch do not hold yet when it is poured
 */
public record WetLayer(@Nullable String component, String name, Part part, List<ReadyLine> lines, boolean cold) {

    double grams() {
        return lines.stream().mapToDouble(ReadyLine::readyGrams).sum();
    }

    double waterGrams() {
        return lines.stream().mapToDouble(ReadyLine::waterGrams).sum();
    }

    /** @return one for each part, with all of it that lies in these layers */
    public static List<WetLayer> gathered(List<WetLayer> layers) {
        return layers.stream()
                .map(WetLayer::part)
                .distinct()
                .map(part -> new WetLayer(
                        null,
                        part.title(),
                        part,
                        layers.stream()
                                .filter(l -> l.part() == part)
                                .flatMap(l -> l.lines().stream())
                                .toList(),
                        false))
                .toList();
    }
}
