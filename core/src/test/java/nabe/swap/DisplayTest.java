package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import nabe.house.House;
import nabe.house.Schools;
import nabe.larder.Larder;
import nabe.measure.AmountStyle;
import nabe.measure.Spoons;
import nabe.reading.text.RecipeReader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Amounts as each house reads them. */
class DisplayTest {
    private static final Larder LARDER = Larder.load();

    private static Display display(AmountStyle style, Spoons spoons) {
        return Display.of(new House(List.of(), Schools.usual(), Set.of(), Set.of(), spoons, style));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "plain-flour | 125 | BOTH | 125 g (1 cup)",
                "plain-flour | 125 | METRIC | 125 g",
                "plain-flour | 125 | CUPS | 1 cup (125 g)",
                "plain-flour | 8 | BOTH | 8 g (1 tbsp)",
                "brown-rice-lasagna-sheets | 264 | BOTH | 12 sheets (265 g)",
                "brown-rice-lasagna-sheets | 22 | BOTH | 1 sheet (22 g)",
                "brown-rice-lasagna-sheets | 12 | BOTH | 12 g",
                "corn-tortillas | 200 | BOTH | 9 (200 g)",
                "corn-tortillas | 24 | BOTH | 1 (24 g)",
                "corn-tortillas | 10 | BOTH | 10 g",
                "plain-flour | 0.3 | BOTH | a pinch",
                "salt | | BOTH | to taste",
                "olive-oil | | BOTH | as needed"
            })
    void whatGoesInIsShownTheHousesWay(String id, Double grams, AmountStyle style, String words) {
        assertThat(display(style, Spoons.US).amount(LARDER.get(id), grams)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 1/2 lb mushrooms | 1 ½ lb (680 g)",
                "250 g ricotta | 250 g",
                "0.5 kg potatoes | 0.5 kg",
                "2-3 bay leaves | 2-3 leaves",
                "2 slices bread | 2 slices (55 g)",
                "2 bunches chard | 2 bunches (800 g)",
                "2 onions | 2 (220 g)",
                "400 ml passata | 400 ml (425 g)",
                "1 pinch nutmeg | 1 pinch",
                "3 cloves garlic | 3 cloves (9 g)"
            })
    void theRecipesOwnMeasureStaysWithScalesBeside(String line, String words) {
        var read = new RecipeReader(LARDER)
                .read("Bake\n\nIngredients\n" + line + "\n1 kg carrots\n\nMethod\nBake.")
                .lines()
                .getFirst();
        assertThat(display(AmountStyle.BOTH, Spoons.US).written(read)).isEqualTo(words);
    }

    @Test
    void anAustralianTablespoonIsLarger() {
        assertThat(display(AmountStyle.CUPS, Spoons.US).amount(LARDER.get("water"), 40.0))
                .startsWith("2 ⅔ tbsp");
        assertThat(display(AmountStyle.CUPS, Spoons.AUSTRALIAN).amount(LARDER.get("water"), 40.0))
                .startsWith("2 tbsp");
    }
}
