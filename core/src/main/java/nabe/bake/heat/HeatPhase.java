package nabe.bake.heat;

/**
 * One stretch of the heat: what changes at its start holds to its end.
 *
 * @param seconds how long
 * @param celsius of the oven's air as it truly is; for a rest, of the kitchen
 * @param covered under foil or a lid
 * @param grill whether the element above glows
 * @param resting out of the oven
 * @param toppingOn whether what goes on late lies on from here
 */
public record HeatPhase(
        double seconds, double celsius, boolean covered, boolean grill, boolean resting, boolean toppingOn) {
    /** @throws IllegalArgumentException for a time that is none */
    public HeatPhase {
        if (!(seconds >= 0) || !Double.isFinite(celsius)) {
            throw new IllegalArgumentException(
                    "A phase (" + seconds + " s at " + celsius + " °C) must last and be somewhere warm.");
        }
    }
}
