package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.recipe.Line;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** A word that nobody knows, in place of a food of a line: the plan still stands, and says that it does not know it. */
class UnknownFoodTest {
    private static final String NOBODY_KNOWS = "frumble";
    private static final int MOST_EACH = 3;
    private static final Pattern SEVERAL = Pattern.compile("[,;+&]| (?:and|plus|with) ");
    private static final Pattern HEADED = Pattern.compile("$|\\s*[,;(+&]|\\s+(?:and|plus|with) ");
    private static final Pattern CHOICE = Pattern.compile(" or ");
    private static final Larder LARDER = Larder.load();
    private static final Planner PLANNER = new Planner(LARDER);
    private static final Needs VEGAN = new Needs(Set.of(Need.VEGAN, Need.GLUTEN_FREE), Set.of(), false);

    static Stream<String> recipes() {
        return Recipes.all().stream();
    }

    /** The text with each food that heads a stretch of a line replaced, one at a time; a few lines of each recipe. */
    private static List<String> withOneUnknown(String text) {
        return PLANNER.plan(brief(text, Needs.none())).recipe().lines().stream()
                .filter(line -> line.ingredient() != null)
                .filter(line ->
                        line.amount() != null || SEVERAL.matcher(line.item()).find())
                .filter(line -> text.lines().anyMatch(line.text()::equals))
                .sorted(Comparator.comparing(
                        line -> -SEVERAL.matcher(line.item()).results().count()))
                .flatMap(line -> unknown(line).stream().map(changed -> text.replace(line.text(), changed)))
                .distinct()
                .limit(MOST_EACH)
                .toList();
    }

    private static List<String> unknown(Line line) {
        int item = line.text().indexOf(line.item());
        return item < 0 || CHOICE.matcher(line.item()).find()
                ? List.of()
                : LARDER.scan(line.item()).stream()
                        .filter(food -> HEADED.matcher(line.item().substring(food.end()))
                                .lookingAt())
                        .map(food -> line.text().substring(0, item + food.start())
                                + NOBODY_KNOWS
                                + line.text().substring(item + food.end()))
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
    void whatIsUnknownIsOnTheListAndAskedAbout(String text) {
        for (String unknown : withOneUnknown(text)) {
            Plan plan = PLANNER.plan(brief(unknown, Needs.none()));
            assertThat(plan.ingredients())
                    .filteredOn(i -> i.item().contains(NOBODY_KNOWS) && i.ingredient() == null)
                    .isNotEmpty()
                    .allSatisfy(i -> assertThat(i.buy()).isEqualTo(ShoppingItem.Buy.ASK));
        }
    }

    @Test
    void whatNobodyKnowsLiesInTheDishInBothItsParts() {
        Plan plan = PLANNER.plan(brief("""
                Bake
                Serves 4

                2 tubes (200 g each) frumble dough
                500 g ground beef
                200 g cheddar, grated

                Method
                Brown the beef for 8 minutes. Unroll one tube of dough and press it over the bottom of a 20 x 30 cm dish.
                Bake the crust 8 minutes. Spread the beef over it and scatter with the cheddar. Unroll the second tube and lay
                it over everything. Bake at 190C for 25 minutes.
                """, Needs.none()));

        assertThat(plan.build().layers())
                .filteredOn(l -> l.name().toLowerCase(Locale.ROOT).contains("dough"))
                .hasSize(2);
        assertThat(plan.ingredients())
                .filteredOn(i -> i.item().contains("frumble"))
                .singleElement()
                .satisfies(i -> assertThat(i.grams()).isEqualTo(400));
    }
}
