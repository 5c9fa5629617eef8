package nabe.label;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.needs.Need;
import nabe.words.Messages;
import org.jspecify.annotations.Nullable;

/**
 * "Gluten-free", "dairy-free", "vegan" before a food. It takes only the word it is tied to, never what stands before it,
 * and turns what it denies from sure to doubtful: a product of unknown make.
 */
final class FreeWords {
    private static final Map<String, Need> NEEDS = Map.ofEntries(
            Map.entry("gluten", Need.GLUTEN_FREE),
            Map.entry("dairy", Need.DAIRY_FREE),
            Map.entry("milk", Need.DAIRY_FREE),
            Map.entry("egg", Need.EGG_FREE),
            Map.entry("nut", Need.NUT_FREE),
            Map.entry("soy", Need.SOY_FREE),
            Map.entry("soya", Need.SOY_FREE));
    private static final Set<String> VEGAN =
            Set.of("vegan", "plant based", "meat free", "non dairy", "meatless", "vegetarian", "veggie");
    /** What makers of stand-ins commonly build on (domain notes, section 14). */
    private static final Set<Allergen> STAND_IN = EnumSet.of(
            Allergen.MILK,
            Allergen.EGG,
            Allergen.SOY,
            Allergen.WHEAT,
            Allergen.OATS,
            Allergen.ALMOND,
            Allergen.CASHEW,
            Allergen.LUPIN);

    private static final String ASK = Messages.say("label.what-is-the-stand-in-made");

    private FreeWords() {}

    /** @param need what is denied, or null where the words deny nothing a need asks for */
    record Reading(@Nullable Need need, int nodes) {

        boolean isGluten() {
            return need == Need.GLUTEN_FREE;
        }

        /** What the food is after these words: of a mixture the denied things are no longer sure. */
        Meaning soften(Meaning meaning) {
            if (need == null || meaning.isHarmless()) {
                return meaning;
            }
            boolean mixture = meaning.kind() != Meaning.Kind.FOOD;
            if (need == Need.GLUTEN_FREE) {
                return mixture ? unsure(meaning, Need.GLUTEN_FREE.forbids()) : meaning;
            }
            boolean denied = meaning.allergens().stream().anyMatch(need.forbids()::contains)
                    || mixture && meaning.maybe().stream().anyMatch(need.forbids()::contains)
                    || need == Need.VEGAN && !meaning.kinds().isEmpty();
            if (denied && meaning.kind() == Meaning.Kind.CLASS) {
                return unsure(meaning, need.forbids());
            }
            return denied
                    ? unsure(meaning, need.forbids())
                            .and(new Meaning(Meaning.Kind.COMPOUND, Set.of(), Set.of(), STAND_IN, true, ASK))
                    : meaning;
        }

        private Meaning unsure(Meaning meaning, Set<Allergen> denied) {
            Set<Allergen> sure = EnumSet.noneOf(Allergen.class);
            Set<Allergen> maybe = EnumSet.noneOf(Allergen.class);
            maybe.addAll(meaning.maybe());
            meaning.allergens().forEach(a -> (denied.contains(a) ? maybe : sure).add(a));
            boolean animal = need == Need.VEGAN && !meaning.kinds().isEmpty();
            return new Meaning(
                    meaning.kind() == Meaning.Kind.CLASS ? Meaning.Kind.CLASS : Meaning.Kind.COMPOUND,
                    sure,
                    animal ? Set.of() : meaning.kinds(),
                    maybe,
                    meaning.maybeAnimal() || animal,
                    meaning.why() == null ? ASK : meaning.why());
        }
    }

    /** @return what these words deny, or null where none stand here */
    static @Nullable Reading at(List<? extends Node> nodes, int i, Frames frames) {
        if (!(nodes.get(i) instanceof Token first) || !first.isWord()) {
            return null;
        }
        if (VEGAN.contains(first.key())) {
            return new Reading(Need.VEGAN, 1);
        }
        if (i + 1 >= nodes.size()
                || !(nodes.get(i + 1) instanceof Token second)
                || !second.isWord()
                || second.gap() > 1) {
            return null;
        }
        if (VEGAN.contains(first.key() + " " + second.key())) {
            return new Reading(Need.VEGAN, 2);
        }
        boolean goesOn = i + 2 < nodes.size()
                && (nodes.get(i + 2).isWord("from")
                        || nodes.get(i + 2).isWord("range")
                        || nodes.get(i + 2).isWord("of"));
        boolean tied = second.isWord("free") && !goesOn && (second.gap() == 0 || NEEDS.containsKey(first.key()));
        return tied ? new Reading(NEEDS.get(first.key()), 2) : null;
    }

    /** @return the need a free-able word stands for, or null */
    static @Nullable Need need(String key) {
        return NEEDS.get(key);
    }
}
