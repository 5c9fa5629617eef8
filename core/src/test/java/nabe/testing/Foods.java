package nabe.testing;

import java.util.Set;
import nabe.larder.Allergen;
import nabe.larder.Ingredient;
import nabe.larder.IngredientBuilder;
import nabe.larder.Larder;
import nabe.larder.Origin;

/** Foods of no larder, plain but for what a test is about. */
public record Foods(
        Set<Allergen> allergens, Set<Allergen> maybe, Set<Allergen> traces, boolean maybeAnimal, Origin origin) {
    private static final Ingredient PLAIN = Larder.load().get("white-rice");

    public static Foods plain() {
        return new Foods(Set.of(), Set.of(), Set.of(), false, Origin.PLANT);
    }

    public Foods with(Allergen... sure) {
        return new Foods(Set.of(sure), maybe, traces, maybeAnimal, origin);
    }

    public Foods perhaps(Allergen... some) {
        return new Foods(allergens, Set.of(some), traces, maybeAnimal, origin);
    }

    public Foods nearBy(Allergen... some) {
        return new Foods(allergens, maybe, Set.of(some), maybeAnimal, origin);
    }

    public Foods perhapsWithRennet() {
        return new Foods(allergens, maybe, traces, true, origin);
    }

    public Foods of(Origin other) {
        return new Foods(allergens, maybe, traces, maybeAnimal, other);
    }

    public Ingredient food() {
        return IngredientBuilder.builder()
                .id("food")
                .name("food")
                .aliases(PLAIN.aliases())
                .roles(PLAIN.roles())
                .allergens(allergens)
                .maybe(maybe)
                .maybeAnimal(maybeAnimal)
                .traces(traces)
                .make(PLAIN.make())
                .origin(origin)
                .composition(PLAIN.composition())
                .gramsPerMl(PLAIN.gramsPerMl())
                .pieces(PLAIN.pieces())
                .build();
    }
}
