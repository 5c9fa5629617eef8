package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One line worked in two ways is two things to the method. */
class WorkedPartTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "400 g cheddar, half grated, half sliced | the sliced cheddar | the grated cheddar | 1/2:cheddar; 1/2:cheddar",
                "400 g cheddar (100 g grated, 300 g sliced) | the sliced cheddar | the grated cheddar | 3/4:cheddar; 1/4:cheddar",
                "400 g cheddar, a quarter grated, the rest sliced | the cheddar | no more | cheddar",
                "400 g cheddar, two-thirds cubed and a third grated | the cubed cheddar | the grated cheddar | 2/3:cheddar; 1/3:cheddar",
                "400 g cheddar, grated | the grated cheddar | the rest | cheddar"
            })
    void eachNounMeansItsPart(String line, String inside, String onTop, String shares) {
        Told told = Told.of("""
                Leek bake
                Serves 4
                600 g leeks
                %s
                Method
                Soften the leeks for 10 minutes and stir in %s. Spread in a 20 x 30 cm dish. Top with %s. Bake at 200C for 25 minutes.
                """.formatted(line, inside, onTop));

        assertThat(told.pots().replaceAll("leeks |\\bleeks; ", "")).isEqualTo(shares);
    }
}
