package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;

import nabe.larder.Larder;
import nabe.recipe.Line;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Amounts as people say them: parts in words, dozens cut short, and names that begin like another food's. */
class NumbersInWordsTest {
    private static final LineReader READER = new LineReader(Larder.load());

    /** Both lines of a row are one amount. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "two-thirds of a cup of arborio rice | 2/3 cup arborio rice",
                "three-quarters of a cup milk | 3/4 cup milk",
                "one third cup flour | 1/3 cup flour",
                "a third of a cup of cream | 1/3 cup cream",
                "quarter of a cup of oil | 1/4 cup oil",
                "half of a lemon | 1/2 lemon",
                "a quarter of a pint of soured cream | 1/4 pint soured cream",
                "Two Thirds cup water | 2/3 cup water",
                "1 doz. eggs | 12 eggs",
                "2 doz cherry tomatoes | 24 cherry tomatoes",
                "2 large free-range egg yolks | 2 egg yolks",
                "3 free-range egg whites | 3 egg whites"
            })
    void saidOrWrittenItIsAsMuch(String said, String written) {
        Line one = READER.read(said, null);
        Line other = READER.read(written, null);

        assertThat(one.ingredient()).isNotNull().isEqualTo(other.ingredient());
        assertThat(one.gramsOrZero()).isPositive().isCloseTo(other.gramsOrZero(), Percentage.withPercentage(0.5));
    }

    /** A part of a word, or a number that counts something else, is no share. */
    @ParameterizedTest
    @CsvSource({"1 quarter-pounder bun, 1", "3 third-rate apples, 3", "2 fifths, 2"})
    void whatOnlyLooksLikeAPartIsNone(String written, double count) {
        Line line = READER.read(written, null);

        assertThat(line.amount() == null ? 0 : line.amount().mid()).isEqualTo(count);
    }
}
