package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import nabe.larder.Larder;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import nabe.recipe.RecipeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A recipe that lists nothing apart buys what its method measures out. */
class InlineLinesTest {
    private static final RecipeReader READER = new RecipeReader(Larder.load());

    private static List<String> bought(String method) {
        Recipe recipe = READER.read("Supper\n\n" + method);
        return recipe.lines().stream().map(Line::text).toList();
    }

    @Test
    void everyMeasuredThingIsALineOnce() {
        assertThat(
                        bought(
                                "Fry 2 diced carrots and 1 large chopped onion 12 min in 2 tbsp oil. "
                                        + "Add a 400g tin of chopped tomatoes and a drained 400g can of butter beans, then 300ml vegetable stock. "
                                        + "Simmer the 300ml stock away for 15 minutes. Bake at 190C/170C fan for 30 mins in a 20 x 30 cm dish."))
                .containsExactly(
                        "2 diced carrots",
                        "1 large chopped onion",
                        "2 tbsp oil",
                        "400g tin of chopped tomatoes",
                        "400g can of butter beans",
                        "300ml vegetable stock");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Heat the oven to 180C. Simmer everything for 20 minutes and rest it for 5 mins before serving.",
                "Layer it all in a 23 cm dish, cover with foil and bake for 1 hour at gas 4 until it is done."
            })
    void timesHeatsAndSizesAreNoFood(String method) {
        assertThatThrownBy(() -> bought(method))
                .isInstanceOf(RecipeException.class)
                .hasMessageContaining("No ingredient was found");
    }

    /** Where things are listed, the method buys nothing more. */
    @Test
    void aListedRecipeIsReadFromItsList() {
        Recipe recipe = READER.read("""
                Leek bake
                500 g leeks
                200 ml cream
                Method
                1. Slice 500 g leeks and simmer them in 200 ml cream for 10 minutes. Stir in 1 tbsp mustard.
                2. Tip into a dish and bake at 190C for 20 minutes.
                """);
        assertThat(recipe.lines()).extracting(Line::text).containsExactly("500 g leeks", "200 ml cream");
    }
}
