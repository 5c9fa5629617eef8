package nabe.plan;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import nabe.bake.OvenChoice;
import nabe.build.BuildChoice;
import nabe.build.Pan;
import nabe.measure.WrongValueException;
import nabe.needs.Needs;
import nabe.prep.PrepChoice;
import nabe.recipe.Correction;
import nabe.recipe.Family;
import nabe.recipe.Part;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * What the cook decided; everything else is computed from it.
 *
 * @param pan the cook's pan, or null to take the recipe's or one that fits
 * @param servings how many to cook for, 1 to 200, or null for the recipe's own
 * @param choices swap rules chosen by hand, by line index
 * @param eaters ids of people of the house who eat this dish; their needs join {@code needs}
 * @param schools this dish's own answers where good cooks differ, by question
 * @param prep what the cook decided about preparing, {@code build} about building
 * @param forecast whether the plan should hold the bake over time
 * @param made "home", "bought" or a component's id, by larder id of the made thing
 */
@RecordBuilder
@RecordBuilder.Options(buildMethodName = "brief")
public record Brief(
        RecipeBrief recipe,
        Needs needs,
        @Nullable Pan pan,
        OvenChoice oven,
        @Nullable Integer servings,
        Map<Integer, String> choices,
        List<String> eaters,
        Map<String, String> schools,
        Map<String, String> made,
        PrepChoice prep,
        BuildChoice build,
        boolean forecast) {
    private static final int MOST_SERVINGS = 200;

    /** @throws WrongValueException when servings are outside 1 to 200 */
    public Brief {
        checkServings(servings);
        oven = oven == null ? OvenChoice.usual() : oven;
        choices = choices == null ? Map.of() : Map.copyOf(choices);
        eaters = eaters == null ? List.of() : List.copyOf(eaters);
        schools = schools == null ? Map.of() : Map.copyOf(schools);
        made = made == null ? Map.of() : Map.copyOf(made);
        prep = prep == null ? PrepChoice.none() : prep;
        build = build == null ? BuildChoice.usual() : build;
    }

    /** A brief with nothing decided but the recipe and the needs. */
    public static Brief of(RecipeBrief recipe, Needs needs) {
        return BriefBuilder.builder().recipe(recipe).needs(needs).brief();
    }

    /** @return the same for other servings */
    public Brief serving(int others) {
        return BriefBuilder.builder(this).servings(others).brief();
    }

    /** @return the same in this oven, without a forecast */
    Brief in(OvenChoice other) {
        return BriefBuilder.builder(this).oven(other).forecast(false).brief();
    }

    /** @return the same for these people of the house and so many servings */
    Brief eatenBy(List<String> people, @Nullable Integer others) {
        return BriefBuilder.builder(this).servings(others).eaters(people).brief();
    }

    private static void checkServings(@Nullable Integer servings) {
        if (servings != null && (servings < 1 || servings > MOST_SERVINGS)) {
            throw new WrongValueException(Messages.say("plan.the-servings-must-be-between-and", servings));
        }
    }

    /**
     * The recipe, as pasted text or as lines the cook has been over.
     *
     * @param text the pasted text; read when {@code lines} is empty
     * @param family the kind of dish when the cook changed it, or null
     * @param corrections of the procedure, in the order they were made
     */
    public record RecipeBrief(
            @Nullable String text,
            @Nullable String title,
            @Nullable Integer servings,
            List<LineBrief> lines,
            List<String> steps,
            @Nullable Family family,
            List<Correction> corrections) {
        public RecipeBrief {
            checkServings(servings);
            lines = lines == null ? List.of() : List.copyOf(lines);
            steps = steps == null ? List.of() : List.copyOf(steps);
            corrections = corrections == null ? List.of() : List.copyOf(corrections);
        }

        public static RecipeBrief ofText(String text) {
            return new RecipeBrief(text, null, null, List.of(), List.of(), null, List.of());
        }
    }

    /**
     * One line, with what the cook corrected.
     *
     * @param ingredient larder id that overrides the reading, or null
     * @param part overrides the reading, or null
     */
    public record LineBrief(
            String text,
            @Nullable String heading,
            @Nullable String ingredient,
            @Nullable Part part) {}
}
