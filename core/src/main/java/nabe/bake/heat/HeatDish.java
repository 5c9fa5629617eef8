package nabe.bake.heat;

import java.util.List;

/**
 * A dish as the heat sees it: its cross-section from the middle to the wall.
 *
 * @param layers bottom to top, never empty
 * @param halfWidth m; for a round dish its radius
 * @param round whether heat comes from all round
 */
public record HeatDish(List<HeatLayer> layers, double halfWidth, boolean round, Wall wall) {
    /** @throws IllegalArgumentException when there is nothing in it or it has no size */
    public HeatDish {
        layers = List.copyOf(layers);
        if (layers.isEmpty() || !(halfWidth > 0) || !(height(layers) > 0)) {
            throw new IllegalArgumentException("A dish must hold at least one layer and have a width.");
        }
    }

    private static double height(List<HeatLayer> layers) {
        return layers.stream().mapToDouble(HeatLayer::height).sum();
    }

    /** @return m */
    public double height() {
        return height(layers);
    }
}
