package nabe.meal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What a cook is told of a plan that was worked out anew. */
class ChangesTest {
    private static final LocalDateTime NOON = LocalDateTime.of(2026, 11, 27, 12, 0);

    private static MealTask task(String id, int minute) {
        return MealTaskBuilder.builder()
                .id(id)
                .dishes(List.of(0))
                .words("Do " + id + ".")
                .action("mix")
                .hands(List.of())
                .from(NOON.plusMinutes(minute))
                .to(NOON.plusMinutes(minute + 10))
                .tools(List.of())
                .handles(Set.of())
                .guards(Set.of())
                .after(List.of())
                .build();
    }

    private static List<MealPlan.Change> changes(List<MealTask> was, List<MealTask> is, String... done) {
        MealPlan before = mock(MealPlan.class);
        when(before.tasks()).thenReturn(was);
        return Changes.between(before, is, Set.copyOf(Arrays.asList(done)));
    }

    @Test
    void aFirstPlanChangesNothing() {
        assertThat(Changes.between(null, List.of(task("cut", 0)), Set.of())).isEmpty();
    }

    @Test
    void whatStandsAsItStoodIsNotTold() {
        List<MealTask> same = List.of(task("cut", 0), task("fry", 10));

        assertThat(changes(same, same)).isEmpty();
    }

    @Test
    void whatMovesIsToldWithBothTimes() {
        List<MealPlan.Change> told = changes(List.of(task("fry", 10)), List.of(task("fry", 45)));

        assertThat(told).singleElement().satisfies(c -> {
            assertThat(c.task()).isEqualTo("fry");
            assertThat(c.words()).contains("12:45", "12:10", "Do fry.");
        });
    }

    @Test
    void whatIsNewAndWhatIsGoneAreTold() {
        List<MealPlan.Change> told =
                changes(List.of(task("cut", 0), task("wash", 10)), List.of(task("cut", 0), task("fry", 20)));

        assertThat(told).extracting(MealPlan.Change::task).containsExactly("fry", "wash");
        assertThat(told.getFirst().words()).contains("12:20");
        assertThat(told.getLast().words()).contains("Do wash.");
    }

    @Test
    void whatTheCookHasDoneIsToldByTheCook() {
        List<MealTask> was = List.of(task("cut", 0), task("fry", 10));
        List<MealTask> is = List.of(task("cut", 20));

        assertThat(changes(was, is, "cut", "fry")).isEmpty();
    }
}
