package nabe.swap;

import nabe.larder.Figures;

/**
 * Where a swap stands for this house, with its terms; the highest is taken.
 *
 * @param fidelity its fidelity score
 * @param school what the house's own choice of school adds, or takes off where it avoids such things
 * @param labels what packets to read take off, {@code tools} what missing tools take off, {@code work} what minutes take off
 * @param score all together
 */
public record Ranking(double fidelity, double school, double labels, double tools, double work, double score) {
    static final Ranking NONE = new Ranking(0, 0, 0, 0, 0, 0);

    private static final double SCHOOL = Figures.of("swap.ranking-school");

    private static final double LABEL = Figures.of("swap.ranking-label");
    private static final double DOUBT = Figures.of("swap.ranking-doubt");
    private static final double MOST_DOUBT = Figures.of("swap.ranking-most-doubt");
    private static final double TOOL = Figures.of("swap.ranking-tool");
    private static final double ACTIVE_MINUTE = Figures.of("swap.ranking-work");
    private static final double PASSIVE_MINUTE = Figures.of("swap.ranking-waiting");

    /**
     * The weights are kitchen practice: a label read is about as much trouble as half an hour of work, and each further thing
     * that some makers put in may send the cook back to the shop.
     *
     * @param labels packets to read, {@code doubts} things that some makers of them put in and that do not fit
     */
    static Ranking of(Fidelity fidelity, boolean asked, boolean avoided, long labels, long doubts, Cost cost) {
        double school = (asked ? SCHOOL : 0) - (avoided ? SCHOOL : 0);
        double work = -(ACTIVE_MINUTE * cost.activeMinutes() + PASSIVE_MINUTE * cost.passiveMinutes());
        double reading = -LABEL * labels - Math.min(MOST_DOUBT, DOUBT * Math.max(0, doubts - 1));
        double tools = -TOOL * cost.missing().size();
        return new Ranking(
                fidelity.score(), school, reading, tools, work, fidelity.score() + school + reading + tools + work);
    }
}
