package nabe.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Planner;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What stands from one day to the next takes a night, and hands are free meanwhile. */
class NightBeforeTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static PrepPlan prepared(String text) {
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(), Set.of(), false)))
                .prep();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "The night before, cover the beans with plenty of cold water. Next day drain",
                "Soak the beans in plenty of water the night before. Drain",
                "Soak the beans overnight. Drain",
                "The day before: soak the beans in cold water.\nThe next day: drain"
            })
    void isANightOfItsOwn(String begins) {
        PrepPlan plan = prepared(
                "Bean bake\nServes 4\n\n300 g dried white beans\n1 onion\n400 g tomatoes\n\nMethod\n" + begins
                        + " and simmer them for 1 hour. Fry the onion, add the tomatoes and beans. Tip into a dish and bake 30 min at 180 C.\n");
        PrepStep soak = plan.steps().getFirst();
        assertThat(soak.passiveMinutes()).isBetween(420, 600);
        assertThat(soak.activeMinutes()).isLessThan(10);
        assertThat(plan.steps().get(1).startMinutesBefore()).isLessThan(120);
        assertThat(plan.steps().get(1).text()).containsIgnoringCase("drain");
    }

    /** The evening before there is time for it: only what was cut for a pot must be ready first. */
    @Test
    void mayBeDoneTheDayBeforeWithAllThatComesBeforeIt() {
        PrepPlan plan = prepared("""
                Polenta bake
                Serves 4

                300 g coarse polenta
                1.5 litres water
                500 g tomato sauce
                150 g fontina, sliced

                Method
                Cook the polenta the day before: bring the water to the boil, rain in the polenta and stir for 40 minutes. Pour into a loaf tin and leave to set.
                Turn the polenta out, cut into slices. Butter a 2 litre dish. Layer the polenta, sauce and fontina and bake for 30 min at 200 C.
                """);
        assertThat(plan.steps())
                .filteredOn(s -> s.text().contains("stir for 40") || s.text().contains("leave to set"))
                .hasSize(2)
                .allSatisfy(s -> assertThat(s.daysAhead()).isEqualTo(1))
                .noneSatisfy(s -> assertThat(s.needs()).contains("ready"));
        assertThat(plan.steps())
                .filteredOn(s -> s.text().contains("Turn the polenta out"))
                .allSatisfy(s -> assertThat(s.daysAhead()).isZero());
    }

    /** A grain stirred in hot water has drunk most of it. */
    @Test
    void polentaHoldsItsWater() {
        PrepPlan plan = prepared("""
                Polenta bake
                Serves 4

                300 g coarse polenta
                1.5 litres water
                500 g tomato sauce

                Method
                Bring the water to the boil, rain in the polenta and stir for 40 minutes. Pour into a dish, spread with the sauce and bake for 30 min at 200 C.
                """);
        assertThat(plan.ready())
                .filteredOn(r -> r.line().item().contains("polenta"))
                .allSatisfy(r -> assertThat(r.readyGrams()).isGreaterThan(1000));
    }
}
