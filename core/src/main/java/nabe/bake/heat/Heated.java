package nabe.bake.heat;

import java.util.List;

/**
 * What a simulation gives.
 *
 * @param samples a point for each minute, the first at 0
 * @param pictures the cross-section at a few times
 * @param energyError share of the heat taken in that is not found in the food, the steam or the dish
 * @param waterError share of the water that is neither in the food nor in the steam
 * @param dried share of each layer's water that went off in the oven, bottom to top
 */
public record Heated(
        List<Sample> samples, List<Picture> pictures, double energyError, double waterError, List<Double> dried) {

    /**
     * @param minutes since it went into the oven
     * @param core the coldest point of the food, °C; {@code middle} its very middle; {@code edge} half way up at the wall; {@code top} its surface
     * @param oven the air, °C
     * @param water share of the dish's water that is left
     * @param tender the least cooked layer, 0 to 1; 1 where nothing needs cooking
     * @param browning 1 is golden, 2.2 dark
     */
    public record Sample(
            double minutes,
            double core,
            double middle,
            double edge,
            double top,
            double oven,
            double water,
            double tender,
            double browning,
            double mean) {}

    /** @param celsius rows from the base up, from the middle to the wall */
    public record Picture(double minutes, double[][] celsius) {}

    public Sample last() {
        return samples.getLast();
    }
}
