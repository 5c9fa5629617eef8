package nabe.recipe;

import java.util.List;
import nabe.measure.Amount;
import org.jspecify.annotations.Nullable;

/**
 * What the method says of the oven.
 *
 * @param celsius conventional temperature, or null when the method names none
 * @param fan whether the method gave a fan temperature (already raised to conventional in {@code celsius})
 * @param grilled whether the dish itself goes under the grill once it has baked
 * @param times the bakes in the order the method tells them
 */
public record OvenSetting(@Nullable Double celsius, boolean fan, List<BakeTime> times, boolean grilled) {

    /**
     * @param minutes how long
     * @param covered whether under foil or a lid; null when the method does not say
     */
    public record BakeTime(Amount minutes, @Nullable Boolean covered) {}

    /** @return all bakes together, in minutes; 0 when the method gives no time */
    public double totalMinutes() {
        return times.stream().mapToDouble(t -> t.minutes().mid()).sum();
    }
}
