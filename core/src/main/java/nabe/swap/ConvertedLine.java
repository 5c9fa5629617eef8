package nabe.swap;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Objects;
import nabe.larder.Ingredient;
import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/**
 * One thing that goes into the converted dish.
 *
 * @param source index of the recipe line it comes from
 * @param item what the cook reads
 * @param grams raw weight, or null where the recipe gave none
 * @param amount how it is written in the recipe's own measure, or null for scales only
 * @param part where it works
 * @param swapped whether it stands for something else
 * @param label what to check on the packet, or null
 * @param preparation what is done to it, or null
 * @param written the whole line as the recipe measures it, of which this may be a share; null where it stands for another
 * @param component id of the pot of the procedure it goes to, or null where that is not known
 */
@RecordBuilder
public record ConvertedLine(
        int source,
        String item,
        @Nullable Ingredient ingredient,
        @Nullable Double grams,
        @Nullable String amount,
        Part part,
        boolean swapped,
        @Nullable String label,
        @Nullable String preparation,
        @Nullable Written written,
        @Nullable String component) {
    /** "3 cloves (9 g)" and what it weighs. */
    public record Written(String amount, double grams) {}

    /** @return this share of it; how the recipe wrote it no longer holds */
    public ConvertedLine times(double share) {
        return ConvertedLineBuilder.builder(this)
                .grams(grams == null ? null : grams * share)
                .amount(null)
                .build();
    }

    /** @return the larder's ingredient of a line that is known to have one */
    public Ingredient food() {
        return Objects.requireNonNull(ingredient);
    }

    public double gramsOrZero() {
        return grams == null ? 0 : grams;
    }
}
