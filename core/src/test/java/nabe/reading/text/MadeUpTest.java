package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.BriefBuilder;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.recipe.Line;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a line is made up with has its own weight and its own allergens, and goes where the line goes. */
class MadeUpTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static Planner.Understood read(String line, String method) {
        return PLANNER.read(
                "Pie\n\n500 g beef mince\n1 onion\n" + line + "\n600 g potatoes\n\n" + method
                        + " Tip into a 2 litre dish. Boil the potatoes, mash them and spread on top. Bake at 190C for 30 minutes.");
    }

    private static List<Line> made(String line) {
        Recipe recipe = read(line, "Fry the onion and the mince.").recipe();
        return recipe.lines().subList(2, recipe.lines().size() - 1);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 beef stock cube in 150ml hot water | beef-stock-cube; water | 150",
                "1 chicken stock cube, dissolved in 300ml boiling water | chicken-stock-cube; water | 300",
                "2 bouillon cubes (dissolved in 1 cup hot water) | chicken-stock-cube; water | 237",
                "2 tbsp cornflour mixed with 100 ml milk | maize-starch; whole-milk | 103",
                "good pinch of saffron, in 2 tbsp warm milk | saffron; whole-milk | 31",
                "1 egg, beaten with 1 tbsp milk | egg; whole-milk | 15"
            })
    void areTwoLines(String line, String foods, double grams) {
        List<Line> lines = made(line);
        assertThat(lines).extracting(l -> l.food().id()).containsExactly(foods.split("; "));
        assertThat(lines.getLast().gramsOrZero()).isCloseTo(grams, within(0.03 * grams));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "300 g penne, cooked in 4 litres salted water",
                "20 g dried porcini, soaked in 200 ml boiling water",
                "400 g potatoes cut in 2 cm cubes",
                "1 onion, diced and fried in 2 tbsp of the butter",
                "150 g plain flour mixed with 90 ml water to a dough, for sealing"
            })
    void whatIsPouredOffOrIsOfAnotherLineIsNone(String line) {
        assertThat(made(line)).hasSize(1);
    }

    @Test
    void goWhereTheLineGoesInTheSameStep() {
        Procedure procedure = read(
                        "1 beef stock cube in 150ml hot water",
                        "Fry the onion and the mince, then add the stock and simmer for 10 minutes.")
                .procedure();
        assertThat(procedure.doubts()).isEmpty();
        assertThat(procedure.components().getFirst().of())
                .extracting(Procedure.Of::line)
                .contains(2, 3);
        assertThat(procedure.components().getFirst().steps())
                .anyMatch(s -> s.words().equals("Mix the 150ml hot water with the beef stock cube")
                        && s.uses().stream().map(Procedure.Of::line).toList().containsAll(List.of(2, 3)));
    }

    @Test
    void itsAllergensAreSwappedInItsOwnAmount() {
        Plan plan = PLANNER.plan(BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(
                        "Pie\n\n500 g beef mince\n2 tbsp cornflour mixed with 100 ml milk\n600 g potatoes\n\n"
                                + "Fry the mince, stir in the cornflour and simmer for 5 minutes. Tip into a 2 litre dish."
                                + " Boil the potatoes, mash them and spread on top. Bake at 190C for 30 minutes."))
                .needs(new Needs(Set.of(Need.DAIRY_FREE), Set.of(), true))
                .brief());
        assertThat(plan.conversion().swaps())
                .filteredOn(s -> s.source() == 2)
                .singleElement()
                .satisfies(s -> assertThat(s.becomes().getFirst().grams()).isCloseTo(103, within(5.0)));
    }
}
