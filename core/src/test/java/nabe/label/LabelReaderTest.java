package nabe.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import nabe.larder.Allergen;
import nabe.larder.Larder;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class LabelReaderTest {
    private static final LabelReader READER = new LabelReader(Larder.load());
    private static final List<String> NEEDS =
            List.of("gluten-free", "dairy-free", "vegan", "egg-free", "nut-free", "soy-free");

    /** y yes, n no, c check, x either of c and n, ? not judged by this row; ⏎ is a new line. */
    @ParameterizedTest(name = "{0}")
    @CsvFileSource(
            resources = {"/corpus/labels.csv", "/corpus/labels-hard.csv", "/corpus/labels-other.csv"},
            delimiter = '|',
            quoteCharacter = '`',
            numLinesToSkip = 1)
    void readsBothSidesTraps(String label, String expected) {
        LabelReading reading = READER.read(label.replace('⏎', '\n'));
        List<String> wrong = new ArrayList<>();
        String[] codes = expected.split(" ");
        for (int i = 0; i < NEEDS.size(); i++) {
            String got = reading.verdicts().get(NEEDS.get(i)).substring(0, 1);
            boolean right = switch (codes[i]) {
                case "?" -> true;
                case "x" -> !got.equals("y");
                default -> codes[i].equals(got);
            };
            if (!right) {
                wrong.add(NEEDS.get(i) + " is " + got + ", wanted " + codes[i]);
            }
        }
        assertThat(wrong).as("%s", reading).isEmpty();
    }

    @Test
    void containsAndMayContainAreKeptApart() {
        LabelReading reading = READER.read("Ingredients: wheat flour, butter (milk). May contain nuts and sesame.");
        assertThat(reading.contains()).containsExactlyInAnyOrder(Allergen.WHEAT, Allergen.MILK);
        assertThat(reading.mayContain())
                .contains(Allergen.SESAME, Allergen.HAZELNUT)
                .doesNotContain(Allergen.WHEAT);
    }

    @Test
    void everyVerdictNamesTheWordsThatDecided() {
        LabelReading reading = READER.read("Ingredients: sodium caseinate, natural flavouring. Gluten-free.");
        assertThat(reading.because()).allSatisfy(b -> assertThat(b.words()).isNotBlank());
        assertThat(reading.because()).anySatisfy(b -> {
            assertThat(b.need()).isEqualTo("dairy-free");
            assertThat(b.words()).isEqualTo("sodium caseinate");
        });
        assertThat(reading.unclear()).extracting(LabelReading.Unclear::words).containsExactly("natural flavouring");
        assertThat(reading.claims()).containsExactly("gluten-free");
    }

    @Test
    void aNegationInsideAListDoesNotHideWhatFollows() {
        assertThat(READER.read("Ingredients: water, sugar (contains no preservatives), whey powder, salt.")
                        .contains())
                .contains(Allergen.MILK);
    }

    @Test
    void nothingToReadIsSaid() {
        assertThatThrownBy(() -> READER.read("  12 ")).hasMessageContaining("no label to read");
    }
}
