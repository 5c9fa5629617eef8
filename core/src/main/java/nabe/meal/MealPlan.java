package nabe.meal;

import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Everything computed of a meal.
 *
 * @param names of the dishes, by their index
 * @param eats who can eat what; {@code gaps} who has nothing
 * @param compare for dishes not everybody can eat: one for all against one apart
 * @param tasks in the order they begin
 * @param serving what comes to the table when; {@code labels} the cards that stand there; {@code heats} when ovens are turned
 * @param breaches where something gets where it must not be; {@code ordinaryBreaches} how many the same tasks would make done
 *     dish by dish with one tool of each kind and no washing up
 * @param stories of each strict person's food, from packet to plate
 * @param missing what the kitchen lacks, with the least that mends it
 * @param changes what is otherwise than before something was done, late or dropped
 */
public record MealPlan(
        String title,
        LocalDateTime serveAt,
        List<String> names,
        List<Eats> eats,
        List<Gap> gaps,
        List<Compare> compare,
        List<MealTask> tasks,
        List<Serving> serving,
        List<Label> labels,
        List<Heat> heats,
        List<Breach> breaches,
        int ordinaryBreaches,
        List<Story> stories,
        Status status,
        int lateMinutes,
        List<Missing> missing,
        List<Bought> shopping,
        List<Change> changes) {

    /** @param verdict "yes", "no" or "check" (the labels decide) */
    public record Eats(String eater, int dish, String verdict, List<String> why) {}

    /** Somebody nobody feeds, and what would. */
    public record Gap(String eater, String offer) {}

    /** @param minutes of work; {@code fidelity} 0 to 1 of its least near swap; {@code checks} labels to read */
    public record Way(int minutes, double fidelity, int checks) {}

    /** @param cannot names of those who cannot eat it as it is; {@code advice} "one for all" or "one apart" */
    public record Compare(int dish, List<String> cannot, Way oneForAll, Way oneApart, String advice, String why) {}

    /**
     * @param out of the oven or off the stove; {@code order} from 1, strict food first
     * @param stands minutes from there to the table; {@code keep} how it stays hot, or null where it need not
     */
    public record Serving(
            int dish,
            LocalDateTime out,
            LocalDateTime onTable,
            String spoon,
            int order,
            int stands,
            @Nullable String keep) {}

    /**
     * The card before a dish.
     *
     * @param contains allergens in it; {@code freeOf} needs it was made for; {@code strict} whether it was kept apart the whole
     *     way; {@code eaters} those it is for
     */
    public record Label(
            int dish,
            String name,
            List<String> made,
            List<String> contains,
            List<String> freeOf,
            boolean strict,
            List<String> eaters,
            String spoon) {}

    /** @param at when the dial is turned, {@code by} when it must be hot */
    public record Heat(int oven, double celsius, LocalDateTime at, LocalDateTime by, String words) {}

    /** @param at when, or null for the whole time; {@code where} packet, fridge, worktop, tools, oven or table */
    public record StoryLine(@Nullable LocalDateTime at, String where, String words) {}

    public record Story(String eater, int dish, List<StoryLine> lines) {}

    /** @param proven whether no better one can be; {@code gap} to the bound, 0 when proven */
    public record Status(boolean proven, double gap, long millis) {}

    /**
     * @param buy in buying units; {@code dishes} indexes; {@code check} what to read on the packet, or null
     * @param place in the shop; {@code pantry} whether a kitchen has it as a rule; {@code packet} a kept one that fits, or null
     */
    public record Bought(
            String item,
            String buy,
            @Nullable Double grams,

            @com.fasterxml.jackson.annotation.JsonProperty("for")
            List<Integer> dishes,

            @Nullable String check,
            String place,
            boolean pantry,
            @Nullable String packet) {}

    /** What the kitchen lacks, and the least that mends it. */
    public record Missing(String what, String mend) {}

    public record Change(String task, String words) {}
}
