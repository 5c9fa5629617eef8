package nabe.meal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.larder.Allergen;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Planner;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whole meals: strict food apart, hands, burners, shelves and tools there once at a time, everything hot together. */
class MealPlannerTest {
    private static final Larder LARDER = Larder.load();
    private static final Planner PLANNER = new Planner(LARDER);
    private static final MealPlanner MEALS = new MealPlanner(LARDER);
    private static final LocalDateTime SERVE = LocalDateTime.of(2026, 11, 27, 19, 30);
    private static final Meal.Eater STRICT = new Meal.Eater("Una", new Needs(Set.of(Need.GLUTEN_FREE), Set.of(), true));
    private static final Meal.Eater EASY = new Meal.Eater("Bo", Needs.none());

    private static Meal.Course dish(int recipe, Need... needs) {
        return Meal.Course.of(
                Brief.of(
                        Brief.RecipeBrief.ofText(Recipes.all().get(recipe)), new Needs(Set.of(needs), Set.of(), false)),
                null);
    }

    private static Meal.Kitchen kitchen(int cooks, int burners, Meal.Oven oven, Meal.Owned... tools) {
        return new Meal.Kitchen(
                cooks,
                burners,
                List.of(oven),
                List.of(tools),
                List.of(
                        new Meal.Sitting(
                                SERVE.minusDays(1).minusHours(2),
                                SERVE.minusDays(1).plusHours(2)),
                        new Meal.Sitting(SERVE.minusHours(6), SERVE)));
    }

    private static Meal meal(Meal.Kitchen kitchen, Meal.Course... dishes) {
        return new Meal("Supper", SERVE, List.of(STRICT, EASY), List.of(dishes), kitchen, List.of(), null, null);
    }

    private static MealPlan plan(Meal meal) {
        MealPlan plan = MEALS.plan(meal, PLANNER);
        holdsTogether(plan, meal);
        return plan;
    }

    /** What any plan of Nabe's own must hold. */
    static void holdsTogether(MealPlan plan, Meal meal) {
        assertThat(plan.breaches()).isEmpty();
        handsOnce(plan, meal.kitchen().cooks());
        nothingTwice(plan);
        inOrder(plan);
        shelves(plan, meal);
        for (MealPlan.Serving serving : plan.serving()) {
            long late = Duration.between(meal.serveAt(), serving.onTable()).toMinutes();
            assertThat(late).isBetween(plan.lateMinutes() - 10L, (long) plan.lateMinutes());
        }
        assertThat(plan.serving()).hasSize(meal.dishes().size());
    }

    private static void handsOnce(MealPlan plan, int cooks) {
        Map<Integer, LocalDateTime> busy = new HashMap<>();
        plan.tasks().stream()
                .flatMap(t -> t.hands().stream())
                .sorted(Comparator.comparing(MealTask.Hands::from))
                .forEach(h -> {
                    assertThat(h.cook()).isBetween(1, cooks);
                    assertThat(busy.getOrDefault(h.cook(), h.from())).isBeforeOrEqualTo(h.from());
                    busy.put(h.cook(), h.to());
                });
    }

    private static void nothingTwice(MealPlan plan) {
        Map<String, LocalDateTime> inUse = new HashMap<>();
        for (MealTask task : plan.tasks()) {
            if (!task.wash()) {
                task.tools().forEach(tool -> {
                    assertThat(inUse.getOrDefault(tool.item(), task.from()))
                            .as(tool.item())
                            .isBeforeOrEqualTo(task.from());
                    inUse.put(tool.item(), task.handsOff());
                });
            }
        }
    }

    private static void inOrder(MealPlan plan) {
        Map<String, MealTask> byId = plan.tasks().stream().collect(Collectors.toMap(MealTask::id, t -> t));
        for (MealTask task : plan.tasks()) {
            for (String before : task.after()) {
                assertThat(byId.get(before).from())
                        .as(before + " before " + task.id())
                        .isBefore(task.from());
            }
        }
    }

    private static void shelves(MealPlan plan, Meal meal) {
        List<MealTask> baking =
                plan.tasks().stream().filter(t -> t.oven() != null).toList();
        for (MealTask a : baking) {
            assertThat(a.oven().shelf())
                    .isLessThan(meal.kitchen().ovens().get(a.oven().oven()).shelves());
            for (MealTask b : baking) {
                boolean together = a != b
                        && a.oven().oven() == b.oven().oven()
                        && a.from().isBefore(b.to())
                        && b.from().isBefore(a.to());
                if (together) {
                    assertThat(a.oven().celsius()).isEqualTo(b.oven().celsius());
                    assertThat(a.oven().shelf()).isNotEqualTo(b.oven().shelf());
                }
            }
        }
    }

    @Tag("sweep")
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5})
    void randomMealsHoldTogether(int seed) {
        Random random = new Random(seed);
        List<Meal.Course> dishes = new ArrayList<>();
        for (int i = 0; i < 2 + random.nextInt(2); i++) {
            int recipe = random.nextInt(Recipes.all().size());
            dishes.add(random.nextBoolean() ? dish(recipe, Need.GLUTEN_FREE) : dish(recipe));
        }
        Meal.Kitchen kitchen =
                kitchen(1 + random.nextInt(2), 3 + random.nextInt(2), new Meal.Oven(2, random.nextBoolean()));
        plan(meal(kitchen, dishes.toArray(Meal.Course[]::new)));
    }

    /** The broth is measured out of the pot the chicken is in before another pot takes it. */
    @Test
    void whatIsDrawnOffIsThereBeforeAnotherPotTakesIt() {
        String pie = """
                Fish pie
                400 g smoked haddock
                500 ml whole milk
                2 leeks, sliced
                50 g butter
                50 g cornflour
                900 g potatoes
                Method
                1. Boil the potatoes for 18 minutes, drain and mash.
                2. Lay the haddock in a wide pan, pour over the milk and bring to a simmer. Leave for 8 minutes. Lift out the fish and flake it into a 2-litre pie dish. Strain the milk and keep it.
                3. Sweat the leeks in the butter for ten minutes, stir in the flour, then gradually add the milk, stirring till thick. Pour over the fish. Spoon the mash on top. Bake at 200C for 30 minutes.
                """;
        Meal.Course course = Meal.Course.of(Brief.of(Brief.RecipeBrief.ofText(pie), Needs.none()), null);
        MealPlan plan = plan(meal(kitchen(1, 4, new Meal.Oven(2, false)), course, dish(0)));
        assertThat(of(plan, "Strain the milk").to())
                .isBeforeOrEqualTo(of(plan, "gradually add the milk").from());
    }

    private static MealTask of(MealPlan plan, String words) {
        return plan.tasks().stream()
                .filter(t -> t.words().contains(words))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whoEatsWhatIsSaidForEverybodyAndNobodyGoesWithout() {
        MealPlan plan = plan(meal(kitchen(1, 4, new Meal.Oven(2, false)), dish(0)));

        assertThat(plan.eats()).extracting(MealPlan.Eats::eater).containsExactly("Una", "Bo");
        assertThat(plan.eats().getFirst().verdict()).isEqualTo("no");
        assertThat(plan.eats().getFirst().why()).anyMatch(w -> w.contains("wheat"));
        assertThat(plan.gaps()).extracting(MealPlan.Gap::eater).containsExactly("Una");
        assertThat(plan.compare())
                .singleElement()
                .satisfies(c -> assertThat(c.oneForAll().minutes())
                        .isLessThan(c.oneApart().minutes()));
    }

    @Test
    void aDishForSomebodyIsMadeToFitThem() {
        Meal.Course forUna = Meal.Course.of(dish(0).brief(), List.of("Una"));
        MealPlan plan = plan(meal(kitchen(1, 4, new Meal.Oven(2, false)), forUna));

        assertThat(plan.eats().getFirst().verdict()).isNotEqualTo("no");
        assertThat(plan.gaps()).singleElement().satisfies(g -> {
            assertThat(g.eater()).isEqualTo("Bo");
            assertThat(g.offer()).contains("make enough");
        });
        assertThat(plan.tasks())
                .filteredOn(t -> t.surface() != null && !t.wash() || t.oven() != null)
                .allSatisfy(t -> {
                    assertThat(t.guards()).contains(Allergen.WHEAT);
                    assertThat(t.handles()).doesNotContain(Allergen.WHEAT);
                });
    }

    @Test
    void anOrdinaryOrderWouldBreakWhatThePlanKeepsApart() {
        MealPlan plan = plan(meal(kitchen(1, 4, new Meal.Oven(2, false)), dish(1), dish(0, Need.GLUTEN_FREE)));

        assertThat(plan.ordinaryBreaches()).isPositive();
    }

    @Test
    void withOneWoodenBoardTheStrictFoodIsCutFirstOrGetsItsOwn() {
        Meal.Owned board = new Meal.Owned("board", 1, "wood", null);
        MealPlan plan = plan(meal(kitchen(1, 4, new Meal.Oven(2, false), board), dish(1), dish(0, Need.GLUTEN_FREE)));

        boolean onlyOne = plan.tasks().stream()
                        .flatMap(t -> t.tools().stream())
                        .filter(t -> t.tool().equals("board"))
                        .map(MealTask.Held::item)
                        .distinct()
                        .count()
                == 1;
        assertThat(onlyOne || !plan.missing().isEmpty()).isTrue();
    }

    @Test
    void tooFewBurnersAreSaidWithTheLeastThatMends() {
        Meal meal = meal(kitchen(1, 0, new Meal.Oven(2, false)), dish(0));
        MealPlan plan = MEALS.plan(meal, PLANNER);

        assertThat(plan.missing())
                .singleElement()
                .satisfies(m -> assertThat(m.what()).contains("burners"));
    }

    @Test
    void theCooksOwnOrderIsTimedAndItsBreachesNamed() {
        Meal meal = meal(kitchen(1, 4, new Meal.Oven(2, false)), dish(1), dish(0, Need.GLUTEN_FREE));
        List<String> wheatFirst = MEALS.plan(meal, PLANNER).tasks().stream()
                .filter(t -> !t.wash() && t.surface() != null)
                .sorted(Comparator.comparing((MealTask t) -> t.dishes().getFirst())
                        .thenComparing(MealTask::from))
                .map(MealTask::id)
                .toList();
        MealPlan plan = MEALS.plan(
                new Meal("Supper", SERVE, meal.eaters(), meal.dishes(), meal.kitchen(), List.of(), wheatFirst, null),
                PLANNER);

        assertThat(plan.breaches())
                .isNotEmpty()
                .allSatisfy(b -> assertThat(b.mend()).isNotBlank());
        assertThat(plan.tasks().stream().map(MealTask::id).filter(wheatFirst::contains))
                .containsExactlyElementsOf(wheatFirst);
    }

    @Test
    void whatIsDoneStaysAndTheRestComesAfterNow() {
        Meal meal = meal(kitchen(1, 4, new Meal.Oven(2, false)), dish(0));
        MealTask first = plan(meal).tasks().getFirst();
        LocalDateTime now = first.to().plusMinutes(20);
        Meal.Done done = new Meal.Done(first.id(), first.from(), now);
        MealPlan late = MEALS.plan(
                new Meal("Supper", SERVE, meal.eaters(), meal.dishes(), meal.kitchen(), List.of(done), null, now),
                PLANNER);

        assertThat(late.tasks())
                .filteredOn(t -> t.id().equals(first.id()))
                .singleElement()
                .satisfies(t -> {
                    assertThat(t.from()).isEqualTo(first.from());
                    assertThat(t.to()).isEqualTo(now);
                });
        assertThat(late.tasks())
                .filteredOn(t -> !t.id().equals(first.id()))
                .allSatisfy(t -> assertThat(t.from()).isAfterOrEqualTo(now));
    }

    /** A washing up that was over before the flour came out keeps nothing apart any more. */
    @Test
    void whatWasDirtiedAfterTheLastWashingIsWashedBeforeStrictFood() {
        Meal meal = meal(kitchen(1, 4, new Meal.Oven(2, false)), dish(1), dish(0, Need.GLUTEN_FREE));
        LocalDateTime now = SERVE.minusHours(6).plusMinutes(5);
        List<Meal.Done> done = new ArrayList<>(List.of(new Meal.Done("wash-1", now.minusMinutes(5), now)));
        boolean floury = false;
        for (MealTask task : plan(meal).tasks()) {
            if (!floury && task.dishes().equals(List.of(0))) {
                LocalDateTime over = now.plus(Duration.between(task.from(), task.to()));
                done.add(new Meal.Done(task.id(), now, over));
                now = over;
                floury = task.handles().contains(Allergen.WHEAT);
            }
        }
        MealPlan rest = MEALS.plan(
                new Meal("Supper", SERVE, meal.eaters(), meal.dishes(), meal.kitchen(), done, null, now), PLANNER);

        LocalDateTime floured = now;
        assertThat(rest.breaches()).isEmpty();
        assertThat(rest.tasks())
                .filteredOn(t -> t.wash() && !t.from().isBefore(floured))
                .isNotEmpty();
    }

    /** A cook who is ten minutes late with the foil, the rest or the table is told how to go on, at any time of the evening. */
    @Test
    void lateHandsAreNeverLeftWithoutAPlan() {
        Meal meal = meal(kitchen(1, 4, new Meal.Oven(2, false)), dish(1), dish(0, Need.GLUTEN_FREE));
        MealPlan begun = plan(meal);
        List<MealTask> tasks = begun.tasks();
        for (int before = 110; before > 0; before -= 15) {
            LocalDateTime now = SERVE.minusMinutes(before);
            List<Meal.Done> done = tasks.stream()
                    .filter(t -> t.from().isBefore(now.minusMinutes(10)))
                    .map(t -> new Meal.Done(t.id(), t.from(), t.to()))
                    .toList();
            MealPlan rest = MEALS.again(
                    new Meal("Supper", SERVE, meal.eaters(), meal.dishes(), meal.kitchen(), done, null, now),
                    PLANNER,
                    begun);
            assertThat(rest.breaches()).as("%s min before", before).isEmpty();
            assertThat(rest.lateMinutes()).as("%s min before", before).isLessThan(45);
        }
    }

    @Test
    void whatCannotBeIsSaidAtOnce() {
        assertThatThrownBy(() -> meal(kitchen(1, 4, new Meal.Oven(2, false)))).hasMessageContaining("one to 8 dishes");
        assertThatThrownBy(() -> new Meal.Kitchen(1, 4, List.of(), List.of(), List.of()))
                .hasMessageContaining("no oven");
        Meal.Course forNobody = Meal.Course.of(dish(0).brief(), List.of("Zoe"));
        assertThatThrownBy(() -> meal(kitchen(1, 4, new Meal.Oven(2, false)), forNobody))
                .hasMessageContaining("Zoe");
    }

    @Test
    void shoppingIsGatheredOverTheDishes() {
        MealPlan plan = plan(meal(kitchen(1, 4, new Meal.Oven(2, false)), dish(0), dish(1)));

        assertThat(plan.shopping()).extracting(MealPlan.Bought::item).doesNotHaveDuplicates();
        assertThat(plan.shopping()).anySatisfy(b -> assertThat(b.dishes()).containsExactly(0, 1));
    }
}
