package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nabe.larder.Larder;
import nabe.plan.Planner;
import nabe.recipe.Procedure;
import nabe.recipe.Procedure.OvenPhase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CoverTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static Procedure read(String end) {
        return PLANNER.read(
                        "Strata\n\n400 g bread, cubed\n200 g ham, diced\n100 g cheddar, grated\n6 eggs\n700 ml milk\n\n"
                                + "Layer the bread and the ham in a 33 x 23 cm dish. Whisk the eggs and milk and pour over. "
                                + end)
                .procedure();
    }

    /** A cover for the fridge is off when it bakes; one that is taken off in the oven was on. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Cover and chill overnight. Scatter with the cheddar. Bake at 180C for 50 minutes. | false",
                "Cover with foil and refrigerate for 8 hours. Bake at 180C for 50 minutes. | false",
                "Cover with cling film and leave in the fridge overnight. Scatter with the cheddar and bake at 180C for 50 minutes. | false",
                "Cover with foil and refrigerate overnight. Bake at 180C for 40 minutes, then uncover, scatter with the cheddar and bake for 10 minutes. | true",
                "Scatter with the cheddar. Cover with foil and bake at 180C for 50 minutes. | true",
                "Chill overnight. Scatter with the cheddar, cover with foil and bake at 180C for 50 minutes. | true"
            })
    void aCoverForTheFridgeIsNoCoverInTheOven(String end, boolean covered) {
        List<OvenPhase> oven = read(end).oven();
        assertThat(oven.getFirst().covered()).isEqualTo(covered);
    }

    /** Many ways to say when the foil is on. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "180C: 20 min covered, 10 min not. | 180 covered 20; 180 10",
                "Bake at 180C, 20 minutes covered and 10 not. | 180 covered 20; 180 10",
                "Bake at 180C for 30 minutes with foil and 15 without. | 180 covered 30; 180 15",
                "Bake 25 min under foil, then 15 more without it, 190C. | 190 covered 25; 190 15",
                "180C, half an hour covered then a quarter of an hour open. | 180 covered 30; 180 15",
                "Bake at 190 for 40 minutes, foil on for all but the last 10. | 190 covered 30; 190 10",
                "190C, 40 minutes in all, foil off for the last 15. | 190 covered 25; 190 15",
                "Bake covered 30 min. at 190C, then open 10 more. | 190 covered 30; 190 10",
                "36 minutes at 200C, taking the foil off halfway. | 200 covered 18; 200 18",
                "36 minutes at 200C, covered for the first half. | 200 covered 18; 200 18",
                "Bake at 180C for 20 minutes with the foil on and 20 with it off. | 180 covered 20; 180 20",
                "Bake at 190C for 40 min, covering with foil for the first 20. | 190 covered 20; 190 20",
                "Bake 40 minutes at 190C, uncovered. | 190 40",
                "Bake at 190C for 35-40 minutes; cover loosely with foil if it browns too fast. | 190 35–40"
            })
    void theTimesUnderFoilAreReadHoweverTheyAreSaid(String end, String oven) {
        String text = "Pasta bake\n\n400 g penne\n500 ml white sauce\n200 g cheddar\n\n"
                + "Boil the penne. Mix with the white sauce, put in a dish and top with the cheddar.\n" + end;
        assertThat(Told.of(text).oven()).isEqualTo(oven);
    }

    @Test
    void theOvenStaysAsHotAsAPartWasRoastedAt() {
        Procedure pudding = PLANNER.read(
                        "Toad in the hole\n\n8 sausages\n140 g flour\n4 eggs\n200 ml milk\n\n"
                                + "Whisk the flour, eggs and milk. Roast the sausages in a 30 x 20 cm tin at 220C for 15 minutes. Pour the batter round them and bake for 30 minutes.")
                .procedure();
        assertThat(pudding.oven().getLast().celsius()).isEqualTo(220);
    }

    @Test
    void aPieceNamesNoSauce() {
        Procedure pie = PLANNER.read(
                        "Chicken pie\n\n600 g chicken thighs, diced\n2 leeks\n400 ml chicken stock\n320 g puff pastry\n\n"
                                + "Soften the leeks in a pan. Add the chicken thighs and the stock and simmer for 20 minutes. Spoon into a pie dish and cover with the pastry. Bake at 200C for 35 minutes.")
                .procedure();
        assertThat(pie.components()).anyMatch(c -> c.name().equals("chicken sauce"));
    }
}
