package nabe.bake;

/**
 * What the bake has to reach.
 *
 * @param core °C at the coldest point
 * @param tender 0 to 1, the least cooked layer; {@code golden} browning of the top, 1 is golden
 * @param cover "two-phases", "open" or "sealed"
 * @param lateTopping whether cheese and crumbs go on for the last minutes
 * @param uncoverSooner minutes the cook takes the foil off before the rest would
 */
record Wanted(double core, double tender, double golden, String cover, boolean lateTopping, int uncoverSooner) {

    /** @return the same, pale or golden */
    Wanted whateverColour() {
        return new Wanted(core, tender, 0, cover, lateTopping, uncoverSooner);
    }
}
