package nabe.swap;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import nabe.larder.Ingredient;
import nabe.recipe.Part;
import org.jspecify.annotations.Nullable;

/**
 * Something made at home for this dish: one batch, however many parts it serves.
 *
 * @param component the recipe's id, {@code name} what the cook reads
 * @param makes the larder id of what it makes, {@code grams} how much is wanted
 * @param parts where it goes; more than one: one batch is shared
 * @param ingredients what goes into this batch
 * @param active minutes of work, {@code passive} minutes by itself
 * @param missing tools it asks for that this kitchen lacks
 * @param days how long it keeps in the fridge; {@code freezes} well, weeps or no
 * @param canBuy whether it can be bought ready
 * @param others ids of other recipes that make the same and meet every need
 */
public record MadeComponent(
        String component,
        String name,
        String makes,
        double grams,
        String display,
        List<Part> parts,
        List<Constituent> ingredients,
        List<String> steps,
        String sign,
        int active,
        int passive,
        List<String> tools,
        List<String> missing,
        int days,
        String freezes,
        boolean canBuy,
        List<String> others,
        @JsonIgnore List<Integer> sources) {

    /**
     * One thing that goes into the batch.
     *
     * @param label what to check on its packet, or null
     */
    public record Constituent(
            String item,
            String ingredient,
            double grams,
            String display,
            @Nullable String label,
            @JsonIgnore Ingredient of) {}

    boolean serves(ConvertedLine line) {
        return sources.contains(line.source());
    }

    /** What of the batch's ingredients falls to one line. */
    List<ConvertedLine> constituentsOf(ConvertedLine line) {
        double share = grams == 0 ? 0 : line.gramsOrZero() / grams;
        return ingredients.stream()
                .map(c -> ConvertedLineBuilder.builder()
                        .source(line.source())
                        .item(c.item())
                        .ingredient(c.of())
                        .grams(c.grams() * share)
                        .part(line.part())
                        .swapped(true)
                        .label(c.label())
                        .component(line.component())
                        .build())
                .toList();
    }
}
