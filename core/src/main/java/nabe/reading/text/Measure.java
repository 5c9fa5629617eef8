package nabe.reading.text;

import java.util.Objects;
import nabe.measure.Amount;
import nabe.measure.Spoons;
import nabe.measure.Unit;
import org.jspecify.annotations.Nullable;

/**
 * An amount with its unit as written.
 *
 * @param amount never null
 * @param unit null for a bare count
 * @param packSize what one pack holds, where the line says ("2 x 400 g tins"), or null
 */
record Measure(Amount amount, @Nullable Unit unit, @Nullable Measure packSize) {

    Measure(Amount amount, @Nullable Unit unit) {
        this(amount, unit, null);
    }

    /** @return grams or millilitres, for a fixed unit */
    Amount base(Spoons spoons) {
        return amount.times(spoons.factor(Objects.requireNonNull(unit)));
    }

    boolean isMass() {
        return unit != null && unit.kind() == Unit.Kind.MASS;
    }

    boolean isVolume() {
        return unit != null && unit.kind() == Unit.Kind.VOLUME;
    }

    boolean isFixed() {
        return isMass() || isVolume();
    }
}
