package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import nabe.bake.OvenChoice;
import nabe.bake.Phase;
import nabe.bake.Start;
import nabe.build.Layer;
import nabe.build.Material;
import nabe.build.Pan;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.recipe.Part;
import nabe.recipe.RecipeException;
import nabe.testing.Bought;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class PlannerTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Needs VEGAN = new Needs(Set.of(Need.VEGAN, Need.GLUTEN_FREE), Set.of(), true);

    static Stream<String> recipes() {
        return Recipes.all().stream();
    }

    private static Plan plan(String text, Needs needs, Pan pan, OvenChoice oven, Integer servings) {
        return PLANNER.plan(BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(text))
                .needs(needs)
                .pan(pan)
                .oven(oven)
                .servings(servings)
                .choices(Map.of())
                .brief());
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void massIsConservedFromLinesToLayers(String text) {
        for (Needs needs : List.of(Needs.none(), VEGAN)) {
            Plan plan = plan(text, needs, null, null, null);
            double layers =
                    plan.build().layers().stream().mapToDouble(Layer::grams).sum();
            double over = plan.build().overflow() == null
                    ? 0
                    : plan.build().overflow().grams();
            double left = plan.build().leftovers().stream()
                    .mapToDouble(l -> l.grams())
                    .sum();
            double components = plan.build().components().stream()
                    .mapToDouble(c -> c.grams())
                    .sum();
            assertThat(layers + over).isCloseTo(components, within(1.0));
            assertThat(components + left).isCloseTo(plan.prep().readyGrams() + Bought.grams(plan), within(1.0));
            assertThat(plan.prep().readyGrams())
                    .isCloseTo(
                            plan.conversion().massAfterGrams()
                                    + plan.prep().takenUpGrams()
                                    - plan.prep().cookedOffGrams(),
                            within(1.0));
            assertThat(plan.ingredients().stream()
                            .mapToDouble(i -> i.grams() == null ? 0 : i.grams())
                            .sum())
                    .isCloseTo(plan.conversion().massAfterGrams(), within(1.0));
        }
    }

    @Tag("sweep")
    @ParameterizedTest
    @MethodSource("recipes")
    void layersFitUnderTheHeadroomOrSayTheyDoNot(String text) {
        for (int depth : new int[] {30, 50, 80}) {
            Plan plan = plan(text, Needs.none(), Pan.rectangle(280, 200, depth, Material.CERAMIC), null, null);
            double height =
                    plan.build().layers().stream().mapToDouble(Layer::heightMm).sum();
            assertThat(height).isLessThanOrEqualTo(depth - 10 + 0.001);
            assertThat(plan.build().headroomMm()).isCloseTo(depth - height, within(0.01));
        }
        assertThat(plan(text, Needs.none(), Pan.rectangle(200, 150, 30, Material.CERAMIC), null, null)
                        .build()
                        .overflow())
                .isNotNull();
    }

    @Test
    void aLasagnaStartsOnAFilmOfSauceAndNoSheetLiesBare() {
        List<Layer> layers =
                plan(Recipes.LASAGNA, VEGAN, null, null, null).build().layers();
        assertThat(layers.getFirst().part()).isEqualTo(Part.RED_SAUCE);
        assertThat(layers.getLast().part()).isNotEqualTo(Part.STRUCTURE);
        for (int i = 1; i < layers.size(); i++) {
            assertThat(layers.get(i).part() == Part.STRUCTURE
                            && layers.get(i - 1).part() == Part.STRUCTURE)
                    .isFalse();
        }
    }

    @Test
    void servingsScaleEverything() {
        Plan six = plan(Recipes.LASAGNA, VEGAN, null, null, null);
        Plan twelve = plan(Recipes.LASAGNA, VEGAN, null, null, 12);
        assertThat(twelve.conversion().massAfterGrams())
                .isCloseTo(2 * six.conversion().massAfterGrams(), within(1.0));
    }

    @Test
    void coldDeepAndCoolBakesTakeLonger() {
        Pan deep = Pan.rectangle(250, 180, 90, Material.GLASS);
        Pan wide = Pan.rectangle(400, 300, 90, Material.GLASS);
        assertThat(minutes(deep, Start.ROOM, 190)).isGreaterThan(minutes(wide, Start.ROOM, 190));
        assertThat(minutes(deep, Start.HOT, 190)).isLessThan(minutes(deep, Start.ROOM, 190));
        assertThat(minutes(deep, Start.FRIDGE, 190) - minutes(deep, Start.ROOM, 190))
                .isBetween(10, 20);
        assertThat((double) minutes(deep, Start.FROZEN, 190) / minutes(deep, Start.ROOM, 190))
                .isBetween(1.4, 2.0);
        assertThat(minutes(deep, Start.ROOM, 170)).isGreaterThan(minutes(deep, Start.ROOM, 200));
    }

    private static int minutes(Pan pan, Start start, double celsius) {
        return plan(Recipes.LASAGNA, Needs.none(), pan, new OvenChoice(celsius, false, start), null)
                .bake()
                .ovenMinutes();
    }

    @Test
    void phasesAddUpAndEndInARest() {
        Plan plan = plan(Recipes.LASAGNA, VEGAN, null, null, null);
        List<Phase> phases = plan.bake().phases();
        assertThat(phases.stream()
                        .filter(p -> p.kind().equals("bake"))
                        .mapToInt(Phase::minutes)
                        .sum())
                .isEqualTo(plan.bake().ovenMinutes());
        assertThat(phases.getFirst().covered()).isTrue();
        assertThat(phases.getLast().kind()).isEqualTo("rest");
    }

    @Test
    void aDialIsAsTheRecipeSaysAndNothingIsCoveredThatItLeavesOpen() {
        Plan plan = plan("""
                Easy bake
                8 slices bread, cubed
                1 lb sausage, cooked
                8 eggs
                3 cups milk

                Layer bread and sausage in a 9x13 dish. Whisk eggs and milk and pour over. Bake uncovered at 350F for 45 minutes.
                """, Needs.none(), null, null, null);
        assertThat(plan.bake().oven().fahrenheit()).isEqualTo(350);
        assertThat(plan.bake().phases()).noneMatch(Phase::covered);
    }

    @Test
    void aFanOvenIsSetTwentyDegreesLower() {
        Plan plan = plan(Recipes.LASAGNA, VEGAN, null, new OvenChoice(170.0, true, Start.ROOM), null);
        assertThat(plan.bake().oven().celsius()).isEqualTo(190);
    }

    @Test
    void coreTemperaturesFollowWhatIsInTheDish() {
        assertThat(plan(Recipes.POT_PIE, Needs.none(), null, null, null).bake().coreCelsius())
                .isEqualTo(74);
        assertThat(plan(Recipes.LASAGNA, Needs.none(), null, null, null).bake().coreCelsius())
                .as("a casserole, whatever egg is in it")
                .isEqualTo(74);
        assertThat(plan(Recipes.LASAGNA, VEGAN, null, null, null).bake().coreCelsius())
                .isNull();
        assertThat(plan(Recipes.LASAGNA, VEGAN, null, new OvenChoice(null, false, Start.FRIDGE), null)
                        .bake()
                        .coreCelsius())
                .isEqualTo(74);
    }

    @Test
    void cautionsBelongToThePlanAndNameTheirSource() {
        Plan plan = plan(
                Recipes.LASAGNA,
                VEGAN,
                Pan.rectangle(300, 200, 60, Material.GLASS),
                new OvenChoice(null, false, Start.FROZEN),
                null);
        assertThat(plan.cautions()).extracting(Caution::kind).contains("glass", "allergen", "label", "steam", "core");
        assertThat(plan.cautions()).allSatisfy(c -> assertThat(c.source()).isNotBlank());
        assertThat(plan.cautions().stream().map(Caution::text))
                .noneMatch(t -> t.matches("(?i).*\\bis safe\\b.*") && !t.contains("cannot promise"));
    }

    @Test
    void correctionsOverrideTheReading() {
        var lines = List.of(
                new Brief.LineBrief("2 cups mystery powder", null, "rice-flour", Part.TOPPING),
                new Brief.LineBrief("1 kg potatoes", null, null, null));
        Plan plan = PLANNER.plan(
                Brief.of(new Brief.RecipeBrief(null, "Bake", 4, lines, List.of("Bake."), null, null), Needs.none()));
        assertThat(plan.recipe().lines().getFirst().ingredient().id()).isEqualTo("rice-flour");
        assertThat(plan.recipe().lines().getFirst().part()).isEqualTo(Part.TOPPING);
        assertThat(plan.recipe().lines().getFirst().gramsOrZero()).isCloseTo(316, within(1.0));
    }

    @Test
    void absurdWishesAreRefusedInWords() {
        assertThatThrownBy(() -> Pan.rectangle(-3, 200, 50, Material.GLASS))
                .hasMessageContaining("must be between 80 and 700 mm");
        assertThatThrownBy(() -> new OvenChoice(500.0, false, Start.ROOM)).hasMessageContaining("Fahrenheit");
        assertThatThrownBy(() -> plan(Recipes.LASAGNA, VEGAN, null, null, 0)).hasMessageContaining("between 1 and 200");
    }

    @Test
    void aBriefWithoutTextOrLinesIsToldSo() {
        Brief.RecipeBrief nothing = new Brief.RecipeBrief(null, null, null, List.of(), List.of(), null, List.of());

        assertThatThrownBy(() -> PLANNER.plan(Brief.of(nothing, Needs.none())))
                .isInstanceOf(RecipeException.class)
                .hasMessageStartingWith("There is no text to read.");
    }
}
