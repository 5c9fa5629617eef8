package nabe.server.brief;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import nabe.measure.Amount;
import nabe.plan.Brief;
import nabe.recipe.Family;
import nabe.recipe.Part;
import nabe.server.formats.RecipePage;
import org.jspecify.annotations.Nullable;

/** A recipe as the client sends it: pasted text, or the lines of an earlier reading with corrections. */
public record RecipeRequest(
        @Nullable String text,
        @Nullable String title,
        @Nullable Integer servings,
        @Nullable List<@NotNull(message = Empty.LINE) LineRequest> lines,
        @Nullable List<@NotNull(message = Empty.STEP) String> steps,
        @Nullable String family,
        @Nullable List<@Valid @NotNull(message = Empty.CORRECTION) CorrectionRequest> corrections) {

    /** One line; without {@code text} it is put together from amount, unit and item. */
    public record LineRequest(
            @Nullable String text,
            @Nullable String heading,
            @Nullable Amount amount,
            @Nullable String unit,
            @Nullable String item,
            @Nullable String ingredient,
            @Nullable String part) {

        Brief.LineBrief brief() {
            return new Brief.LineBrief(words(), heading, ingredient, part == null ? null : Part.ofId(part));
        }

        private String words() {
            if (text != null && !text.isBlank()) {
                return text;
            }
            String thing = item == null ? "" : item;
            String measure = unit == null ? "" : unit.replace('-', ' ') + " ";
            return amount == null
                    ? thing
                    : number(amount.min()) + (amount.max() > amount.min() ? "-" + number(amount.max()) : "") + " "
                            + measure + thing;
        }

        private static String number(double value) {
            return value == Math.rint(value) ? Long.toString((long) value) : Double.toString(value);
        }
    }

    Brief.RecipeBrief brief() {
        List<Brief.LineBrief> lineBriefs = lines == null
                ? List.of()
                : lines.stream().map(LineRequest::brief).toList();
        return new Brief.RecipeBrief(
                RecipePage.asText(text),
                title,
                servings,
                lineBriefs,
                steps == null ? List.of() : steps,
                family == null ? null : Family.ofId(family),
                corrections == null
                        ? List.of()
                        : corrections.stream()
                                .map(CorrectionRequest::correction)
                                .toList());
    }
}
