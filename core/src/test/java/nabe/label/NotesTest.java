package nabe.label;

import static org.assertj.core.api.Assertions.assertThat;

import nabe.larder.Larder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Marks in a list and the notes they lead to: what only says how it was grown is no ingredient, all else is read. */
class NotesTest {
    private static final LabelReader READER = new LabelReader(Larder.load());

    private static String verdict(String label, String need) {
        return READER.read(label).verdicts().entrySet().stream()
                .filter(e -> e.getKey().toString().equals(need))
                .map(e -> e.getValue().toString().toLowerCase(java.util.Locale.ROOT))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Rice*, water. *organic",
                "Rice*, water. * = organic",
                "Rice†, water. †certified organic",
                "Rice¹, water. ¹organic",
                "Rice*, water. *from organic agriculture",
                "Rice*, water. *denotes organic ingredient"
            })
    void howItWasGrownIsNoIngredient(String label) {
        LabelReading read = READER.read(label);

        assertThat(read.unclear()).isEmpty();
        assertThat(read.verdicts().values()).allMatch(v -> v.toString().equalsIgnoreCase("yes"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "Cocoa¹, sugar. ¹contains milk; dairy-free; no",
                "Rice*, water. *may contain nuts; nut-free; check",
                "Water, *organic almonds; nut-free; no",
                "Barley*, *organic. Gluten free; gluten-free; no",
                "Organic oats, organic wheat flour; gluten-free; no"
            })
    void allElseThatANoteSaysIsRead(String label, String need, String verdict) {
        assertThat(verdict(label, need)).isEqualTo(verdict);
    }

    @Test
    void aNoteAloneIsNoList() {
        assertThat(READER.read("*organic").verdicts().values())
                .allMatch(v -> v.toString().equalsIgnoreCase("check"));
    }
}
