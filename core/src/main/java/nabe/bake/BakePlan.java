package nabe.bake;

import java.util.List;
import nabe.measure.Temperature;
import org.jspecify.annotations.Nullable;

/**
 * How the dish bakes.
 *
 * @param rule how the minutes were found, in words
 * @param coreCelsius the safe core temperature, or null where none is usual; {@code coreSource} who says so
 * @param signs what done looks like
 * @param recipeMinutes what the recipe itself gave, or null
 */
public record BakePlan(Scales oven, List<Phase> phases, int ovenMinutes, String rule,
        @Nullable Double coreCelsius, @Nullable String coreSource, List<String> signs, @Nullable Integer recipeMinutes) {

    /** @return minutes in the oven, under cover or open */
    public int minutes(boolean covered) {
        return phases.stream().filter(p -> p.celsius() != null && p.covered() == covered).mapToInt(Phase::minutes).sum();
    }

    /** One oven temperature on every dial. */
    public record Scales(double celsius, double fahrenheit, int gasMark, double fanCelsius) {
        static Scales of(Temperature t) {
            return new Scales(t.celsius(), Math.round(t.fahrenheit() / 5) * 5.0, t.nearestGasMark(), t.fanSetting());
        }
    }
}
