package nabe.bake.heat;

import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A layer as the heat sees it.
 *
 * @param height m
 * @param stuff what it is made of
 * @param browns how readily its surface colours, 0 to 1
 * @param toasts whether it colours as crumbs and pastry do, rather than as cheese and sauce
 * @param cooks how fast it turns tender, against a dry sheet = 1; 0 for what needs no cooking
 * @param root whether it softens as roots do, hardly below 85 °C, rather than as starch
 * @param begun how tender it is when it goes in, 0 to 1
 * @param drawsWater whether water moves to its surface as in a sauce, rather than a cheese or crumbs
 * @param open how far steam and bubbling juices wander through it, 0 (dense: mash, custard, pastry) to 1 (loose and saucy)
 * @param topping whether it goes on late where the bake says so
 */
@RecordBuilder
public record HeatLayer(
        String name,
        double height,
        Foodstuff stuff,
        double browns,
        boolean toasts,
        double cooks,
        boolean root,
        double begun,
        boolean drawsWater,
        double open,
        boolean topping) {
    /** @return the same, colouring so many times as readily, at most wholly */
    public HeatLayer browning(double times) {
        return HeatLayerBuilder.builder(this)
                .browns(Math.min(1, browns * times))
                .build();
    }
}
