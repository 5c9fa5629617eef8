package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;

import nabe.recipe.Procedure.Minutes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How a dish is built and baked, as the words say it. */
class BuildAndBakeTest {
    private static Told bake(String words) {
        return Told.of("""
                Sheet bake
                Serves 4
                9 lasagna sheets
                600 g passata
                250 g ricotta
                100 g cheddar, grated
                Method
                Simmer the passata for 20 minutes.
                %s
                """.formatted(words));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Bake at 190C for 30 minutes. | 190 30",
                "Bake 35-40 min at 190°C (fan 170). | 190 35–40",
                "Bake for 25 mins at 190°C. | 190 25",
                "Cover with foil and bake at 190C for 30 minutes. Uncover and bake for another 15. | 190 covered 30; 190 15",
                "Cover and bake 20 min at 190C, then uncover for 10. | 190 covered 20; 190 10",
                "Bake at 190C 30 min covered, 10 uncovered. | 190 covered 30; 190 10",
                "Bake at 190C for 45 minutes, stirring after 20. | 190 45 stirred",
                "Cover with foil and bake at 190C for 50 minutes, taking the foil off for the last 15 minutes. | 190 covered 35; 190 15",
                "Bake at 190C for 50 minutes, covered for the first 30 minutes. | 190 covered 30; 190 20",
                "Bake at 220C for 10 minutes, then turn the oven down to 180C and bake for 30 minutes. | 220 10; 180 30",
                "Bake at gas mark 5 for 30 minutes. | 190 30",
                "Bake at 190C for 30 minutes. Cover with foil if it browns too fast. | 190 30",
                "Bake at 190C for 30 minutes, then brown under a hot grill for 3 minutes. | 190 30; grill 3",
                "Bake at 190C for 30 minutes. Enough for 6. | 190 30",
                "Bake at 190C for 30 minutes. Grill for 3 minutes if you like it crusty. | 190 30",
                "Bake at 190C for 30 minutes. Optional: flash under the grill for 2 minutes. | 190 30",
                "Bake at 190C for 30 minutes. Cover the edge of the crust with foil for the last 15 minutes. | 190 30",
                "Bake at 190C for 30 minutes. Don't cut it for 20 minutes. | 190 30",
                "Bake at 190C for 25 minutes, then 5 under a hot grill. | 190 25; grill 5",
                "180 fan, 15-20 mins. | 180 15–20",
                "Bake at 190C for 30 minutes and grill for 3 to brown the top. | 190 30; grill 3",
                "Cover and bake at 190C for 20 minutes, then bake uncovered for a final 10. | 190 covered 20; 190 10",
                "Put on the lid and bake at 190C for 40 minutes. Take it off and bake for 10 minutes. | 190 covered 40; 190 10",
                "Cover with a butter wrapper and bake at 190C for 40 minutes. | 190 covered 40",
                "Bake at Gas 3 (170°C) for 40 minutes. | 170 40",
                "Bake at gas 7 for 15 minutes, then at gas 5 for a further 25, laying paper over it should it brown too fast. | 220 15; 190 25",
                "Bake at 190C for 30 minutes. For the salad toss the leaves in 2 tbsp oil for 1 minute. | 190 30"
            })
    void phasesAreAsSaid(String words, String oven) {
        Told told =
                bake("Spread the passata in a 30 x 20 cm dish, then the sheets, the ricotta and the cheddar. " + words);
        assertThat(told.oven()).isEqualTo(oven);
    }

    @Test
    void whatGoesOnDuringTheBakeIsLateAndAddedToItsPhase() {
        Told told = bake("Layer the sheets, the passata and the ricotta in a 30 x 20 cm dish. "
                + "Bake at 190C for 30 minutes. Scatter over the cheddar and bake for 10 minutes.");
        assertThat(told.oven()).isEqualTo("190 30; 190 10 adds");
        assertThat(told.layers()).isEqualTo("sheets; passata; ricotta; cheddar late");
    }

    @Test
    void onlyIfIsKeptApartAndTheRestIsARest() {
        Told told = bake("Layer the sheets and the passata in a 30 x 20 cm dish. Bake at 190C for 30 minutes. "
                + "Cover with foil only if it browns. Leave to stand for 10 minutes before cutting.");
        assertThat(told.procedure().onlyIf())
                .singleElement()
                .satisfies(o -> assertThat(o.words()).contains("only if it browns"));
        assertThat(told.procedure().rest()).isEqualTo(new Minutes(10, 10));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Layer half the passata, half the sheets and half the ricotta in a dish. Repeat. Top with the cheddar. | "
                        + "1/2:passata; 1/2:sheets; 1/2:ricotta; 1/2:passata; 1/2:sheets; 1/2:ricotta; cheddar",
                "Spread a third of the passata in a dish, then a third of the sheets. Repeat twice. Top with the ricotta and the cheddar. | "
                        + "1/3:passata; 1/3:sheets; 1/3:passata; 1/3:sheets; 1/3:passata; 1/3:sheets; ricotta; cheddar",
                "Spread half the passata in a dish. Lay in the sheets and cover with the ricotta. Spoon over the rest of the passata, then the cheddar. | "
                        + "1/2:passata; sheets; ricotta; 1/2:passata; cheddar",
                "Lay the sheets in a 13- by 9-inch dish and dot with half the ricotta. Top with the rest and the cheddar. | "
                        + "sheets; 1/2:ricotta; 1/2:ricotta; cheddar; passata",
                "Cover the base of a dish with two ladlefuls of the passata. Lay in the sheets and pour over the rest of the passata. | "
                        + "35%:passata; sheets; 65%:passata; ricotta; cheddar",
                "Layer in a dish. | passata; sheets; ricotta; cheddar",
                "Fill a deep dish with the passata and top with the sheets, then the ricotta mixed with the cheddar. | "
                        + "passata; sheets; ricotta",
                "Spread in a 9 x 13 pan. Top with the sheets, the ricotta and the cheddar. | passata; sheets; ricotta; cheddar"
            })
    void layersAreWrittenOutWithTheirShares(String words, String layers) {
        assertThat(bake(words + " Bake at 190C for 30 minutes.").layers()).isEqualTo(layers);
    }

    @Test
    void whatFillsATubeLiesInsideIt() {
        Told told = Told.of("""
                Stuffed tubes
                Serves 4
                16 cannelloni tubes
                250 g ricotta
                200 g spinach
                500 g passata
                Method
                Mix the ricotta and the spinach. Pipe the ricotta mixture into the tubes.
                Spread half the passata in a 30 x 20 cm dish, lay in the tubes and pour over the rest of the passata.
                Bake at 190C for 30 minutes.
                """);
        assertThat(told.layers()).isEqualTo("1/2:passata; tubes; ricotta inside; 1/2:passata");
    }
}
