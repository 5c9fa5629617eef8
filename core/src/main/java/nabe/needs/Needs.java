package nabe.needs;

import java.util.Collection;
import java.util.EnumSet;
import java.util.LinkedHashSet;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.larder.Ingredient;
import nabe.words.Messages;

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
        avoid = Allergen.setOf(avoid);
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
        EnumSet<Allergen> all = EnumSet.noneOf(Allergen.class);
        all.addAll(avoid);
        needs.forEach(need -> need.addForbidden(all));
        return all;
    }

    /** Judges an ingredient as the larder describes its kind. */
    public Judgement judge(Ingredient ingredient) {
        return judge(ingredient, Set.of());
    }

    /**
     * Judges an ingredient whose packet makes claims ("gluten-free" on its label). A claim lifts doubt for its own need
     * only, and takes nothing out that is surely in; "vegan" speaks of ingredients, so its traces stay.
     *
     * @param claims ids of needs the packet itself promises to meet
     */
    public Judgement judge(Ingredient ingredient, Collection<String> claims) {
        Verdict verdict = new Verdict(ingredient, claims);
        forbidden().forEach(verdict::note);
        needs.forEach(verdict::noteAnimal);
        return new Judgement(verdict.offends, verdict.maybe, verdict.traces);
    }

    private final class Verdict {
        private final Ingredient ingredient;
        private final Set<Need> claimed;
        private final Set<Allergen> promised = EnumSet.noneOf(Allergen.class);
        private final Set<String> offends = new LinkedHashSet<>();
        private final Set<String> maybe = new LinkedHashSet<>();
        private final Set<String> traces = new LinkedHashSet<>();

        Verdict(Ingredient ingredient, Collection<String> claims) {
            this.ingredient = ingredient;
            this.claimed = EnumSet.noneOf(Need.class);
            claims.forEach(claim -> claimed.add(Need.ofId(claim)));
            claimed.stream().filter(need -> !need.mindsAnimalAids()).forEach(need -> promised.addAll(need.forbids()));
        }

        private void note(Allergen allergen) {
            if (ingredient.allergens().contains(allergen)) {
                noteSure(allergen);
            } else if (promised.contains(allergen)) {
                return;
            } else if (ingredient.maybe().contains(allergen)) {
                noteDoubt(allergen);
            } else if (strict && ingredient.traces().contains(allergen)) {
                traces.add(allergen.word());
            }
        }

        /** Oats are the one grain that a claim, or all who eat, can let in. */
        private void noteSure(Allergen allergen) {
            boolean oatsOpen = allergen == Allergen.OATS && oats != Oats.NEVER && !avoid.contains(allergen);
            boolean certified = oatsOpen && claimed.contains(Need.GLUTEN_FREE);
            if (oatsOpen && oats == Oats.FINE && !certified) {
                maybe.add(Messages.say("needs.oats-that-are-not-certified-gluten"));
            } else if (!certified) {
                offends.add(allergen.word());
            }
        }

        private void noteDoubt(Allergen allergen) {
            boolean noIngredient =
                    claimed.stream().anyMatch(need -> need.forbids().contains(allergen));
            if (!noIngredient) {
                maybe.add(allergen.word());
            } else if (strict) {
                traces.add(allergen.word());
            }
        }

        private void noteAnimal(Need need) {
            boolean promisedSo = claimed.contains(need) || claimed.contains(Need.VEGAN);
            if (need.forbids(ingredient.origin())) {
                offends.add(Messages.say("needs.not", need.id()));
            } else if (!promisedSo && need.mindsAnimalAids() && ingredient.maybeAnimal()) {
                maybe.add(Messages.say("needs.animal-rennet-gelatine-or-finings"));
            }
        }
    }
}
