package nabe.budgets;

import java.util.List;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;

/**
 * A layer as the water budget sees it.
 *
 * @param lines what is in it, in the amounts that lie in this layer
 */
public record WetLayer(String name, Part part, List<ReadyLine> lines) {

    /** @return one for each part, with all of it that lies in these layers */
    public static List<WetLayer> gathered(List<WetLayer> layers) {
        return layers.stream()
                .map(WetLayer::part)
                .distinct()
                .map(part -> new WetLayer(
                        part.title(),
                        part,
                        layers.stream()
                                .filter(l -> l.part() == part)
                                .flatMap(l -> l.lines().stream())
                                .toList()))
                .toList();
    }
}
