package nabe.needs;

import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.larder.Ingredient;

/**
 * Everything a dish must be safe for, all at once.
 *
 * @param needs the named needs
 * @param avoid single allergens besides
 * @param strict whether traces matter (coeliac disease, allergy), not only what goes in
 * @param oats how certified gluten-free oats stand with who needs it gluten-free
 */
public record Needs(Set<Need> needs, Set<Allergen> avoid, boolean strict, Oats oats) {

    /** Coeliac disease mostly allows certified oats, but not for everybody: a choice per person. */
    public enum Oats {
        /** Nobody said: only oats whose own packet claims gluten-free pass. */
        UNSAID,
        /** Certified oats are fine for all who eat. */
        FINE,
        /** Somebody does not tolerate any. */
        NEVER
    }

    public Needs {
        needs = Set.copyOf(needs);
        avoid = Set.copyOf(avoid);
    }

    public Needs(Set<Need> needs, Set<Allergen> avoid, boolean strict) {
        this(needs, avoid, strict, Oats.UNSAID);
    }

    public static Needs none() {
        return new Needs(Set.of(), Set.of(), false);
    }

    /** @return what is safe for both: the union, the stricter of the two, and oats only where neither minds */
    public Needs and(Needs other) {
        Set<Need> all = new java.util.HashSet<>(needs);
        all.addAll(other.needs);
        Set<Allergen> allAvoided = new java.util.HashSet<>(avoid);
        allAvoided.addAll(other.avoid);
        boolean refuses = oats == Oats.NEVER || other.oats == Oats.NEVER;
        boolean allows = oats == Oats.FINE || other.oats == Oats.FINE;
        return new Needs(
                all, allAvoided, strict || other.strict, refuses ? Oats.NEVER : allows ? Oats.FINE : Oats.UNSAID);
    }

    public boolean isEmpty() {
        return needs.isEmpty() && avoid.isEmpty();
    }

    /** @return every allergen that some need or the avoid list shuts out */
    public Set<Allergen> forbidden() {
        Set<Allergen> all = EnumSet.noneOf(Allergen.class);
        all.addAll(avoid);
        needs.forEach(need -> all.addAll(need.forbids()));
        return all;
    }

    /** Judges an ingredient as the larder describes its kind. */
    public Judgement judge(Ingredient ingredient) {
        return judge(ingredient, Set.of());
    }

    /**
     * Judges an ingredient whose packet makes claims ("gluten-free" on its label).
     *
     * @param claims ids of needs the packet itself promises to meet
     */
    public Judgement judge(Ingredient ingredient, Collection<String> claims) {
        Set<Allergen> promised = promised(claims);
        Set<String> offends = new LinkedHashSet<>();
        Set<String> maybe = new LinkedHashSet<>();
        Set<String> traces = new LinkedHashSet<>();
        for (Allergen allergen : forbidden()) {
            if (!promised.contains(allergen)) {
                note(ingredient, allergen, offends, maybe, traces);
            }
        }
        noteAnimal(ingredient, claims, offends, maybe);
        return new Judgement(offends, maybe, traces);
    }

    private Set<Allergen> promised(Collection<String> claims) {
        Set<Allergen> promised = EnumSet.noneOf(Allergen.class);
        for (Need need : Need.values()) {
            if (claims.contains(need.id())) {
                promised.addAll(need.forbids());
            }
        }
        if (oats == Oats.NEVER || avoid.contains(Allergen.OATS)) {
            promised.remove(Allergen.OATS);
        }
        return promised;
    }

    private void note(
            Ingredient ingredient, Allergen allergen, Set<String> offends, Set<String> maybe, Set<String> traces) {
        if (allergen == Allergen.OATS
                && oats == Oats.FINE
                && !avoid.contains(allergen)
                && ingredient.allergens().contains(allergen)) {
            maybe.add("oats that are not certified gluten-free");
        } else if (ingredient.allergens().contains(allergen)) {
            offends.add(allergen.word());
        } else if (ingredient.maybe().contains(allergen)) {
            maybe.add(allergen.word());
        } else if (strict && ingredient.traces().contains(allergen)) {
            traces.add(allergen.word());
        }
    }

    private void noteAnimal(Ingredient ingredient, Collection<String> claims, Set<String> offends, Set<String> maybe) {
        for (Need need : needs) {
            boolean claimed = claims.contains(need.id()) || claims.contains(Need.VEGAN.id());
            boolean dairyClaimed =
                    ingredient.origin() == nabe.larder.Origin.DAIRY && claims.contains(Need.DAIRY_FREE.id());
            if (!claimed && !dairyClaimed && need.forbids(ingredient.origin())) {
                offends.add("not " + need.id());
            } else if (!claimed && need.mindsAnimalAids() && ingredient.maybeAnimal()) {
                maybe.add("animal rennet, gelatine or finings");
            }
        }
    }
}
