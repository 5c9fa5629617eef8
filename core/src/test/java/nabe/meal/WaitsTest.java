package nabe.meal;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Planner;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Food that waits: told where, and baked from as cold as it is by then. */
class WaitsTest {
    private static final LocalDateTime NOON = LocalDateTime.of(2026, 11, 27, 12, 0);

    private static MealTask task(
            String id, @Nullable String component, String action, boolean burner, int from, int minutes) {
        return MealTaskBuilder.builder()
                .id(id)
                .dishes(List.of(0))
                .component(component)
                .words("Do " + id + ".")
                .action(action)
                .hands(List.of())
                .from(NOON.plusMinutes(from))
                .to(NOON.plusMinutes(from + minutes))
                .tools(List.of())
                .surface("worktop")
                .burner(burner)
                .handles(Set.of())
                .guards(Set.of())
                .after(List.of())
                .build();
    }

    private static String told(int builtAfter) {
        List<MealTask> tasks = List.of(
                task("fry", "c1", "fry", true, 0, 20),
                task("simmer", "c1", "simmer", true, 20, 30),
                task("build", null, "build", false, 50 + builtAfter, 10));
        List<MealTask> told = new Waits(tasks).told(1, Map.of());
        assertThat(told.getFirst().words()).isEqualTo("Do fry.");
        return told.get(1).words();
    }

    /** The two hours of the usual advice, counted from the last work on a pot. */
    @ParameterizedTest
    @CsvSource({"0, false", "119, false", "120, false", "121, true", "300, true"})
    void whatWaitsLongerThanTwoHoursGoesIntoTheFridge(int minutes, boolean cooled) {
        assertThat(told(minutes).contains("in the fridge until")).isEqualTo(cooled);
    }

    @Test
    void theNextDayIsSaid() {
        assertThat(told(24 * 60)).contains("the next day at 12:50");
    }

    /** Made hours before it is built, a dish that goes in hot by its plan is told to take longer, never shorter. */
    @Test
    void whatWasMadeAheadIsToldToTakeLonger() {
        String text = """
                Cottage pie
                500 g beef mince
                1 onion, chopped
                300 ml beef stock
                900 g potatoes
                50 g butter
                Method
                1. Fry the onion and the mince for 10 minutes, add the stock and simmer for 20 minutes.
                2. Boil the potatoes for 15 minutes and mash with the butter.
                3. Tip the mince into a 2-litre dish and top with the mash. Bake at 200C for 25 minutes.
                """;
        Brief pie = Brief.of(Brief.RecipeBrief.ofText(text), Needs.none());
        assertThat(baked(pie, ahead())).contains("min more");
        assertThat(baked(pie, List.of())).doesNotContain("min more");
    }

    /** An hour and a half for the pots in the morning, an hour for the dish in the evening. */
    private static List<Meal.Sitting> ahead() {
        LocalDateTime serve = NOON.plusHours(7);
        return List.of(
                new Meal.Sitting(serve.minusHours(7), serve.minusMinutes(330)),
                new Meal.Sitting(serve.minusMinutes(75), serve));
    }

    private static String baked(Brief pie, List<Meal.Sitting> sittings) {
        Larder larder = Larder.load();
        Meal meal = new Meal(
                "Supper",
                NOON.plusHours(7),
                List.of(new Meal.Eater("Bo", Needs.none())),
                List.of(Meal.Course.of(pie, null)),
                new Meal.Kitchen(1, 4, List.of(new Meal.Oven(2, false)), List.of(), sittings),
                List.of(),
                null,
                null);
        return new MealPlanner(larder)
                .plan(meal, new Planner(larder)).tasks().stream()
                        .filter(t -> t.oven() != null)
                        .map(MealTask::words)
                        .findFirst()
                        .orElseThrow();
    }
}
