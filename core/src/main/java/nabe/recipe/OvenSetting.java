package nabe.recipe;

import java.util.List;
import nabe.measure.Amount;
import nabe.measure.Temperature;
import nabe.recipe.Procedure.OvenPhase;
import nabe.recipe.Procedure.PhaseKind;
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
     * @param covered whether under foil or a lid; null when that is not known
     */
    public record BakeTime(Amount minutes, @Nullable Boolean covered) {}

    /** Before the method is compiled. */
    public static final OvenSetting NONE = new OvenSetting(null, false, List.of(), false);

    private static final double FAN_OFFSET = Temperature.FAN_OFFSET_CELSIUS;

    /** What a procedure says of the oven; times and covers are those of its phases. */
    public static OvenSetting of(Procedure procedure) {
        List<OvenPhase> bakes = procedure.oven().stream()
                .filter(p -> p.kind() == PhaseKind.BAKE)
                .toList();
        OvenPhase heated =
                bakes.stream().filter(p -> p.celsius() != null).findFirst().orElse(null);
        return new OvenSetting(
                heated == null ? null : onDial(heated),
                heated != null && heated.fan(),
                bakes.stream()
                        .filter(p -> p.minutes() != null)
                        .map(p -> new BakeTime(
                                new Amount(p.minutes().min(), p.minutes().max()), p.covered()))
                        .toList(),
                !bakes.isEmpty() && procedure.oven().stream().anyMatch(p -> p.kind() == PhaseKind.GRILL));
    }

    private static @Nullable Double onDial(OvenPhase phase) {
        return phase.celsius() == null ? null : Double.valueOf(phase.celsius() + (phase.fan() ? FAN_OFFSET : 0));
    }

    /** @return whether the recipe covers its dish for a part of the bake, or null where it gives no time */
    public @Nullable Boolean coversAny() {
        return times.isEmpty() ? null : Boolean.valueOf(times.stream().anyMatch(t -> Boolean.TRUE.equals(t.covered())));
    }

    /** @return all bakes together, in minutes; 0 when the method gives no time */
    public double totalMinutes() {
        return times.stream().mapToDouble(t -> t.minutes().mid()).sum();
    }
}
