package nabe.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import nabe.larder.Allergen;
import nabe.larder.Larder;
import nabe.needs.Need;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** A yes is earned, whatever is put where. */
class LabelPropertiesTest {
    private static final LabelReader READER = new LabelReader(Larder.load());
    private static final Map<String, Integer> SAFER = Map.of("yes", 2, "check", 1, "no", 0);
    private static final List<String> CLEAN = List.of(
            "Ingredients: rice flour, water, sunflower oil, salt.",
            "Ingredients: chickpeas, tomatoes, olive oil, garlic, sea salt",
            "Rice, maize starch (20%), sugar, rosemary extract.",
            "Gluten free. Ingredients: maize flour, potato starch, xanthan gum.",
            "Vegan chilli: kidney beans, tomatoes, onions, cumin, salt. Suitable for vegans.");
    private static final List<String> MORE = List.of(
            " May contain nuts.",
            " May contain traces of milk and egg.",
            " Made in a factory that handles wheat.",
            " Contains soya.",
            "\nNot suitable for vegans.",
            " Ingredients: barley malt extract.",
            " Contains other allergens.",
            " Traces of sesame.");

    private static Map<String, String> verdicts(String label) {
        return READER.read(label).verdicts();
    }

    private static void neverSafer(String before, String after) {
        Map<String, String> was = verdicts(before);
        verdicts(after)
                .forEach((need, verdict) -> assertThat(SAFER.get(verdict))
                        .as("%s: %s -> %s, %s -> %s", need, before, after, was.get(need), verdict)
                        .isLessThanOrEqualTo(SAFER.get(was.get(need))));
    }

    /** An ingredient put into a list before one of its commas, or at its end. */
    private static List<String> with(String list, String ingredient) {
        List<String> all = new ArrayList<>();
        for (int comma = list.indexOf(','); comma >= 0; comma = list.indexOf(',', comma + 1)) {
            all.add(list.substring(0, comma) + ", " + ingredient + list.substring(comma));
        }
        return all;
    }

    @Test
    void moreWarningOrMoreInItIsNeverSafer() {
        for (String label : CLEAN) {
            MORE.forEach(more -> neverSafer(label, label.replaceFirst("(?<![.])$", ".") + more));
            for (String ingredient : List.of(
                    "milk",
                    "wheat flour",
                    "flavouring",
                    "egg white",
                    "soya",
                    "cashews",
                    "sugar",
                    "E471",
                    "starch",
                    "stock")) {
                with(label, ingredient).forEach(longer -> neverSafer(label, longer));
            }
        }
    }

    @Test
    void anUnknownWordAnywhereInTheListLeavesNoYes() {
        for (String unknown : List.of("zubbok", "brimlex", "quorve", "Fenwickia", "пшеница", "小麦", "xanadril-7")) {
            for (String label : CLEAN.subList(0, 3)) {
                for (String spoilt : with(label, unknown)) {
                    assertThat(verdicts(spoilt).values()).as(spoilt).doesNotContain("yes");
                }
                String beside = label.replaceFirst(",", " " + unknown + ",");
                assertThat(verdicts(beside).values()).as(beside).doesNotContain("yes");
            }
        }
    }

    private static final Map<String, UnaryOperator<String>> SPELLINGS = Map.of(
            "capitals", w -> w.toUpperCase(java.util.Locale.ROOT),
            "soft hyphen", w -> w.substring(0, w.length() / 2) + "\u00AD" + w.substring(w.length() / 2),
            "broken line", w -> w.substring(0, w.length() / 2) + "-\n" + w.substring(w.length() / 2),
            "spaced out", w -> String.join(" ", w.split("")),
            "stressed", w -> "**" + w + "**",
            "zero for o", w -> w.replace('o', '0'),
            "one for l", w -> w.replace('l', '1'),
            "rn for m", w -> w.replace("m", "rn"));

    /** Every one-word name of the catalogue that surely brings an allergen. */
    private static Map<String, Set<Allergen>> tellingWords() {
        Lexicon lexicon = new Lexicon(Larder.load());
        Map<String, Set<Allergen>> words = new java.util.TreeMap<>();
        for (String word : lexicon.tellingWords()) {
            if (word.matches("[a-z]{3,}") && !lexicon.of(word).allergens().isEmpty()) {
                words.put(word, lexicon.of(word).allergens());
            }
        }
        return words;
    }

    @Tag("sweep")
    @Test
    void noAllergenWordInAnySpellingBetweenAnySeparatorsLeavesItsNeedYes() {
        List<String> missed = new ArrayList<>();
        tellingWords()
                .forEach((word, allergens) -> SPELLINGS.forEach((how, spell) -> {
                    for (String frame : List.of(
                            "Ingredients: rice, %s, salt.",
                            "Ingredients: rice; %s; salt", "Ingredients: rice (%s), salt.", "• rice\n• %s\n• salt")) {
                        String label = frame.formatted(spell.apply(word));
                        Map<String, String> verdicts = verdicts(label);
                        for (Need need : Need.values()) {
                            boolean concerned = allergens.stream().anyMatch(need.forbids()::contains);
                            if (concerned && verdicts.get(need.id()).equals("yes")) {
                                missed.add(how + " " + label + " " + need);
                            }
                        }
                    }
                }));
        assertThat(missed).isEmpty();
    }

    @Tag("sweep")
    @Test
    void aSlipInALongAllergenWordIsCaught() {
        Random random = new Random(9);
        List<String> missed = new ArrayList<>();
        tellingWords().forEach((word, allergens) -> {
            if (word.length() < 6) {
                return;
            }
            int at = 1 + random.nextInt(word.length() - 2);
            String swapped = word.substring(0, at)
                    + word.charAt(at + 1)
                    + word.charAt(at)
                    + word.substring(Math.min(word.length(), at + 2));
            String dropped = word.substring(0, at) + word.substring(at + 1);
            for (String slip : new TreeSet<>(List.of(swapped, dropped))) {
                Map<String, String> verdicts = verdicts("Ingredients: rice, " + slip + ", salt.");
                for (Need need : Need.values()) {
                    if (allergens.stream().anyMatch(need.forbids()::contains)
                            && verdicts.get(need.id()).equals("yes")) {
                        missed.add(word + " as " + slip + ": " + need);
                    }
                }
            }
        });
        assertThat(missed).isEmpty();
    }

    /** A claim speaks only for a whole product, and cancels nothing. */
    @Test
    void aClaimThatIsNotThePacketsOwnLiftsNoDoubt() {
        String doubtful = "Ingredients: rice, flavouring.";
        List<String> noClaims = List.of(
                "Not gluten free. ",
                "This product is not gluten-free. ",
                "Gluten free: no. ",
                "Try our gluten-free range. ",
                "Never\ngluten-free. ",
                "No gluten-containing ingredients. ",
                "Gluten removed. ",
                "Low gluten. ",
                "Wheat-free. ",
                "Made in a gluten-free kitchen by hand. ",
                "Gluten-free on request. ",
                "Not yet certified gluten free. ",
                "Also sold as gluten-free. ");
        for (String noClaim : noClaims) {
            assertThat(verdicts(noClaim + doubtful)).as(noClaim).containsEntry("gluten-free", "check");
            assertThat(verdicts(noClaim.replace(' ', '\u00A0') + doubtful))
                    .as(noClaim)
                    .containsEntry("gluten-free", "check");
        }
        assertThat(verdicts("Gluten free. " + doubtful))
                .containsEntry("gluten-free", "yes")
                .containsEntry("dairy-free", "check");
    }

    @Test
    void aContradictedClaimShowsBothWords() {
        LabelReading reading = READER.read("Suitable for vegans. Ingredients: rice, whey powder.");
        assertThat(reading.because()).anySatisfy(b -> {
            assertThat(b.need()).isEqualTo("vegan");
            assertThat(b.verdict()).isEqualTo("no");
            assertThat(b.words()).contains("whey powder").contains("Suitable for vegans");
        });
    }
}
