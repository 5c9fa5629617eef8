package nabe.label;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nabe.larder.Larder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A yes is earned: more words against are never safer, and a claim never outweighs an ingredient. */
class WhatDecidesTest {
    private static final LabelReader READER = new LabelReader(Larder.load());
    private static final String PLAIN = "Ingredients: rice flour, water, sunflower oil, sea salt.";
    private static final List<String> WORSE = List.of("yes", "check", "no");

    private static int risk(String label, String need) {
        return WORSE.indexOf(READER.read(label).verdicts().get(need));
    }

    @ParameterizedTest
    @ValueSource(strings = {"gluten-free", "dairy-free", "vegan", "egg-free", "nut-free", "soy-free"})
    void whatNamesNothingAgainstANeedFits(String need) {
        assertThat(READER.read(PLAIN).verdicts()).containsEntry(need, "yes");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "gluten-free | May contain wheat.",
                "dairy-free | May contain traces of milk.",
                "nut-free | Made in a factory that handles nuts.",
                "egg-free | Produced on a line with egg.",
                "soy-free | Not suitable for people with a soya allergy."
            })
    void aWarningIsNeverSafer(String need, String warning) {
        assertThat(risk(PLAIN + " " + warning, need)).isGreaterThan(risk(PLAIN, need));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "gluten-free | Gluten-free! Ingredients: wheat flour, water, salt.",
                "dairy-free | Dairy free. Ingredients: rice, whey powder, salt.",
                "vegan | Suitable for vegans. Ingredients: oats, honey.",
                "egg-free | Egg free. Ingredients: rice flour, dried egg white.",
                "nut-free | Nut free. Ingredients: dates, almonds.",
                "soy-free | No soy. Ingredients: water, soya beans."
            })
    void aClaimDoesNotOutweighWhatIsInIt(String need, String label) {
        assertThat(READER.read(label).verdicts().get(need)).isNotEqualTo("yes");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"natural flavouring", "modified starch", "hydrolysed vegetable protein", "spice extract blend"})
    void whatMayBeAnythingIsAskedOf(String unclear) {
        LabelReading reading = READER.read("Ingredients: rice flour, water, " + unclear + ", salt.");
        assertThat(reading.verdicts().values()).contains("check");
        assertThat(reading.unclear())
                .isNotEmpty()
                .allSatisfy(u -> assertThat(u.words()).isNotBlank());
    }

    @Test
    void aListThatBreaksOffIsNotTrusted() {
        LabelReading whole = READER.read(PLAIN);
        LabelReading cut = READER.read("Ingredients: rice flour, water, sunflower oil, and");
        assertThat(whole.verdicts()).containsEntry("gluten-free", "yes");
        assertThat(cut.verdicts().get("gluten-free")).isNotEqualTo("yes");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Gluten-free oats.",
                "Certified gluten-free oat flakes.",
                "Ingredients: oats (gluten free).",
                "Ingredients: oat flakes (certified gluten-free)."
            })
    void promisedOatsAreAskedAboutWhereverThePromiseStands(String label) {
        assertThat(READER.read(label).verdicts()).containsEntry("gluten-free", "check");
        assertThat(READER.read(label.replaceAll("(?i)certified |gluten[- ]free ?", ""))
                        .verdicts())
                .containsEntry("gluten-free", "no");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Ingredients: not certified gluten-free oats.",
                "Non certified gluten free oats.",
                "Not gluten-free oat flakes.",
                "Ingredients: oat flakes (not certified gluten-free)."
            })
    void aPromiseThatIsDeniedIsNone(String label) {
        assertThat(READER.read(label).verdicts()).containsEntry("gluten-free", "no");
    }
}
