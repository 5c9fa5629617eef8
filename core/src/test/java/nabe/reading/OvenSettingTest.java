package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import nabe.recipe.OvenSetting;
import nabe.recipe.OvenSetting.BakeTime;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What of the oven a plan takes from the method. */
class OvenSettingTest {
    private static OvenSetting said(String method) {
        return OvenSetting.of(Told.of("Gratin\n\nIngredients\n1 kg potatoes\n300 ml cream\n\nMethod\n"
                        + "Slice the potatoes, lay them in a dish and pour over the cream. " + method)
                .procedure());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Bake for 30 minutes. | 30 | false",
                "Bake uncovered for 25-30 mins until golden. | 27.5 | false",
                "Cover with foil and bake for 1 hour. | 60 | true",
                "Bake for 1 hr 15 mins. | 75 | false",
                "Bake, covered, for 40 minutes. | 40 | true",
                "Bake 350 for 45-50 min. | 47.5 | false",
                "Bake at 190C for half an hour. | 30 | false",
                "Bake for 20 minutes. Rest for 10 minutes. | 20 | false",
                "Bake at 180C no fan for 30 min. | 30 | false",
                "Make sure the slices are covered. Bake for 20 minutes. | 20 | false",
                "The slices should be just covered. Bake for 20 minutes. | 20 | false"
            })
    void bakeTimesAndCoversAreFollowed(String method, double minutes, boolean covered) {
        List<BakeTime> times = said(method).times();
        assertThat(times).hasSize(1);
        assertThat(times.getFirst().minutes().mid()).isEqualTo(minutes);
        assertThat(times.getFirst().covered()).isEqualTo(covered);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Heat oven to 180C/160C fan/gas 4. | 180",
                "Preheat the oven to 350°F. | 176.7",
                "Set the oven to gas mark 6. | 200",
                "Preheat oven to 375 degrees. | 190.6",
                "Heat the oven to 200 °C. | 200",
                "Heat a fan oven to fan 160C. | 180",
                "Heat the oven to 180°C fan-off. | 180",
                "Heat the oven to 180 °C (no fan). | 180",
                "Preheat oven to 350. | 176.7",
                "Heat the oven to moderate, gas mark 4. | 180"
            })
    void ovenTemperaturesOnAnyScale(String heat, double celsius) {
        assertThat(said(heat + " Bake for 30 minutes.").celsius()).isCloseTo(celsius, within(0.1));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Bake at 190C for 30 minutes, then finish under a hot grill. | true",
                "Bake for 30 minutes. Brown under the broiler for 2 minutes. | true",
                "Bake for 30 minutes. Top with the grilled peppers at table. | false"
            })
    void onlyTheDishItselfUnderTheGrillIsAPhase(String method, boolean grilled) {
        assertThat(said(method).grilled()).isEqualTo(grilled);
    }

    @Test
    void aWholeRecipesBakeIsCoveredThenOpen() {
        OvenSetting oven = OvenSetting.of(Told.of(Recipes.LASAGNA).procedure());
        assertThat(oven.celsius()).isEqualTo(190);
        assertThat(oven.times()).extracting(BakeTime::covered).containsExactly(true, false);
        assertThat(oven.totalMinutes()).isEqualTo(45);
    }
}
