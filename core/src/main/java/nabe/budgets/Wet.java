package nabe.budgets;

import java.util.List;
import nabe.larder.Figures;
import nabe.prep.PrepChoice;
import nabe.prep.ReadyLine;
import nabe.recipe.Part;

/** One line over all layers, as a thing that water can be taken from. */
record Wet(ReadyLine line) {
    private static final double WORTH_DOING = Figures.of("budgets.squeeze-worth-doing");
    private static final List<String> COOKED_DOWN = List.of(
            "mushroom", "tomato", "tomato-sauce", "vegetable", "slice-vegetable", "leaf", "frozen-leaf", "onion");
    private static final List<String> LIQUID = List.of("stock", "wine", "beer", "water");
    private static final double MOST_OFF = Figures.of("budgets.squeeze-most-off");

    private static final double MOST_OFF_LIQUID = Figures.of("budgets.reduce-most-off");

    Wet and(Wet other) {
        double raw = line.line().gramsOrZero() + other.line.line().gramsOrZero();
        double factor = line.line().gramsOrZero() <= 0 ? 1 : raw / line.line().gramsOrZero();
        return new Wet(new ReadyLine(
                line.line().times(factor),
                line.readyGrams() + other.line.readyGrams(),
                line.mendedGrams() + other.line.mendedGrams(),
                line.cooked()));
    }

    double water() {
        return line.waterGrams();
    }

    double mostOff() {
        return isThin() ? MOST_OFF_LIQUID : MOST_OFF;
    }

    private boolean isThin() {
        return LIQUID.stream().anyMatch(line::hasRole);
    }

    boolean cooksDown() {
        return (isThin() || COOKED_DOWN.stream().anyMatch(line::hasRole))
                && line.line().part() != Part.TOPPING
                && water() >= 2 * WORTH_DOING;
    }

    boolean presses() {
        return line.hasRole("tofu") && line.readyGrams() * PrepChoice.PRESSED >= WORTH_DOING / 2;
    }
}
