package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import nabe.testing.Recipes;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A word that nobody knows, in place of any thing of a recipe: the plan still stands, and says that it does not know it. */
class UnknownFoodTest {
    private static final String NOBODY_KNOWS = "frumble";
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Needs VEGAN = new Needs(Set.of(Need.VEGAN, Need.GLUTEN_FREE), Set.of(), false);

    static Stream<String> recipes() {
        return Recipes.all().stream();
    }

    private static List<String> withOneUnknown(String text) {
        Recipe recipe = PLANNER.plan(brief(text, Needs.none())).recipe();
        return recipe.lines().stream()
                .filter(l -> l.ingredient() != null)
                .map(Line::item)
                .filter(text::contains)
                .distinct()
                .map(item -> text.replace(item, NOBODY_KNOWS))
                .toList();
    }

    private static Brief brief(String text, Needs needs) {
        return Brief.of(Brief.RecipeBrief.ofText(text), needs);
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void thePlanStandsAndTheUnknownIsNamed(String text) {
        for (String unknown : withOneUnknown(text)) {
            Plan plan = PLANNER.plan(brief(unknown, VEGAN));
            assertThat(plan.conversion().unresolved())
                    .as("what is unknown in %s", unknown)
                    .anyMatch(u -> u.text().contains(NOBODY_KNOWS));
        }
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void whatIsUnknownIsOnTheListAndNeverCalledSafe(String text) {
        for (String unknown : withOneUnknown(text)) {
            Plan plan = PLANNER.plan(brief(unknown, Needs.none()));
            assertThat(plan.ingredients())
                    .filteredOn(i -> i.item().contains(NOBODY_KNOWS))
                    .isNotEmpty()
                    .allSatisfy(i -> assertThat(i.buy()).isEqualTo(ShoppingItem.Buy.ASK));
        }
    }
}
