package nabe.swap;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing replaced, and why.
 *
 * @param source index of the recipe line
 * @param was what it was, with its amount
 * @param wasGrams null where the recipe gave no amount
 * @param offends what made it unfit
 * @param becomes what goes in instead; empty where the cook leaves it out
 * @param reason why that works; {@code method} what changes at the stove
 * @param rule the rule's id; {@code job} the work matched
 * @param fidelity 0 to 1, the score of {@code terms}
 * @param check what to read on packets, or null
 * @param alternatives other answers that also meet every need, best for this house first, five at most
 * @param passedOver nearer answers that some need shuts out, two at most
 */
public record Swap(
        int source,
        String was,
        @Nullable Double wasGrams,
        List<String> offends,
        List<Becomes> becomes,
        String reason,
        String method,
        String rule,
        String job,
        double fidelity,
        Fidelity terms,
        Cost cost,
        Ranking ranking,
        @Nullable String check,
        List<Alternative> alternatives,
        List<PassedOver> passedOver) {

    Swap withCheck(@Nullable String words) {
        return new Swap(
                source,
                was,
                wasGrams,
                offends,
                becomes,
                reason,
                method,
                rule,
                job,
                fidelity,
                terms,
                cost,
                ranking,
                words,
                alternatives,
                passedOver);
    }

    /** @param display the amount as a cook reads it */
    public record Becomes(
            String item, String ingredient, @Nullable Double grams, String display) {}

    /** @param rule what to choose to have it */
    public record Alternative(
            String rule,
            List<Becomes> becomes,
            double fidelity,
            Fidelity terms,
            Cost cost,
            Ranking ranking,
            String reason,
            String method,
            @Nullable String check) {}

    /** @param item what it would have been, {@code because} what stands against it */
    public record PassedOver(String rule, String item, String because) {}
}
