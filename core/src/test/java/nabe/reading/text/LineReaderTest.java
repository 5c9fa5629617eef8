package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import nabe.larder.Ingredient;
import nabe.larder.Larder;
import nabe.recipe.Line;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

class LineReaderTest {
    private static final LineReader READER = new LineReader(Larder.load());

    /** The corpus: lines in many hands. A dash stands for null; grams within 3 %. */
    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "/corpus/lines.csv", delimiter = '|', numLinesToSkip = 1)
    void readsLinesAsPeopleWriteThem(
            String text, String min, String max, String unit, String ingredient, String grams) {
        Line line = READER.read(text, null);
        assertThat(line.ingredient() == null ? "-" : line.ingredient().id()).isEqualTo(ingredient);
        assertThat(line.unit() == null ? "-" : line.unit().id()).isEqualTo(unit);
        if (min.equals("-")) {
            assertThat(line.amount()).isNull();
        } else {
            assertThat(line.amount().min()).isCloseTo(Double.parseDouble(min), within(0.01));
            assertThat(line.amount().max()).isCloseTo(Double.parseDouble(max), within(0.01));
        }
        if (grams.equals("-")) {
            assertThat(line.grams()).isNull();
        } else {
            double wanted = Double.parseDouble(grams);
            assertThat(line.gramsOrZero()).isCloseTo(wanted, within(Math.max(0.6, wanted * 0.03)));
        }
    }

    @Test
    void whatIsDoneToAThingIsNotItsName() {
        Line line = READER.read("1 cup finely chopped fresh parsley (flat-leaf), divided", null);
        assertThat(line.item()).isEqualTo("fresh parsley");
        assertThat(line.preparation())
                .contains("finely chopped")
                .contains("flat-leaf")
                .contains("divided");
    }

    @Test
    void everythingALineBringsIntoTheDishIsNoticed() {
        assertThat(READER.read("Fresh basil and grated parmesan, to serve", null)
                        .also())
                .extracting(Ingredient::id)
                .containsExactly("parmesan");
        assertThat(READER.read("2 onions, fried in butter", null).also())
                .extracting(Ingredient::id)
                .containsExactly("butter");
        assertThat(READER.read("2 tbsp olive oil (or butter)", null).also()).isEmpty();
    }

    @Test
    void theUnknownStaysUnknown() {
        Line line = READER.read("2 cups xyzzy flakes", null);
        assertThat(line.ingredient()).isNull();
        assertThat(line.grams()).isNull();
        assertThat(line.doubt()).contains("Not in the larder");
        assertThat(READER.read("some parsley", null).amount()).isNull();
    }

    @Test
    void aClaimIsKeptUnlessItOnlyNamesTheProduct() {
        assertThat(READER.read("200 g gluten-free vegan sausages", null).claims())
                .containsExactly("gluten-free");
    }
}
