package nabe.label;

import java.util.Set;
import nabe.larder.Allergen;

/**
 * What a phrase on a packet means.
 *
 * @param allergens it surely brings
 * @param kinds "meat", "animal" or "honey" where it is that
 * @param maybe allergens it may hide; {@code maybeAnimal} whether it may come from animals
 * @param why what to ask the maker, or null when nothing is unclear
 */
record Meaning(Set<Allergen> allergens, Set<String> kinds, Set<Allergen> maybe, boolean maybeAnimal, String why) {
    static final Meaning HARMLESS = new Meaning(Set.of(), Set.of(), Set.of(), false, null);

    boolean isUnclear() {
        return !maybe.isEmpty() || maybeAnimal;
    }
}
