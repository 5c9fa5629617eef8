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
