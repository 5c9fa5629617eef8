package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.recipe.Procedure.Placement;
import nabe.swap.PlannedProcedure.Constituent;
import nabe.swap.PlannedProcedure.Pot;
import nabe.swap.PlannedProcedure.Work;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The one voice: what the procedure says after the swaps agrees with what is bought, built and read. */
class PlannedProcedureTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Set<Need> ALL = Set.of(Need.VEGAN, Need.GLUTEN_FREE);

    static Stream<String> recipes() {
        return Recipes.all().stream();
    }

    private static Plan plan(String text, Set<Need> needs) {
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(needs, Set.of(), true)));
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void whereNothingIsAskedForEveryClauseIsTheCooksOwn(String text) {
        assertThat(plan(text, Set.of()).conversion().procedure().components())
                .flatExtracting(Pot::steps)
                .noneMatch(Work::changed)
                .allMatch(s -> s.why() == null);
    }

    @ParameterizedTest
    @MethodSource("recipes")
    void theDishIsBuiltOfPotsThatAreThereAndAsTheRecipeSays(String text) {
        Plan plan = plan(text, ALL);
        Set<String> pots =
                plan.conversion().procedure().components().stream().map(Pot::id).collect(Collectors.toSet());
        assertThat(pots)
                .containsAll(plan.conversion().procedure().layers().stream()
                        .map(Placement::of)
                        .toList());
        if (plan.build().asRead()) {
            assertThat(plan.build().layers().stream().map(l -> l.component()).toList())
                    .isSubsetOf(pots)
                    .hasSizeLessThanOrEqualTo((int) plan.conversion().procedure().layers().stream()
                            .filter(l -> !l.inside())
                            .count());
        }
    }

    @Test
    void aSwappedThingStandsInItsPotAndItsClauseSaysSoWithAReason() {
        Plan plan = plan("""
                Leek bake
                3 leeks
                50 g butter
                50 g plain flour
                600 ml milk
                150 g cheddar, grated
                400 g penne

                Boil the penne for 8 minutes. Soften the leeks in the butter for 10 minutes, stir in the flour, then the milk and simmer for 5 minutes.
                Fold in the penne and half of the cheddar. Tip into a 30 x 20 cm dish and scatter with the rest of the cheddar. Bake at 190C for 25 minutes.
                """, ALL);
        assertThat(plan.conversion().procedure().components())
                .flatExtracting(Pot::of)
                .extracting(Constituent::item)
                .doesNotContain("milk", "butter", "cheddar", "penne");
        assertThat(plan.conversion().procedure().components())
                .flatExtracting(Pot::steps)
                .filteredOn(Work::changed)
                .isNotEmpty()
                .allSatisfy(s -> assertThat(s.why()).isNotBlank())
                .filteredOn(s -> s.action().equals("fold"))
                .allSatisfy(s -> assertThat(s.why()).doesNotContain("Scatter"));
    }
}
