package nabe.swap;

import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import nabe.swap.job.Job;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * One thing replaced, and why.
 *
 * @param source index of the recipe line
 * @param was what it was, with its amount
 * @param wasGrams null where the recipe gave no amount
 * @param offends what made it unfit
 * @param becomes what goes in instead; empty where the cook leaves it out
 * @param beside larder id of the thing where its line names it only besides its own ("onion, fried in butter"), else null
 * @param reason why that works; {@code method} what changes at the stove
 * @param rule the rule's id; {@link Kitchen#LEAVE_OUT} where the cook leaves it out, {@link #OPEN} where nothing stays near
 *     enough for Nabe to choose, {@link #GOES_WITH} where it goes with what another dish stands for
 * @param job the work it does there, or null where the cook leaves out what is not known; {@code does} as the cook reads it
 * @param fidelity 0 to 1, the score of {@code terms}
 * @param check what to read on packets, or null
 * @param notice what would be lost, where Nabe does not choose by itself, or null
 * @param whole whether it stands for the whole mixture
 * @param alternatives other answers that also meet every need, best for this house first, five at most
 * @param conditional answers for those who eat certified oats only, three at most
 * @param passedOver nearer answers that some need shuts out, two at most
 */
@RecordBuilder
public record Swap(
        int source,
        String was,
        @Nullable Double wasGrams,
        List<String> offends,
        List<Becomes> becomes,
        @JsonIgnore @Nullable String beside,
        String reason,
        @JsonIgnore @Nullable String change,
        String rule,
        @Nullable Job job,
        String does,
        double fidelity,
        Fidelity terms,
        Cost cost,
        Ranking ranking,
        @Nullable String check,
        @Nullable String notice,
        @JsonIgnore boolean whole,
        List<Alternative> alternatives,
        List<Alternative> conditional,
        List<PassedOver> passedOver) {
    /** The rule where the cook has to choose. */
    public static final String OPEN = "open";

    /** The rule of what goes with a mixture that another dish stands for. */
    public static final String GOES_WITH = "goes-with";

    /** @return what is done otherwise at the stove, in words */
    @JsonProperty("method")
    public String method() {
        return atTheStove(change);
    }

    Swap withCheck(@Nullable String words) {
        return SwapBuilder.builder(this).check(words).build();
    }

    /** @param display the amount as a cook reads it */
    public record Becomes(
            String item, String ingredient, @Nullable Double grams, String display) {}

    /**
     * @param rule what to choose to have it
     * @param dish whether it is another dish: it stands for the whole mixture
     * @param onlyIf for whom alone it will do, or null
     */
    public record Alternative(
            String rule,
            List<Becomes> becomes,
            boolean dish,
            @Nullable String onlyIf,
            double fidelity,
            Fidelity terms,
            Cost cost,
            Ranking ranking,
            String reason,
            @JsonIgnore @Nullable String change,
            @Nullable String check) {

        /** @return what is done otherwise at the stove, in words */
        @JsonProperty("method")
        public String method() {
            return atTheStove(change);
        }
    }

    private static String atTheStove(@Nullable String change) {
        return change == null ? Messages.say("swap.as-before") : change;
    }

    /** @param item what it would have been, {@code because} what stands against it */
    public record PassedOver(String rule, String item, String because) {}
}
