package nabe.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import nabe.bake.Phase;
import nabe.build.Layer;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.prep.PrepStep;
import org.junit.jupiter.api.Test;

/** A layer is laid in the cook's own words, as they read after the swaps. */
class LayerWordsTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final String STIRRED = """
            Stirred pasta bake
            Serves 4

            350 g penne
            1 jar (500 g) tomato sauce
            500 ml hot vegetable stock
            120 g mascarpone
            100 g baby spinach
            150 g mozzarella, grated

            Tip the raw penne into a 30 x 20 cm enamel dish, then the tomato sauce. Pour in the stock and stir well. Push the pasta under.
            Cover with foil and bake at 200C for 30 minutes. Stir in the mascarpone, the spinach and half of the mozzarella, \
            cover again and bake for 10 minutes. Take the foil off, scatter the rest of the mozzarella over and bake for 8 minutes.
            """;
    private static final String SHEETS = """
            Plain lasagne
            Serves 6

            9 dried lasagne sheets
            800 g tomato sauce
            400 g ricotta
            100 g cheddar, grated

            Spread a third of the tomato sauce in a 33 x 25 cm dish. Lay three sheets of lasagne snapped to fit over it and spread half the ricotta on. \
            Repeat once. Lay the last sheets on top, pour over the rest of the sauce, leave it for 15 minutes to soften and scatter the cheddar over.
            Bake at 190C for 40 minutes.
            """;

    private static final String ROLLS = """
            Enchiladas
            Serves 4

            8 corn tortillas
            2 tbsp oil
            400 g cooked chicken, shredded
            500 ml salsa
            150 g cheddar, grated

            Spread a quarter of the salsa in a 20 x 30 cm dish. Brush the tortillas with the oil; place on a baking sheet and bake until pliable, 3 min. \
            Spoon the chicken down the centre of each tortilla, roll up and lay in the dish. Pour over the rest of the salsa and scatter with the cheddar.
            Bake at 190C for 25 minutes.
            """;

    private static Plan plan(String text, Need... needs) {
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(needs), Set.of(), true)));
    }

    private static List<String> words(Plan plan) {
        return plan.build().layers().stream()
                .map(Layer::words)
                .map(w -> w == null ? "" : w)
                .toList();
    }

    @Test
    void aMixedDishIsFilledAsTheRecipeSays() {
        assertThat(words(plan(STIRRED)).getFirst())
                .isEqualTo("Tip the raw penne into a 30 x 20 cm enamel dish, then the tomato sauce. "
                        + "Pour in the stock and stir well. Push the pasta under");
    }

    @Test
    void whatIsStirredInOnTheWayIsNamedAsItIsNowByWeight() {
        Plan plan = plan(STIRRED, Need.DAIRY_FREE);
        Phase second = plan.bake().phases().stream()
                .filter(p -> !p.adds().isEmpty())
                .findFirst()
                .orElseThrow();
        assertThat(second.adds())
                .hasSize(3)
                .allMatch(a -> a.matches("\\d+ g .+"))
                .noneMatch(a -> a.contains("mascarpone"));
        assertThat(second.adds()).anyMatch(a -> a.startsWith("100 g baby spinach"));
    }

    @Test
    void whatAWayOfLayingSwapsIsSaidAnewOrNotAtAll() {
        assertThat(words(plan(SHEETS, Need.DAIRY_FREE, Need.GLUTEN_FREE)))
                .noneMatch(w -> w.matches("(?i).*\\b(?:cheddar|snapper|fish)\\b.*"))
                .noneMatch(w -> w.contains("sheets of brown"));
    }

    @Test
    void sheetsInWordsAreTheSheetsInThePan() {
        Plan plan = plan(SHEETS);
        int each = plan.build().sheets().perLayer();
        assertThat(plan.build().sheets().needed()).isNotEqualTo(9);
        assertThat(words(plan)).anyMatch(w -> w.contains("Lay " + each + " sheets of lasagne"));
    }

    @Test
    void aWaitAmidTheLayersIsNoStepBeforeThem() {
        Plan plan = plan(SHEETS);
        assertThat(words(plan)).anyMatch(w -> w.contains("leave it for 15 minutes to soften"));
        assertThat(plan.prep().steps()).extracting(PrepStep::text).noneMatch(t -> t.contains("15 minutes"));
    }

    @Test
    void whatIsDrapedIsTheCrustAndOilIsNotMelted() {
        Plan pie = plan("""
                Skillet pie
                Serves 4

                200 g flour
                100 g cold butter, divided
                3 tbsp ice water
                2 leeks, sliced
                500 g cooked chicken, torn
                300 ml chicken stock

                Rub 80 g of the butter into 170 g of the flour. Add the water, bring the dough together and chill it for 1 hour.
                Melt the rest of the butter in a 26 cm cast-iron skillet and soften the leeks for 8 minutes. Stir in the rest of the flour, \
                then the stock and simmer for 5 minutes. Stir in the chicken and let it cool for 20 minutes.
                Roll the dough out and drape it over the filling in the skillet. Cut three slits. Bake at 200C for 40 minutes.
                """, Need.DAIRY_FREE);
        assertThat(pie.build().layers())
                .filteredOn(l -> l.words() != null)
                .singleElement()
                .satisfies(crust -> assertThat(crust.words()).containsIgnoringCase("drape it over the filling"));
        assertThat(pie.build().lid().vents()).isEqualTo(3);
        assertThat(pie.prep().steps()).extracting(PrepStep::text).noneMatch(t -> t.matches("(?s).*Melt the .*oil.*"));
    }

    /** What is done to a wrap before it is laid is told with it, and not of the sauce that lies there already. */
    @Test
    void howAWrapIsFilledIsToldOfTheWrap() {
        List<String> words = words(plan(ROLLS, Need.GLUTEN_FREE));

        assertThat(words.getFirst()).isEqualTo("Spread a quarter of the salsa in a 20 x 30 cm dish");
        assertThat(words.get(1)).contains("down the centre of each", "oll up");
        assertThat(words.get(1)).doesNotContain("each maize tortillas", "baking sheet");
    }
}
