package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.prep.PrepStep;
import org.junit.jupiter.api.Test;

/** What a cook reads of a plan: nothing twice, nothing that is no longer done, all of it at its time. */
class PlanWordsTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final String SHEETS = """
            Water börek
            8 fresh lasagne sheets
            150 g butter, melted
            4 eggs
            200 ml milk
            350 g feta, crumbled
            Method
            1. Boil the sheets two at a time for 2 minutes, lift them into iced water, then spread them on tea towels. Whisk the eggs, milk and half the butter.
            2. Brush a 20x30 cm tin with a little butter. Lay in two sheets, ladle over a quarter of the egg milk. Two more sheets, another quarter of the egg milk, then all the feta. Two more sheets and a quarter of the egg milk. The last two sheets, the last of the egg milk and the rest of the butter.
            3. Leave it to soak for half an hour. Bake at 190C for 35 minutes. Cover with a cloth for 10 minutes.
            """;

    private static final String GRATIN = """
            Leek gratin
            3 leeks
            50 g butter
            2 tbsp milk
            300 ml cream
            40 g breadcrumbs
            Method
            1. Soften the leeks in half the butter for 10 minutes, stir in the milk and cream. Butter a 1.5 litre dish with 10 g of the butter.
            2. Tip into the dish, scatter over the breadcrumbs, dot with the rest of the butter and bake at 190C for 25 minutes.
            """;

    private static Plan plan(String text, Need... needs) {
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(needs), Set.of(), true)));
    }

    @Test
    void whatOnlyCoolsThemGoesWithTheBoiling() {
        assertThat(plan(SHEETS, Need.GLUTEN_FREE).prep().steps())
                .extracting(PrepStep::text)
                .noneMatch(t -> t.contains("iced water") || t.contains("tea towels"));
        assertThat(plan(SHEETS).prep().steps()).extracting(PrepStep::text).anyMatch(t -> t.contains("tea towels"));
    }

    @Test
    void sheetsBoughtForThePanWeighInItsLayersAndEveryLayerSaysTheirNumber() {
        Plan plan = plan(SHEETS, Need.GLUTEN_FREE);
        var sheets = plan.build().sheets();
        assertThat(sheets.toBuy()).isPositive();
        assertThat(plan.build().layers().stream()
                        .filter(l -> l.name().contains("sheets"))
                        .mapToDouble(l -> l.grams() / sheets.perLayer()))
                .allSatisfy(one -> assertThat(one).isBetween(20.0, 30.0));
        assertThat(plan.build().layers())
                .extracting(l -> String.valueOf(l.words()))
                .noneMatch(w -> w.toLowerCase().contains("two more"));
    }

    @Test
    void whatTheBuiltDishWaitsIsSaidOnceItIsBuilt() {
        assertThat(plan(SHEETS).prep().steps().stream()
                        .filter(s -> s.text().contains("soak"))
                        .map(PrepStep::when))
                .containsExactly(PrepStep.When.BUILT);
    }

    @Test
    void aLineThatBecomesTheSameEverywhereIsOneDifference() {
        String both = GRATIN.replace("40 g breadcrumbs", "100 g cheddar, grated")
                .replace("stir in the milk and cream", "stir in the milk, cream and half the cheddar")
                .replace("scatter over the breadcrumbs", "scatter over the rest of the cheddar");
        assertThat(plan(both, Need.DAIRY_FREE).differences())
                .extracting(Difference::what)
                .filteredOn(w -> w.startsWith("100 g cheddar"))
                .singleElement()
                .satisfies(w -> assertThat(w).startsWith("100 g cheddar, grated →"));
    }

    @Test
    void whatGreasesTheDishIsOfTheThingItsLineBecame() {
        Plan plan = plan(GRATIN, Need.DAIRY_FREE);
        assertThat(plan.conversion().swaps().stream()
                        .filter(s -> s.was().contains("the dish"))
                        .flatMap(s -> s.becomes().stream())
                        .map(b -> b.item()))
                .hasSize(1);
        assertThat(plan.prep().steps()).extracting(PrepStep::text).noneMatch(t -> t.contains("olive oil and plant"));
    }

    @Test
    void oilThatIsTooLittleToMeasureIsNeitherBoughtNorWhiskedIn() {
        Plan plan = plan(GRATIN, Need.DAIRY_FREE);
        var milk = plan.conversion().swaps().stream()
                .filter(s -> s.was().contains("milk"))
                .findFirst()
                .orElseThrow();
        assertThat(milk.becomes()).hasSize(1);
        assertThat(milk.method()).doesNotContain("oil");
        assertThat(milk.reason()).doesNotContain("oil");
    }
}
