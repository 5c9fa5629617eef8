package nabe.budgets;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.BriefBuilder;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.prep.PrepChoice;
import nabe.prep.ReadyLine;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

class WaterTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Needs VEGAN = new Needs(Set.of(Need.VEGAN, Need.GLUTEN_FREE), Set.of(), true);
    private static final String DRY =
            "Lasagna\n\nIngredients\n12 brown rice lasagna sheets\n300 g passata\n200 g mozzarella\n\nMethod\nLayer in a 30 x 20 cm dish. Bake at 190C for 40 minutes.";
    private static final String WET =
            "Courgette lasagne\n\n9 cooked lasagne sheets\n900 g tinned tomatoes\n600 g courgettes, sliced\n250 ml vegetable stock\n150 g mozzarella\n\n"
                    + "Stir the tomatoes, courgettes and stock together in a bowl. Layer with the sheets in a 30 x 20 cm dish. Scatter with the mozzarella. Cover with foil and bake at 190C for 30 minutes, then uncover for 15 minutes.";

    private static final String SEVERAL =
            "Raw courgette moussaka\nServes 6\n\n1 kg courgettes, sliced\n400 g lentils, cooked\n800 g chopped tomatoes\n200 ml water\n400 ml milk\n40 g flour\n40 g butter\n\n"
                    + "Stir the lentils, tomatoes and water together. Melt the butter, stir in the flour and whisk in the milk until thick. Layer the courgettes and the lentil sauce in a 2.5 litre dish, spread over the white sauce. Bake at 190C for 45 minutes.";
    private static final String THIRSTY =
            "Dry strata\nServes 6\n\n500 g bread, cubed\n3 eggs\n250 ml milk\n150 g cheddar\n\nPut the bread and cheddar in a 2.5 litre dish. Whisk the eggs with the milk and pour over. Bake at 180C for 40 minutes.";

    private static Plan plan(String text, Needs needs, Map<String, Double> mends, boolean forecast) {
        return PLANNER.plan(BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(text))
                .needs(needs)
                .prep(new PrepChoice(null, mends))
                .forecast(forecast)
                .brief());
    }

    private static WaterBudget water(String text, Needs needs, Map<String, Double> mends) {
        return plan(text, needs, mends, false).budgets().water();
    }

    static Stream<String> dishes() {
        return Stream.concat(Recipes.all().stream(), Stream.of(DRY, WET, SEVERAL, THIRSTY));
    }

    @Tag("sweep")
    @ParameterizedTest
    @MethodSource("dishes")
    void waterIsConserved(String recipe) {
        Plan plan = plan(recipe, VEGAN, Map.of(), false);
        WaterBudget water = plan.budgets().water();
        assertThat(water.freeGrams() + water.givenOffGrams() + water.unboundGrams())
                .isCloseTo(water.endGrams() + water.takenUpGrams() + water.lostGrams(), within(0.01));
        double inDish = plan.build().layers().stream()
                .flatMap(l -> l.of().stream())
                .mapToDouble(ReadyLine::waterGrams)
                .sum();
        assertThat(water.lostGrams()).isBetween(0.0, 0.7 * inDish);
        assertThat(water.unboundGrams()).isBetween(0.0, inDish);
    }

    /** "Moist and cuttable" is never said of a dish that lacks water, nor "too wet" of one that lies in its band. */
    @ParameterizedTest
    @MethodSource("dishes")
    void theBandMeansSomething(String recipe) {
        WaterBudget water = water(recipe, Needs.none(), Map.of());
        assertThat(water.lowGrams()).isNotNegative();
        if (water.state().equals("good")) {
            assertThat(water.endGrams()).isBetween(water.lowGrams() - 10, water.highGrams() + 10);
            assertThat(water.mends()).isEmpty();
        }
    }

    @Tag("sweep")
    @ParameterizedTest
    @MethodSource("dishes")
    void aMendBringsItInAloneOrAfterTheOthers(String recipe) {
        for (Needs needs : List.of(Needs.none(), VEGAN)) {
            WaterBudget before = water(recipe, needs, Map.of());
            Map<String, Double> all = new HashMap<>();
            for (WaterBudget.Mend mend : before.mends()) {
                WaterBudget alone = water(recipe, needs, Map.of(mend.key(), mend.value()));
                double moved = alone.endGrams() - before.endGrams();
                assertThat(moved > 0).isEqualTo(before.state().equals("short"));
                assertThat(alone.state().equals("good"))
                        .as("%s in %s", mend, recipe.lines().findFirst())
                        .isEqualTo(!before.together());
                assertThat(moved).isCloseTo(mend.waterGrams(), withinPercentage(before.together() ? 10 : 25));
                all.put(mend.key(), mend.value());
            }
            if (!all.isEmpty() && before.together()) {
                assertThat(water(recipe, needs, all).state()).isEqualTo("good");
            }
        }
    }

    /** Bulgur under hot stock drinks it; the same bulgur listed cooked does not. */
    @Test
    void aGrainThatGoesInDryDrinks() {
        String bake = "Bulgur bake\nServes 4\n\n200 g bulgur\n400 ml hot stock\n400 g passata\n100 g feta\n\n"
                + "Put the bulgur in a 2 litre dish, pour over the hot stock. Spread over the passata and crumble the feta on top. Bake at 190C for 25 minutes.";
        double dry = water(bake, Needs.none(), Map.of()).takenUpGrams();
        double cooked = water(bake.replace("200 g bulgur", "200 g bulgur, cooked"), Needs.none(), Map.of())
                .takenUpGrams();
        assertThat(dry).isBetween(300.0, 400.0);
        assertThat(cooked).isLessThan(0.2 * dry);
    }

    @Test
    void aLongAndAShortDishHaveTheirMends() {
        WaterBudget dry = water(DRY, Needs.none(), Map.of());
        assertThat(dry.state()).isEqualTo("short");
        assertThat(dry.layers()).anyMatch(WaterBudget.LayerWater::underWet);
        WaterBudget.Mend stock = dry.mends().getFirst();
        assertThat(stock.text()).contains("hot stock or water into the passata");
        assertThat(plan(DRY, Needs.none(), Map.of(stock.key(), stock.value()), false)
                        .prep()
                        .steps())
                .anyMatch(s -> s.text().equals(stock.text()));
        WaterBudget wet = water(WET, Needs.none(), Map.of());
        assertThat(wet.state()).isEqualTo("long");
        assertThat(wet.mends()).isNotEmpty();
        assertThat(water(SEVERAL, Needs.none(), Map.of()).together()).isTrue();
        assertThat(water(THIRSTY, Needs.none(), Map.of()).mends())
                .anyMatch(m -> m.text().contains("more milk into the egg mixture"));
    }

    /** What the foil keeps in, a bigger pan lets go, and heat drives off. */
    @Test
    void aCoveredDishKeepsMoreOfItsWater() {
        String open = DRY.replace("Bake at", "Bake uncovered at");
        String covered = DRY.replace("Bake at", "Cover with foil and bake at");
        assertThat(water(covered, Needs.none(), Map.of()).lostGrams())
                .isLessThan(water(open, Needs.none(), Map.of()).lostGrams());
        assertThat(water(open.replace("190C", "230C"), Needs.none(), Map.of()).lostGrams())
                .isGreaterThan(water(open, Needs.none(), Map.of()).lostGrams());
    }

    /** One answer: asking for the forecast's curves changes neither the loss nor what is wanted. */
    @Test
    void theForecastAndTheBudgetAreOfTheSameBake() {
        Plan without = plan(WET, Needs.none(), Map.of(), false);
        Plan with = plan(WET, Needs.none(), Map.of(), true);
        assertThat(with.budgets().water().state())
                .isEqualTo(without.budgets().water().state());
        List<Double> curve = with.bake().forecast().water();
        double inDish = with.build().layers().stream()
                .flatMap(l -> l.of().stream())
                .mapToDouble(ReadyLine::waterGrams)
                .sum();
        assertThat(with.budgets().water().lostGrams())
                .isCloseTo((1 - curve.get(with.bake().ovenMinutes())) * inDish, within(0.02 * inDish));
    }

    @ParameterizedTest
    @ValueSource(strings = {"8 sausages", "8 chicken thighs"})
    void nothingIsStirredIntoMeat(String meat) {
        String text = "Dry bake\n\n" + meat + "\n250 g dried penne\n200 g passata\n\n" + "Lay the " + meat.substring(2)
                + " in a 30 x 20 cm dish. Mix the dried penne and the passata and spoon over. Bake at 190C for 50 minutes.";
        WaterBudget water = water(text, Needs.none(), Map.of());
        assertThat(water.state()).isEqualTo("short");
        assertThat(water.mends())
                .noneMatch(
                        m -> m.text().contains("into the sausages") || m.text().contains("into the chicken"));
    }

    @Test
    void whatIsPouredOverReachesEveryDryLayer() {
        String strata =
                "Strata\nServes 6\n\n400 g bread, cubed\n200 g ham, diced\n200 g cheddar\n8 eggs\n700 ml milk\n\n"
                        + "Layer half of the bread, the ham and half of the cheddar in a 33 x 23 cm dish, then the rest of the bread. Whisk the eggs and milk and pour over. Scatter with the rest of the cheddar. Bake at 180C for 45 minutes.";
        WaterBudget water = water(strata, Needs.none(), Map.of());
        assertThat(water.layers())
                .filteredOn(l -> l.name().toLowerCase().contains("bread"))
                .hasSize(2)
                .allSatisfy(l -> assertThat(l.withinReachGrams()).isGreaterThan(100))
                .noneMatch(WaterBudget.LayerWater::underWet);
    }

    /** A brief kept from before pots had mends of their own names the part. */
    @Test
    void anOlderMendStillPours() {
        WaterBudget dry = water(DRY, Needs.none(), Map.of());
        assertThat(water(DRY, Needs.none(), Map.of("stock:red-sauce", 150.0)).endGrams())
                .isGreaterThan(dry.endGrams() + 50);
    }
}
