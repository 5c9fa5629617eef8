package nabe.bake;

import java.util.List;
import nabe.bake.heat.Heated;

/**
 * The bake over time, a point a minute from the oven door to the end of the rest.
 *
 * @param minutes since it went in
 * @param core the coldest point, °C; {@code middle} the very middle; {@code coreLow} and {@code coreHigh} with a cooler and a hotter oven and start
 * @param edge half way up at the wall, {@code top} the surface, {@code oven} the air, °C
 * @param water share of the dish's water that is left; {@code tender} 0 to 1; {@code browning} 1 is golden, 2.8 dark
 * @param pictures the cross-section every five minutes, rows from the base up, from the middle to the wall
 * @param halfWidthMm, heightMm what a picture shows
 * @param energyError, waterError how far the balances of this forecast are from closing, as shares
 */
public record Forecast(
        List<Double> minutes,
        List<Double> core,
        List<Double> middle,
        List<Double> coreLow,
        List<Double> coreHigh,
        List<Double> edge,
        List<Double> top,
        List<Double> oven,
        List<Double> water,
        List<Double> tender,
        List<Double> browning,
        List<Heated.Picture> pictures,
        double halfWidthMm,
        double heightMm,
        double energyError,
        double waterError) {
    /** @return what its own heat still does to it from the minute it comes out, grilled where it is grilled */
    BakePlan.CarryOver carryOver(int out) {
        int at = (int) minutes.stream().filter(m -> m < out).count();
        return BakePlan.CarryOver.of(
                Math.round(middle.get(at)), highest(middle, at), Math.round(core.get(at)), highest(core, at));
    }

    private static long highest(List<Double> curve, int from) {
        return Math.round(curve.subList(from, curve.size()).stream()
                .mapToDouble(d -> d)
                .max()
                .orElse(0));
    }
}
