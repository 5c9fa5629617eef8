package nabe.recipe;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a method does: which pots and bowls there are, what goes into each, how they are built into the dish, how it bakes.
 *
 * @param components in the order they are first touched
 * @param layers bottom to top, repeats written out
 * @param beside what never enters the dish
 * @param oven the dish's own bake, phase by phase
 * @param rest minutes it stands before it is cut, or null
 * @param goesIn how warm it goes into the oven: hot, room, fridge or frozen; null where the text does not say
 * @param doubts what could not be resolved, with the best guess taken
 */
public record Procedure(
        List<Vessel> components,
        List<Placement> layers,
        List<Beside> beside,
        List<OvenPhase> oven,
        @Nullable Minutes rest,
        @Nullable String goesIn,
        List<Doubt> doubts) {

    /** Part of a line or of another component: exactly one of {@code line} (its index) and {@code component} (its id). */
    public record Of(@Nullable Integer line, @Nullable String component, double share) {}

    /** @param min, max minutes, equal where the text gives one figure */
    public record Minutes(double min, double max) {}

    /**
     * One bowl or pot before it goes into the dish, or a thing laid as it is.
     *
     * @param kind what it is there: structure, filling, red-sauce, white-sauce, melting-cheese and so on
     */
    public record Vessel(String id, String name, String kind, List<Of> of, List<Step> steps) {}

    /**
     * One action on a component.
     *
     * @param action the kitchen's verb; {@code words} the cook's own clause; {@code sentence} its index in the method
     * @param minutes how long, or null; {@code celsius} where an oven or a fat has a temperature, or null
     * @param covered null where the text does not say
     */
    public record Step(
            String id,
            String action,
            String words,
            int sentence,
            List<Of> uses,
            @Nullable String tool,
            @Nullable String heat,
            @Nullable Boolean covered,
            @Nullable Double celsius,
            @Nullable Minutes minutes,
            @Nullable String until) {}

    /** @param film a smear under everything; {@code inside} fills a roll or shell; {@code late} goes on during the bake */
    public record Placement(String of, double share, boolean film, boolean inside, boolean late) {}

    /** @param use such as "served beside" */
    public record Beside(String of, double share, String use) {}

    /** @param kind bake or grill; {@code adds} ids of components that go on in this phase */
    public record OvenPhase(
            String kind,
            @Nullable Double celsius,
            boolean covered,
            @Nullable Minutes minutes,
            List<String> adds,
            boolean stir) {}

    /** @param why what is unsure, with the guess taken */
    public record Doubt(int sentence, String words, String why) {}
}
