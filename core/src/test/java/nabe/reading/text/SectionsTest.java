package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;

import nabe.larder.Larder;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Where a pasted text's list ends and its method begins, and what stands in it that is neither. */
class SectionsTest {
    private static final RecipeReader READER = new RecipeReader(Larder.load());

    private static Recipe read(String text) {
        return READER.read(text);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "how to",
                "How to make it",
                "~ Blanch the leeks for a minute, then drain them.",
                "Toast bread on a sheet pan at 350°F, 12 minutes.",
                "Preheat 350.",
                "oven on at 180 fan",
                "Preheat to 190C"
            })
    void theMethodBeginsHere(String line) {
        Recipe recipe = read(
                "Leek bake\n\n4 leeks\n300 ml cream\n" + line + "\nPour the cream over the leeks and bake 30 min.");
        assertThat(recipe.lines()).extracting(Line::item).containsExactly("leeks", "cream");
        assertThat(recipe.steps().getLast()).startsWith("Pour the cream");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Pour 4 (makes 8 pancakes) | 4",
                "pour 6 personnes / for 6 | 6",
                "serves a crowd (9 x 13) | 0",
                "feeds a crowd of 10 | 10",
                "(feeds 6 - 8) | 6"
            })
    void forHowMany(String line, int servings) {
        Integer found = read("Leek bake\n" + line + "\n\n4 leeks\n300 ml cream\n\nMethod\nBake for 30 minutes.")
                .servings();
        assertThat(found == null ? 0 : found).isEqualTo(servings);
    }

    @Test
    void whatIsSaidNotToBeInItIsNoIngredientAndIsKept() {
        Recipe recipe = read("Gratin\n\n1 kg potatoes\n300 ml cream\nno cheese!\n\nMethod\nBake for 60 minutes.");
        assertThat(recipe.lines()).extracting(Line::item).containsExactly("potatoes", "cream");
        assertThat(recipe.asides()).contains("no cheese!");
    }

    @ParameterizedTest
    @CsvSource({"no-boil lasagna noodles", "no fat milk", "no egg noodles", "no sugar peanut butter"})
    void whatIsBoughtWithoutAThingIsAnIngredient(String line) {
        Recipe recipe = read("Bake\n\n600 g passata\n" + line + "\n\nMethod\nBake for 40 minutes.");
        assertThat(recipe.lines()).hasSize(2);
    }

    @Test
    void aHeadingThatNamesNothingHeadsNoPart() {
        Recipe recipe = read("Bake\n\nFor the sauce:\n500 ml milk\nPlus:\n2 eggs\n\nMethod\nBake for 40 minutes.");
        assertThat(recipe.lines()).extracting(Line::heading).containsExactly("For the sauce", null);
    }

    @Test
    void dotsLeadToTheAmount() {
        Recipe recipe =
                read("Gratin\n\n1 cauliflower ........ about 1 kg\nButter ............... 50 g\n\nMethod\nBake.");
        assertThat(recipe.lines().getFirst().gramsOrZero()).isEqualTo(1000);
        assertThat(recipe.lines().getLast().gramsOrZero()).isEqualTo(50);
    }
}
