package nabe.build.lay;

/**
 * What a piece allows. Every figure: kitchen practice.
 *
 * @param edgeGapMm left free along the rim, for swelling
 * @param overlapMm how far two pieces may lie over each other
 * @param smallestMm no piece is snapped or cut narrower
 * @param swelling how much longer each side is when tender, as a share: gaps no wider than that close by themselves
 */
public record LayRule(double edgeGapMm, double overlapMm, double smallestMm, double swelling) {
    /** Boiled, fresh or otherwise pliable: overlaps, comes up to the rim, swells no more. */
    public static final LayRule PLIABLE = new LayRule(1, 20, 20, 0);

    /** Brittle and dry: hardly any overlap, a gap at the rim to swell into. */
    public static LayRule brittle(double swelling) {
        return new LayRule(5, 8, 25, swelling);
    }
}
