package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import nabe.testing.Recipes;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A word that nobody knows, in place of the one food of a line: the plan still stands, and says that it does not know it. */
class UnknownFoodTest {
    private static final String NOBODY_KNOWS = "frumble";
    private static final Pattern SEVERAL = Pattern.compile("[,+(]| (?:and|or|with) ");
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Needs VEGAN = new Needs(Set.of(Need.VEGAN, Need.GLUTEN_FREE), Set.of(), false);

    static Stream<String> recipes() {
        return Recipes.all().stream();
    }

    private static List<String> withOneUnknown(String text) {
        Recipe recipe = PLANNER.plan(brief(text, Needs.none())).recipe();
        return recipe.lines().stream()
                .filter(UnknownFoodTest::namesOneFood)
                .filter(l -> text.lines().anyMatch(l.text()::equals))
                .map(l -> text.replace(l.text(), l.text().replace(l.item(), NOBODY_KNOWS)))
                .distinct()
                .limit(3)
                .toList();
    }

    private static boolean namesOneFood(Line line) {
        return line.ingredient() != null
                && line.amount() != null
                && line.text().endsWith(" " + line.item())
                && !SEVERAL.matcher(line.text()).find();
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
    void whatIsUnknownIsOnTheListAndAskedAbout(String text) {
        for (String unknown : withOneUnknown(text)) {
            Plan plan = PLANNER.plan(brief(unknown, Needs.none()));
            assertThat(plan.ingredients())
                    .filteredOn(i -> i.item().contains(NOBODY_KNOWS))
                    .isNotEmpty()
                    .allSatisfy(i -> assertThat(i.buy()).isEqualTo(ShoppingItem.Buy.ASK));
        }
    }
}
