package nabe.bake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import nabe.build.Material;
import nabe.build.Pan;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.BriefBuilder;
import nabe.plan.Plan;
import nabe.plan.Planner;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Colder, deeper, or in a cooler oven: never shorter. */
class MonotoneTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final List<Start> COLDER = List.of(Start.HOT, Start.ROOM, Start.FRIDGE, Start.FROZEN);

    static Stream<String> recipes() {
        return Recipes.all().stream();
    }

    private static BakePlan bake(String text, double celsius, Start start) {
        return PLANNER.plan(brief(text, null, celsius, start)).bake();
    }

    private static Brief brief(String text, Pan pan, double celsius, Start start) {
        return BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(text))
                .needs(Needs.none())
                .pan(pan)
                .oven(new OvenChoice(celsius, false, start))
                .brief();
    }

    @Tag("sweep")
    @ParameterizedTest
    @MethodSource("recipes")
    void colderIsNeverShorter(String text) {
        int last = 0;
        double core = 0;
        for (Start start : COLDER) {
            BakePlan now = bake(text, 195, start);
            assertThat(now.ovenMinutes()).as("%s", start).isGreaterThanOrEqualTo(last);
            assertThat((double) now.coreMinutes()).as("%s", start).isGreaterThanOrEqualTo(core - 1);
            last = now.ovenMinutes();
            core = now.coreMinutes();
        }
    }

    /** In a smaller pan it lies deeper; where pieces find no room there, it is not deeper and may be done sooner. */
    @Tag("sweep")
    @ParameterizedTest
    @MethodSource("recipes")
    void deeperIsNeverShorter(String text) {
        Plan last = null;
        for (int[] pan : new int[][] {{380, 280}, {330, 230}, {280, 190}, {240, 160}}) {
            Plan now = PLANNER.plan(brief(text, Pan.rectangle(pan[0], pan[1], 110, Material.GLASS), 190, Start.FRIDGE));
            if (last != null && now.build().heightMm() >= last.build().heightMm()) {
                assertThat(now.bake().ovenMinutes())
                        .as("in %d x %d", pan[0], pan[1])
                        .isGreaterThanOrEqualTo(last.bake().ovenMinutes());
                assertThat(now.bake().coreMinutes())
                        .isGreaterThanOrEqualTo(last.bake().coreMinutes() - 1);
            }
            last = now;
        }
    }

    @Tag("sweep")
    @ParameterizedTest
    @MethodSource("recipes")
    void aCoolerOvenIsNeverQuicker(String text) {
        int last = 0;
        for (double celsius : new double[] {215, 200, 185, 170}) {
            int now = bake(text, celsius, Start.FRIDGE).ovenMinutes();
            assertThat(now).as("at %s", celsius).isGreaterThanOrEqualTo(last);
            last = now;
        }
    }
}
