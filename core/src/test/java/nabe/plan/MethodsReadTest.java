package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import nabe.larder.Larder;
import nabe.reading.text.RecipeReader;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import org.junit.jupiter.api.Test;

class MethodsReadTest {
    private static final RecipeReader READER = new RecipeReader(Larder.load());
    private final MethodsRead methods = new MethodsRead();

    private static Recipe recipe(String amount, String method) {
        return READER.read("Gratin\n\n" + amount + " potatoes\n300 ml cream\n\nMethod\n" + method);
    }

    private Procedure read(Recipe recipe) {
        return methods.of(recipe.lines(), recipe.steps());
    }

    private static final String METHOD =
            "Slice the potatoes into a 2 litre dish and pour over the cream. Bake for %d minutes.";

    @Test
    void theSameRecipeIsReadOnce() {
        assertThat(read(recipe("1 kg", METHOD.formatted(60)))).isSameAs(read(recipe("1 kg", METHOD.formatted(60))));
    }

    @Test
    void anotherAmountOrAnotherMethodIsAnotherRecipe() {
        Procedure first = read(recipe("1 kg", METHOD.formatted(60)));
        assertThat(read(recipe("2 kg", METHOD.formatted(60)))).isNotSameAs(first);
        assertThat(read(recipe("1 kg", METHOD.formatted(70))).oven().getFirst().minutes())
                .isNotEqualTo(first.oven().getFirst().minutes());
    }

    @Test
    void whatWasAskedLongAgoIsForgottenAndReadAlike() {
        Procedure first = read(recipe("1 kg", METHOD.formatted(60)));
        for (int minutes = 10; minutes < 50; minutes++) {
            read(recipe("1 kg", METHOD.formatted(minutes)));
        }
        Procedure again = read(recipe("1 kg", METHOD.formatted(60)));
        assertThat(again).isNotSameAs(first).isEqualTo(first);
        assertThat(again.layers()).isEqualTo(List.copyOf(first.layers()));
    }
}
