package nabe.recipe;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Objects;
import java.util.regex.Pattern;
import nabe.larder.Ingredient;
import nabe.measure.Amount;
import nabe.measure.Unit;
import org.jspecify.annotations.Nullable;

/**
 * One ingredient line as read. What was not understood is null, never invented.
 *
 * @param text the line as the cook wrote it
 * @param heading the heading it stands under, or null
 * @param amount how much, in {@code unit}; null when the line gives none
 * @param unit null for a bare count ("2 onions") or no amount
 * @param item the words that name the thing
 * @param preparation what is done to it beforehand, or null
 * @param ingredient the larder's ingredient, or null when it is not known
 * @param grams what the amount weighs, or null when no amount or no weight is known
 * @param part where it works in the dish
 * @param claims what the line itself promises, such as "gluten-free"
 * @param also other things the line names besides ("basil and parmesan"), which have no amount of their own
 * @param unknown words of the line that name a thing besides which nobody knows, also without an amount of its own
 * @param optional whether the recipe calls it optional
 * @param doubt why the cook should look at this line, or null when nothing is in doubt
 * @param remembered whether the ingredient comes from a correction the cook made to this wording before
 * @param shares how the recipe divides it over its pots; empty where that is not known
 */
@RecordBuilder
public record Line(
        String text,
        @Nullable String heading,
        @Nullable Amount amount,
        @Nullable Unit unit,
        String item,
        @Nullable String preparation,
        @Nullable Ingredient ingredient,
        @Nullable Amount grams,
        Part part,
        List<String> claims,
        List<Ingredient> also,
        List<String> unknown,
        boolean optional,
        @Nullable String doubt,
        boolean remembered,
        List<Share> shares) {

    private static final Pattern GLAZE =
            Pattern.compile("\\b(?:glaz|egg ?wash|to brush|for brushing)", Pattern.CASE_INSENSITIVE);

    public Line withPart(Part newPart) {
        return with(heading, amount, grams, newPart, List.of());
    }

    /** @return the larder's ingredient of a line that is known to have one */
    public Ingredient food() {
        return Objects.requireNonNull(ingredient);
    }

    /** @return the same line under another heading, or none */
    public Line under(@Nullable String newHeading) {
        return with(newHeading, amount, grams, part, shares);
    }

    public Line withShares(List<Share> newShares) {
        return with(heading, amount, grams, part, List.copyOf(newShares));
    }

    /** @return one line a part where the recipe divides it, else this line alone; amounts add up to this line's */
    public List<Line> portions() {
        return shares.isEmpty()
                ? List.of(this)
                : shares.stream()
                        .map(s -> withPart(s.part()).times(s.share()).withShares(List.of(s)))
                        .toList();
    }

    /** @return id of the pot it goes to, or null where it goes to none or to several */
    public @Nullable String component() {
        return shares.size() == 1 ? shares.getFirst().component() : null;
    }

    /** @return whether the recipe divides it */
    public boolean isDivided() {
        return shares.size() > 1;
    }

    /** @return this line as another thing it names, of which it gives no amount */
    public Line naming(Ingredient other) {
        return beside(other.name()).ingredient(other).build();
    }

    /** @return this line as a thing it names that nobody knows */
    public Line namingUnknown(String words) {
        return beside(words).build();
    }

    private LineBuilder beside(String name) {
        return LineBuilder.builder()
                .text(text)
                .heading(heading)
                .item(name)
                .part(part)
                .claims(claims)
                .also(List.of())
                .unknown(List.of())
                .optional(optional)
                .shares(isDivided() ? List.of() : shares);
    }

    /** @param factor how many times the amount, more than zero */
    public Line times(double factor) {
        Amount more = amount == null ? null : amount.times(factor);
        Amount heavier = grams == null ? null : grams.times(factor);
        return with(heading, more, heavier, part, shares);
    }

    private Line with(
            @Nullable String newHeading,
            @Nullable Amount newAmount,
            @Nullable Amount newGrams,
            Part newPart,
            List<Share> newShares) {
        return LineBuilder.builder(this)
                .heading(newHeading)
                .amount(newAmount)
                .grams(newGrams)
                .part(newPart)
                .shares(newShares)
                .build();
    }

    /** Whether the line itself says it is brushed on. */
    public boolean isGlaze() {
        return GLAZE.matcher(text).find();
    }

    /** @return the text without its bullet */
    public String bareText() {
        return Bullets.without(text);
    }

    /** @return the grams arithmetic goes on with; 0 when unknown */
    public double gramsOrZero() {
        return grams == null ? 0 : grams.mid();
    }

    /** @return whether the larder's ingredient is known and has this role */
    public boolean hasRole(String role) {
        return ingredient != null && ingredient.roles().contains(role);
    }
}
