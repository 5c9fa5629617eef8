package nabe.bake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Planner;
import nabe.testing.Recipes;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Colder, deeper, or in a cooler oven: never shorter. */
class MonotoneTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final List<Start> COLDER = List.of(Start.HOT, Start.ROOM, Start.FRIDGE, Start.FROZEN);

    static Stream<String> recipes() {
        return Recipes.all().stream();
    }

    private static BakePlan bake(String text, double celsius, Start start, Integer servings) {
        Brief brief = new Brief(
                Brief.RecipeBrief.ofText(text),
                Needs.none(),
                null,
                new OvenChoice(celsius, false, start),
                servings,
                null,
                null,
                null,
                null,
                null,
                null,
                false);
        return PLANNER.plan(brief).bake();
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void colderIsNeverShorter(String text) {
        for (double celsius : new double[] {175, 200}) {
            int last = 0;
            double core = 0;
            for (Start start : COLDER) {
                BakePlan now = bake(text, celsius, start, null);
                assertThat(now.ovenMinutes()).as("%s at %s", start, celsius).isGreaterThanOrEqualTo(last);
                assertThat((double) now.coreMinutes())
                        .as("%s at %s", start, celsius)
                        .isGreaterThanOrEqualTo(core - 1);
                last = now.ovenMinutes();
                core = now.coreMinutes();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void aCoolerOvenIsNeverQuicker(String text) {
        for (Start start : List.of(Start.ROOM, Start.FRIDGE)) {
            int last = 0;
            for (double celsius : new double[] {215, 200, 185, 170}) {
                int now = bake(text, celsius, start, null).ovenMinutes();
                assertThat(now).as("%s at %s", start, celsius).isGreaterThanOrEqualTo(last);
                last = now;
            }
        }
    }
}
