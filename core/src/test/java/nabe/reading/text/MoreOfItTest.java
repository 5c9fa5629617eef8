package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import nabe.larder.Larder;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Two amounts on one line: more of the same thing, or two things. */
class MoreOfItTest {
    private static final RecipeReader READER = new RecipeReader(Larder.load());

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "25g butter, plus 40g melted for the pastry | butter | 65",
                "100 ml milk, plus 900 ml for the sauce | whole-milk | 1031",
                "1 lt milk | whole-milk | 1031",
                "1 c. cornflake crumbs mixed w/ 2 Tbsp. melted butter | cornflakes | 28",
                "50 g butter, plus extra for greasing | butter | 50",
                "200 g flour, sifted, plus more for dusting | plain-flour | 200"
            })
    void isOneLine(String text, String food, double grams) {
        Recipe recipe = READER.read("Pie\n\n" + text + "\n2 eggs\n\nMethod\nBake it for 30 minutes.");
        Line line = recipe.lines().getFirst();
        assertThat(recipe.lines()).hasSize(2);
        assertThat(line.food().id()).isEqualTo(food);
        assertThat(line.gramsOrZero()).isCloseTo(grams, within(0.02 * grams + 1));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2 onions, 2 carrots and 2 celery sticks, all finely diced | 3",
                "1 tbsp flour; 400 ml beef stock; 1 tsp mustard | 3",
                "150 g cheddar plus 50 g parmesan, grated | 2"
            })
    void orSeveralThings(String text, int things) {
        Recipe recipe = READER.read("Pie\n\n" + text + "\n2 eggs\n\nMethod\nBake it for 30 minutes.");
        assertThat(recipe.lines()).hasSize(things + 1);
        assertThat(recipe.lines()).allSatisfy(l -> assertThat(l.gramsOrZero()).isPositive());
    }
}
