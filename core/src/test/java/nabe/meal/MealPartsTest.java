package nabe.meal;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.larder.Allergen;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Planner;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Test;

/** What a meal's plan says besides its clock: one batch for several dishes, dials, stories, cards, helpers, kept tools. */
class MealPartsTest {
    private static final Larder LARDER = Larder.load();
    private static final Planner PLANNER = new Planner(LARDER);
    private static final MealPlanner MEALS = new MealPlanner(LARDER);
    private static final LocalDateTime SERVE = LocalDateTime.of(2026, 11, 27, 19, 30);
    private static final Needs VEGAN = new Needs(Set.of(Need.VEGAN), Set.of(), false);
    private static final Meal.Eater STRICT = new Meal.Eater("Una", new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true));
    private static final Meal.Eater EASY = new Meal.Eater("Bo", Needs.none());
    private static final String ROASTED = """
            Aubergine bake
            Serves 4

            Ingredients
            2 aubergines, sliced
            400 g tinned tomatoes
            100 g breadcrumbs

            Method
            Roast the aubergines at 200C for 30 minutes. Simmer the tomatoes for 10 minutes.
            Layer the aubergines and tomatoes in a dish and scatter with the crumbs. Bake at 180C for 25 minutes.
            """;

    private static Meal.Course dish(String text, Needs needs) {
        return Meal.Course.of(Brief.of(Brief.RecipeBrief.ofText(text), needs), null);
    }

    private static Meal meal(int cooks, List<Meal.Sitting> sittings, List<Meal.Owned> tools, Meal.Course... dishes) {
        return new Meal(
                "Supper",
                SERVE,
                List.of(STRICT, EASY),
                List.of(dishes),
                new Meal.Kitchen(cooks, 4, List.of(new Meal.Oven(2, false)), tools, sittings),
                List.of(),
                null,
                null);
    }

    private static Meal meal(Meal.Course... dishes) {
        return meal(1, List.of(new Meal.Sitting(SERVE.minusHours(6), SERVE)), List.of(), dishes);
    }

    @Test
    void theSameHomeMadeThingIsOneBatchOfAllItsGrams() {
        Meal meal = meal(dish(Recipes.all().get(0), VEGAN), dish(Recipes.all().get(3), VEGAN));
        MealPlan plan = MEALS.plan(meal, PLANNER);
        List<MealTask> joint = plan.tasks().stream()
                .filter(t -> t.component() != null && t.dishes().size() == 2)
                .toList();

        assertThat(joint).isNotEmpty();
        assertThat(joint.getFirst().words()).startsWith("One batch for");
        Set<String> ids = plan.tasks().stream().map(MealTask::id).collect(Collectors.toSet());
        assertThat(plan.tasks()).allSatisfy(t -> assertThat(ids).containsAll(t.after()));
        assertThat(plan.breaches()).isEmpty();
    }

    @Test
    void whatIsRoastedFirstTakesTheOvenAndTheDialIsTurnedInTime() {
        MealPlan plan = MEALS.plan(meal(dish(ROASTED, Needs.none())), PLANNER);
        MealTask roast = plan.tasks().stream()
                .filter(t -> t.action().equals("roast") && t.oven() != null)
                .findFirst()
                .orElseThrow();

        assertThat(roast.oven().celsius()).isEqualTo(200);
        assertThat(plan.heats()).extracting(MealPlan.Heat::celsius).containsExactly(200.0, 180.0);
        assertThat(plan.heats()).allSatisfy(h -> assertThat(h.at()).isBefore(h.by()));
        assertThat(plan.heats().getFirst().by()).isEqualTo(roast.from());
    }

    @Test
    void aHelperWorksOnlyWhileThere() {
        List<Meal.Sitting> times = List.of(
                new Meal.Sitting(SERVE.minusHours(5), SERVE.minusHours(1), 1),
                new Meal.Sitting(SERVE.minusHours(1), SERVE, 2));
        Meal meal = meal(2, times, List.of(), dish(Recipes.all().get(0), Needs.none()), dish(ROASTED, Needs.none()));

        assertThat(MEALS.plan(meal, PLANNER).tasks())
                .flatExtracting(MealTask::hands)
                .filteredOn(h -> h.cook() == 2)
                .allSatisfy(h -> assertThat(h.from()).isAfterOrEqualTo(SERVE.minusHours(1)));
    }

    @Test
    void aStrictPersonsFoodIsToldFromPacketToTable() {
        Meal meal = meal(
                dish(Recipes.all().get(0), new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true)),
                dish(Recipes.all().get(1), Needs.none()));
        MealPlan plan = MEALS.plan(meal, PLANNER);

        assertThat(plan.stories()).singleElement().satisfies(s -> {
            assertThat(s.eater()).isEqualTo("Una");
            assertThat(s.lines())
                    .extracting(MealPlan.StoryLine::where)
                    .contains("packet", "worktop", "oven")
                    .endsWith("table");
        });
        assertThat(plan.labels().getFirst().strict()).isTrue();
        assertThat(plan.labels().getFirst().contains()).doesNotContain("wheat");
        assertThat(plan.labels().getLast().strict()).isFalse();
    }

    @Test
    void aToolKeptForSomebodyNeverTouchesWhatTheyAvoid() {
        List<Meal.Owned> tools = List.of(
                new Meal.Owned("wooden spoon", 1, "wood", "Una"), new Meal.Owned("wooden spoon", 1, "wood", null));
        Meal meal = meal(
                1,
                List.of(new Meal.Sitting(SERVE.minusHours(6), SERVE)),
                tools,
                dish(Recipes.all().get(1), Needs.none()),
                dish(Recipes.all().get(0), new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true)));

        assertThat(MEALS.plan(meal, PLANNER).tasks())
                .filteredOn(t ->
                        !t.wash() && t.tools().stream().anyMatch(h -> h.item().contains("kept for Una")))
                .isNotEmpty()
                .allSatisfy(t -> assertThat(t.handles()).doesNotContain(Allergen.WHEAT));
    }
}
