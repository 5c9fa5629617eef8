package nabe.swap;

import nabe.larder.Figures;

/**
 * How near a swap stays to what was there, with its terms, each 0 to 1.
 *
 * @param taste kitchen practice, by rule; {@code texture} likewise
 * @param richness how near the fat stays, from composition; {@code moisture} the water
 * @param score 0.4 taste + 0.4 texture + 0.1 richness + 0.1 moisture; the weights are kitchen practice
 */
public record Fidelity(double taste, double texture, double richness, double moisture, double score) {
    static final Fidelity NONE = new Fidelity(0, 0, 0, 0, 0);
    private static final double UNNOTICED = Figures.of("swap.unnoticed");

    /** @param was what the thing brought, {@code now} what stands for it, {@code grams} of the thing replaced */
    static Fidelity of(SwapRule rule, Nutrients was, Nutrients now, double grams) {
        double richness = near(was.fat(), now.fat(), grams);
        double moisture = near(was.water(), now.water(), grams);
        return new Fidelity(
                rule.taste(),
                rule.texture(),
                richness,
                moisture,
                0.4 * rule.taste() + 0.4 * rule.texture() + 0.1 * richness + 0.1 * moisture);
    }

    /** @return the most that its score can be, whatever it stands for */
    static double atBest(SwapRule rule) {
        return 0.4 * rule.taste() + 0.4 * rule.texture() + 0.2;
    }

    private static double near(double was, double now, double grams) {
        double scale = Math.max(Math.max(Math.abs(was), Math.abs(now)), UNNOTICED * grams);
        return scale <= 0 ? 1 : Math.max(0, 1 - Math.abs(now - was) / scale);
    }
}
