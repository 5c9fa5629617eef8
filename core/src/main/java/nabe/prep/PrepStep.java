package nabe.prep;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonValue;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import nabe.larder.Figures;
import nabe.recipe.Part;
import nabe.swap.Ahead;
import org.jspecify.annotations.Nullable;

/**
 * One thing to do before building: a sentence of the recipe that works on one pot, or work of Nabe's own.
 *
 * @param component the pot it works on, null for getting ready; {@code item} that pot's name
 * @param text what to do, in the cook's own words where nothing changed
 * @param uses what goes in now, by weight or as a share of another pot
 * @param sign how the cook knows it is done, or null where there is nothing to see
 * @param activeMinutes hands busy; {@code passiveMinutes} it does itself
 * @param rawGrams in the pot before, with what goes in now; {@code readyGrams} after
 * @param tool what it is done in, or null; {@code heat} how hot, or null
 * @param keeps how long before it may be done, or null where it is done just before
 * @param startMinutesBefore the last moment to start it, in minutes before building, for one cook with one pair of hands
 * @param own whether it is Nabe's and not the recipe's; {@code why} it differs from the recipe, or null where it does not
 * @param ladder other ways to soak, longest first
 * @param doing what it takes: the kitchen's verbs, and an oven; {@code needs} ids of the steps that are over before it starts
 */
@RecordBuilder
public record PrepStep(
        String id,
        @Nullable String component,
        String item,
        Part part,
        String text,
        List<Used> uses,
        @Nullable String sign,
        int activeMinutes,
        int passiveMinutes,
        double rawGrams,
        double readyGrams,
        @Nullable String tool,
        @Nullable String heat,
        @JsonIgnore @Nullable Ahead keeps,
        int startMinutesBefore,
        boolean own,
        @Nullable String why,
        List<Rung> ladder,
        When when,
        @JsonIgnore Doing doing,
        @JsonIgnore Set<String> needs) {

    /** Minutes: what stands by itself so long is begun the day before, and stands on no heat. */
    public static final double LEAST_NIGHT = Figures.of("prep.least-night");

    public PrepStep {
        needs = needs == null ? Set.of() : Set.copyOf(needs);
    }

    /** @return how long before it may be done, in words; null where it is done just before */
    @JsonProperty("ahead")
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public @Nullable String ahead() {
        return keeps == null ? null : keeps.words();
    }

    /** @return how many days before it may be done; 0 where it is done on the day */
    public int daysAhead() {
        return keeps == null ? 0 : keeps.days();
    }

    /**
     * @param actions the kitchen's verbs
     * @param ovenCelsius how hot the oven it ends in is, null where it takes none; {@code ovenMinutes} how long it is in there
     * @param cuts what is only cut and how, one thing each
     */
    public record Doing(Set<String> actions, @Nullable Double ovenCelsius, int ovenMinutes, List<String> cuts) {
        static Doing of(Set<String> actions) {
            return new Doing(actions, null, 0, List.of());
        }

        static Doing cutting(List<String> things) {
            return new Doing(Set.of("chop"), null, 0, List.copyOf(things));
        }
    }

    /** @param grams or, of another pot, its {@code share}; null where the recipe gives no amount */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    public record Used(
            String item,
            @Nullable Double grams,
            @Nullable String component,
            @Nullable Double share) {}

    /** @param minutes it takes by itself; {@code taken} whether it is the one in {@code text} */
    public record Rung(String rung, int minutes, String words, boolean taken) {

        /** @return the words to stand within a sentence */
        String bare() {
            return words.substring(0, 1).toLowerCase(Locale.ROOT)
                    + words.substring(1).replaceFirst("\\.$", "");
        }
    }

    /** When it is done. */
    public enum When {
        BEFORE,
        /** The dish stands built before it bakes. */
        BUILT,
        WHILE_BAKING,
        TO_SERVE;

        @JsonValue
        public String id() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /** A step of Nabe's own. */
    static PrepStep own(
            String id,
            @Nullable String component,
            String item,
            Part part,
            String text,
            @Nullable String sign,
            int active,
            int passive,
            double raw,
            double ready,
            @Nullable String tool,
            @Nullable String heat,
            @Nullable Ahead keeps,
            String why) {
        return PrepStepBuilder.builder()
                .id(id)
                .component(component)
                .item(item)
                .part(part)
                .text(text)
                .uses(List.of())
                .sign(sign)
                .activeMinutes(active)
                .passiveMinutes(passive)
                .rawGrams(raw)
                .readyGrams(ready)
                .tool(tool)
                .heat(heat)
                .keeps(keeps)
                .own(true)
                .why(why)
                .ladder(List.of())
                .when(When.BEFORE)
                .doing(Doing.of(Set.of()))
                .build();
    }

    PrepStep using(List<Used> others) {
        return PrepStepBuilder.builder(this).uses(others).build();
    }

    PrepStep startingBefore(int minutes, Set<String> needed) {
        return PrepStepBuilder.builder(this)
                .startMinutesBefore(minutes)
                .needs(needed)
                .build();
    }
}
