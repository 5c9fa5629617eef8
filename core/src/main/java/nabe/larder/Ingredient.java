package nabe.larder;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * One row of the larder.
 *
 * @param id the stable name, lower case with dashes
 * @param name what the cook reads
 * @param aliases other names it goes by
 * @param roles what it does in a bake, the usual job first; never empty
 * @param allergens always in it
 * @param maybe in some makers' products of the kind
 * @param maybeAnimal whether some makers use rennet, gelatine or animal finings
 * @param traces allergens the kind is sometimes contaminated with: strict needs want a claim
 * @param make how it comes into the kitchen
 * @param composition per 100 g
 * @param gramsPerMl bulk density, empty where it is never measured by volume
 * @param pieces grams of one piece by unit id; "each" is one whole, "drained" is the share of a tin that is not liquid
 */
@RecordBuilder
public record Ingredient(
        String id,
        String name,
        List<String> aliases,
        List<String> roles,
        Set<Allergen> allergens,
        Set<Allergen> maybe,
        boolean maybeAnimal,
        Set<Allergen> traces,
        Make make,
        Origin origin,
        Composition composition,
        OptionalDouble gramsPerMl,
        Map<String, Piece> pieces) {
    public Ingredient {
        allergens = Allergen.setOf(allergens);
        maybe = Allergen.setOf(maybe);
        traces = Allergen.setOf(traces);
    }

    private static final Set<String> LIQUIDS =
            Set.of("water", "stock", "wine", "milk", "sour-milk", "cream", "beer", "coconut");

    /**
     * A piece weight and where it comes from.
     *
     * @param grams of one piece
     * @param source the table row, or "kitchen practice"
     */
    public record Piece(double grams, String source) {}

    /** Of the name alone: what is equal has the same, and a row of the larder is asked for often. */
    @Override
    public int hashCode() {
        return id.hashCode();
    }

    /** @return the usual job */
    public String role() {
        return roles.getFirst();
    }

    /** @return whether it pours and is mostly water: what a sauce is thickened from */
    public boolean isLiquid() {
        return LIQUIDS.contains(role());
    }

    public OptionalDouble pieceGrams(String unit) {
        Piece piece = pieces.get(unit);
        return piece == null ? OptionalDouble.empty() : OptionalDouble.of(piece.grams());
    }

    /** @return the same food with other contents, as a flavoured kind of it has */
    public Ingredient holding(Set<Allergen> sure, Set<Allergen> doubtful, Origin from) {
        return IngredientBuilder.builder(this)
                .allergens(sure)
                .maybe(doubtful)
                .origin(from)
                .build();
    }
}
