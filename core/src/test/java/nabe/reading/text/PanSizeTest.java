package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;

import nabe.recipe.PanSize;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The size of a dish as cooks write it, in millimetres: long, short, across, deep. */
class PanSizeTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            nullValues = "-",
            value = {
                "Layer in a 30 x 20 cm dish. | rectangle | 300 | 200 | - | -",
                "Grease a 9-by-13-inch baking dish. | rectangle | 330 | 229 | - | -",
                "Use a 20 cm square tin. | square | 200 | 200 | - | -",
                "Line a 9 inch deep pie plate. | round | - | - | 229 | -",
                "Spoon into a 23 cm round dish, 6 cm deep. | round | - | - | 230 | 60",
                "Bake in an oval dish, 35 cm long. | oval | 350 | - | - | -",
                "Cut the roll in 3 x 2 cm pieces and lay in a 25 x 25 cm dish. | square | 250 | 250 | - | -"
            })
    void sidesAndDepthAreRead(
            String text, String shape, Integer longMm, Integer shortMm, Integer acrossMm, Integer deepMm) {
        PanSize pan = PanReader.read(text);
        assertThat(pan).isNotNull();
        assertThat(pan.shape()).isEqualTo(shape);
        assertThat(pan.lengthMm()).isEqualTo(longMm);
        assertThat(pan.widthMm()).isEqualTo(shortMm);
        assertThat(pan.diameterMm()).isEqualTo(acrossMm);
        assertThat(pan.depthMm()).isEqualTo(deepMm);
    }
}
