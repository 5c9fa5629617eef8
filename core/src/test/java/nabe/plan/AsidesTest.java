package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import nabe.bake.OvenChoice;
import nabe.bake.Start;
import nabe.build.Layer;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.prep.PrepStep;
import org.junit.jupiter.api.Test;

class AsidesTest {
    private static final String GRATIN = """
            Potato and ham gratin
            Serves 6

            1.2 kg waxy potatoes
            200 g ham, in strips
            2 onions
            400 ml double cream
            300 ml whole milk
            1 bay leaf
            40 g butter

            Butter a 30 x 20 cm dish with half of the butter. Melt the rest in a pan and soften the onions for 10 minutes. \
            Turn the heat right up, add the ham and fry for 4 minutes, then lift it out. \
            Bring the cream, milk and bay to a simmer for 5 minutes. Fish out the bay leaf. \
            Peel the potatoes and slice them 3 mm thin. Don't rinse them.
            Layer half of the potatoes, the ham and onions and the rest of the potatoes in the dish. Pour the cream over and press down with your hand.
            Bake at 180C for 70 minutes.
            """;
    private static final Planner PLANNER = new Planner(Larder.load());

    private static Plan plan(Need... needs) {
        return PLANNER.plan(BriefBuilder.builder()
                .recipe(Brief.RecipeBrief.ofText(GRATIN))
                .needs(new Needs(Set.of(needs), Set.of(), true))
                .oven(OvenChoice.usual())
                .choices(Map.of())
                .brief());
    }

    private static PrepStep step(Plan plan, String says) {
        return plan.prep().steps().stream()
                .filter(s -> s.text().contains(says))
                .findFirst()
                .orElseThrow(() -> new AssertionError(says + ": "
                        + plan.prep().steps().stream().map(PrepStep::text).toList()));
    }

    @Test
    void whatIsSaidOnTheWayStaysWithItsWork() {
        Plan plan = plan();
        assertThat(step(plan, "lift it out").text()).contains("add the ham and fry for 4 minutes");
        assertThat(step(plan, "Fish out the bay leaf").text()).contains("to a simmer");
        assertThat(step(plan, "Don't rinse them").text()).contains("slice them 3 mm thin");
    }

    @Test
    void aHeatTurnedUpIsHigh() {
        assertThat(step(plan(), "Turn the heat right up").heat()).isEqualTo("high");
    }

    @Test
    void theDishIsGreasedWithWhatFits() {
        assertThat(step(plan(), "30 x 20 cm dish").text()).startsWith("Butter a 30 x 20 cm dish");
        assertThat(step(plan(Need.DAIRY_FREE), "30 x 20 cm dish").text()).doesNotContainIgnoringCase("butter");
    }

    @Test
    void whatIsPutByForTheEndIsAStepOfItsOwn() {
        Plan plan = PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText("""
                        Bread and cheese bake
                        Serves 4

                        300 g stale bread, cubed
                        150 g cheddar, grated
                        4 eggs
                        400 ml milk
                        1 egg yolk

                        Keep back 30 g of the cheese for the top and put it in the fridge. Beat the eggs and the milk.
                        Spread the bread and the rest of the cheese in a 25 x 18 cm dish. Pour over the egg mixture and press it down. \
                        Brush with the egg yolk.
                        Bake at 180C for 35 minutes. Add the reserved cheese for the last 10 minutes.
                        """), new Needs(Set.of(), Set.of(), true)));
        assertThat(step(plan, "Keep back 30 g of the cheese").item()).isEqualTo("Put by");
        assertThat(plan.build().layers())
                .filteredOn(Layer::late)
                .singleElement()
                .satisfies(last -> assertThat(last.grams()).isCloseTo(30, within(1.0)));
        assertThat(plan.build().layers()).extracting(Layer::words).contains("Brush with the egg yolk");
    }

    @Test
    void eggsCooledUnderTheTapLeaveTheDishHot() {
        assertThat(startOf("Boil the eggs for 8 minutes and cool them under the tap.", ""))
                .isEqualTo(Start.HOT);
        assertThat(startOf("Boil the eggs for 8 minutes.", "Let the mash cool."))
                .isEqualTo(Start.ROOM);
    }

    private static Start startOf(String eggs, String mash) {
        return PLANNER.plan(Brief.of(
                        Brief.RecipeBrief.ofText("""
                        Egg and potato bake

                        3 eggs
                        1 kg potatoes
                        50 g butter
                        100 g cheddar, grated

                        %s Quarter them.
                        Boil the potatoes for 20 minutes and mash them with the butter. %s
                        Lay the eggs in a 25 x 18 cm dish, spread the mash over and scatter the cheese on top.
                        Bake at 200C for 30 minutes.
                        """.formatted(eggs, mash)), new Needs(Set.of(), Set.of(), true)))
                .bake()
                .start();
    }

    @Test
    void whatIsDoneToALayerStandsAtIt() {
        List<Layer> layers = plan().build().layers();
        assertThat(layers.getLast().words()).isEqualTo("Pour the cream over and press down with your hand");
    }
}
