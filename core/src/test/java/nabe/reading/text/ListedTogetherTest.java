package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import nabe.larder.Allergen;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Things listed in one line without amounts are each bought; nothing of what they bring is lost. */
class ListedTogetherTest {
    private static final RecipeReader READER = new RecipeReader(Larder.load());

    private static List<Line> read(String line) {
        Recipe recipe =
                READER.read("Pie\n\nIngredients\n500 g potatoes\n" + line + "\n\nMethod\nBake it for 30 minutes.");
        return recipe.lines().subList(1, recipe.lines().size());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "salt, sweet paprika | salt; paprika",
                "salt, pepper, nutmeg | salt; nutmeg",
                "Salt, pepper, soy sauce | salt; soy-sauce",
                "salt, pepper and a little flour | salt; plain-flour",
                "a pinch of cayenne and nutmeg | cayenne; nutmeg",
                "fresh thyme, rosemary and sage | thyme; rosemary; sage",
                "cilantro + sliced spring onions for the top | coriander; spring-onion"
            })
    void areSeveralLines(String line, String foods) {
        assertThat(read(line)).extracting(l -> l.food().id()).containsExactly(foods.split("; "));
    }

    @Test
    void whatIsSaidOfAllIsSaidOfEach() {
        assertThat(read("butter, flour and breadcrumbs for the tin"))
                .hasSize(3)
                .allSatisfy(l -> assertThat(l.text()).endsWith("for the tin"));
        assertThat(read("chives and parsley, finely chopped"))
                .hasSize(2)
                .allSatisfy(l -> assertThat(l.text()).endsWith("finely chopped"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "salt and black pepper",
                "butter, softened",
                "parsley or chives",
                "sage and onion stuffing mix",
                "mushrooms, wiped and sliced",
                "cheese and onion crisps"
            })
    void oneThingStaysOne(String line) {
        assertThat(read(line)).hasSize(1);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"salt, soy sauce", "pepper and flour", "oil, breadcrumbs", "parsley, salt, mustard, soy sauce"})
    void theWheatInAnyOfThemIsSeen(String line) {
        Needs needs = new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true);

        assertThat(read(line)).anyMatch(l -> l.food().allergens().contains(Allergen.WHEAT));
        assertThat(read(line)).anyMatch(l -> !needs.judge(l.food(), l.claims()).fits());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "leaves from 4 thyme sprigs | thyme",
                "meat from 1 rotisserie chicken | cooked-chicken",
                "kernels from 3 ears of corn | sweetcorn",
                "florets from 1 small cauliflower | cauliflower",
                "juice from half a lemon | lemon",
                "crumbs from 4 slices of stale bread | bread"
            })
    void aPartIsBoughtAsTheWhole(String line, String food) {
        assertThat(read(line)).singleElement().satisfies(l -> {
            assertThat(l.food().id()).isEqualTo(food);
            assertThat(l.gramsOrZero()).isPositive();
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "9 noodles | wheat-lasagna-sheets",
                "12 noodles, cooked | wheat-lasagna-sheets",
                "9 no-boil noodles | wheat-lasagna-sheets",
                "200 g noodles | egg-noodles",
                "8 oz noodles | egg-noodles"
            })
    void countedNoodlesAreSheets(String line, String food) {
        assertThat(read(line))
                .singleElement()
                .satisfies(l -> assertThat(l.food().id()).isEqualTo(food));
    }

    @Test
    void aDishIsNoPurchaseAndATinOfSomethingUnknownIsOne() {
        assertThat(read("Two dishes about 25 x 30 cm")).isEmpty();
        assertThat(read("2 x 400 g tins frumble, drained")).hasSize(1);
    }
}
