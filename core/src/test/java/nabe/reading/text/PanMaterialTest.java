package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;

import nabe.recipe.PanSize;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a dish is made of decides what is safe. */
class PanMaterialTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "Grease a metal roasting tin, 30 x 20 cm. | metal",
                "Tip into a 33x23cm oven glass dish. | glass",
                "Use a 9x13-inch glass baking dish. | glass",
                "a deep cast iron skillet, 26 cm | cast iron",
                "a 25 cm enamelled pie dish | enamel",
                "an enamelware tray 30 x 25 cm | enamel",
                "Butter a 2-litre stoneware dish. | stoneware",
                "Spoon into an earthenware gratin. | earthenware",
                "Line a 900 g loaf tin. | metal",
                "a 30 x 20 cm baking tin | metal",
                "Spread in a 9x13 pan. | -",
                "Layer in a 28 cm round dish. | -",
                "Add a glass of red wine and a 400 g tin of tomatoes to a 24 cm dish. | -"
            })
    void theMaterialIsReadOrUnknown(String text, String material) {
        PanSize pan = PanReader.read(text);
        assertThat(pan == null ? null : pan.material()).isEqualTo(material);
    }
}
