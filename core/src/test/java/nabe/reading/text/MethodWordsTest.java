package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;

import nabe.larder.Larder;
import nabe.recipe.Line;
import nabe.recipe.Part;
import nabe.recipe.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What title, lines and method say of the kind of dish and its parts. */
class MethodWordsTest {
    private static final RecipeReader READER = new RecipeReader(Larder.load());

    private static Recipe read(String title, String lines, String method) {
        return READER.read(title + "\n\nIngredients\n" + lines.replace("; ", "\n") + "\n\nMethod\n" + method);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Easy bake | 12 corn tortillas; 300 g chicken; 200 g cheddar | Layer tortillas, chicken and cheese. Bake. | lasagna",
                "Easy bake | 12 corn tortillas; 300 g chicken; 200 g cheddar | Fill the tortillas, roll them up and bake. | rolled",
                "Mutton pie | 500 g lamb mince; 1 kg potatoes; 200 ml stock | Brown the mince. Boil and mash the potatoes. Top and bake. | mash-topped",
                "Mutton pie | 500 g lamb mince; 300 g shortcrust pastry; 200 ml stock | Fill, lid with pastry and bake. | pot-pie",
                "Sunday dish | 1 kg potatoes; 300 ml cream | Slice, pour over the cream and bake. | gratin",
                "Sunday dish | 8 eggs; 8 slices bread; 500 ml milk | Soak and bake. | strata",
                "Sunday dish | 16 cannelloni tubes; 500 g spinach | Fill and bake. | stuffed-tubes",
                "Sunday dish | 350 g macaroni; 200 g cheddar | Boil, mix and bake. | pasta-bake",
                "Aubergine parmigiana | 1 kg aubergines; 400 g passata | Layer and bake. | moussaka"
            })
    void theKindOfDishIsSeen(String title, String lines, String method, String family) {
        assertThat(read(title, lines, method).family().id()).isEqualTo(family);
    }

    @Test
    void headingsGiveTheirLinesAPart() {
        Recipe recipe = READER.read(
                "Pie\n\nIngredients\nCornbread topping\n140 g cornmeal\n100 g plain flour\nChicken filling\n500 g chicken\n\nMethod\nFill, top and bake for 30 minutes.");
        assertThat(recipe.lines())
                .extracting(Line::heading)
                .containsExactly("Cornbread topping", "Cornbread topping", "Chicken filling");
        assertThat(recipe.lines().get(1).part()).isEqualTo(Part.STRUCTURE);
        assertThat(recipe.lines().get(2).part()).isEqualTo(Part.FILLING);
    }

    @Test
    void whatIsNeitherIngredientNorStepIsKeptAside() {
        Recipe recipe = READER.read(
                "Gran's gratin\nFrom a faded card in her tin\nPrep time: 20 min\nServes 4\n\nIngredients\n1 kg potatoes\nFILLING\n\nMethod\nBake.\n\nNotes\nBetter the next day.");
        assertThat(recipe.asides())
                .containsExactly(
                        "From a faded card in her tin", "Prep time: 20 min", "FILLING", "Better the next day.");
        assertThat(recipe.servings()).isEqualTo(4);
    }

    @Test
    void capitalsWithoutAmountsAreIngredientsWhenNothingStandsUnderThem() {
        Recipe recipe = READER.read(
                "BAKE\n\nINGREDIENTS\n1 KG POTATOES\nSALT AND PEPPER\n200 ML CREAM\nNUTMEG\n\nMETHOD\nBAKE IT.");
        assertThat(recipe.lines()).extracting(l -> l.ingredient().id()).contains("potato", "double-cream", "nutmeg");
    }
}
