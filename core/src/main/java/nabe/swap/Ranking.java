package nabe.swap;

/**
 * Where a swap stands for this house, with its terms; the highest is taken.
 *
 * @param fidelity its fidelity score
 * @param school what the house's own choice of school adds
 * @param labels what packets to read take off, {@code tools} what missing tools take off, {@code work} what minutes take off
 * @param score all together
 */
public record Ranking(double fidelity, double school, double labels, double tools, double work, double score) {
    /** More than nearness: what a house asked for comes before what is most like the original. */
    private static final double SCHOOL = 0.6;

    private static final double LABEL = 0.03;
    private static final double TOOL = 0.12;
    private static final double ACTIVE_MINUTE = 0.001;
    private static final double PASSIVE_MINUTE = 0.0002;

    /** The weights are kitchen practice: a label read is about as much trouble as half an hour of work. */
    static Ranking of(Fidelity fidelity, int schoolsChosen, long labels, Cost cost) {
        double school = SCHOOL * Math.min(1, schoolsChosen);
        double work = -(ACTIVE_MINUTE * cost.activeMinutes() + PASSIVE_MINUTE * cost.passiveMinutes());
        double reading = -LABEL * labels;
        double tools = -TOOL * cost.missing().size();
        return new Ranking(
                fidelity.score(), school, reading, tools, work, fidelity.score() + school + reading + tools + work);
    }
}
