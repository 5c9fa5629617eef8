package nabe.label;

import java.util.EnumSet;
import java.util.Set;
import java.util.TreeSet;
import nabe.larder.Allergen;
import org.jspecify.annotations.Nullable;

/**
 * What a phrase on a packet means.
 *
 * @param kind whether the words are the thing itself, a class of things, or a maker's mixture
 * @param allergens it surely brings
 * @param kinds "meat", "animal" or "honey" where it is that
 * @param maybe allergens it may hide; {@code maybeAnimal} whether it may come from animals
 * @param why what to ask the maker, or null when nothing is unclear
 */
record Meaning(
        Kind kind,
        Set<Allergen> allergens,
        Set<String> kinds,
        Set<Allergen> maybe,
        boolean maybeAnimal,
        @Nullable String why) {

    enum Kind {
        FOOD,
        /** "Starch", "emulsifier": what it is made from stands beside it. */
        CLASS,
        /** "Bread", "stock": a mixture; its own bracket says what is in it. */
        COMPOUND
    }

    static final Meaning HARMLESS = new Meaning(Kind.FOOD, Set.of(), Set.of(), Set.of(), false, null);

    static Meaning holding(Set<Allergen> allergens, Set<String> kinds) {
        return new Meaning(Kind.FOOD, allergens, kinds, Set.of(), false, null);
    }

    boolean isUnclear() {
        return !maybe.isEmpty() || maybeAnimal;
    }

    boolean isHarmless() {
        return allergens.isEmpty() && kinds.isEmpty() && !isUnclear();
    }

    /** Of two things known of the same words nothing is lost; the first says what to ask. */
    Meaning and(Meaning other) {
        Set<String> allKinds = new TreeSet<>(kinds);
        allKinds.addAll(other.kinds);
        Kind both = kind == Kind.FOOD ? other.kind : kind;
        return new Meaning(
                both,
                union(allergens, other.allergens),
                allKinds,
                union(maybe, other.maybe),
                maybeAnimal || other.maybeAnimal,
                why == null ? other.why : why);
    }

    /** Everything it holds only perhaps: as a stand-in of unknown make, or read from a misspelt word. */
    Meaning perhaps(String ask) {
        return new Meaning(
                Kind.COMPOUND,
                Set.of(),
                Set.of(),
                union(allergens, maybe),
                maybeAnimal || !kinds.isEmpty(),
                why == null ? ask : why);
    }

    /** A cheese whose rennet is known to be from no animal. */
    Meaning setWithoutAnimals() {
        return maybe.isEmpty() ? new Meaning(kind, allergens, kinds, maybe, false, null) : this;
    }

    static Set<Allergen> union(Set<Allergen> a, Set<Allergen> b) {
        Set<Allergen> all = EnumSet.noneOf(Allergen.class);
        all.addAll(a);
        all.addAll(b);
        return all;
    }
}
