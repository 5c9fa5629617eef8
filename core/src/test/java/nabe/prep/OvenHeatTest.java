package nabe.prep;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Plan;
import nabe.plan.Planner;
import org.junit.jupiter.api.Test;

/** What is roasted before the dish is built is told how hot, and what two things make of one is stirred. */
class OvenHeatTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static Plan plan(String text, Need... needs) {
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(needs), Set.of(), false)));
    }

    @Test
    void theRoastIsAsHotAsTheOvenWasHeatedBefore() {
        Plan plan = plan("""
                Moussaka
                1 kg aubergines
                2 tbsp olive oil
                600 g passata

                Method
                Heat the oven to 220C. Slice the aubergines, brush with the oil and roast on a tray for 25 minutes.
                Turn the oven down to 180C. Lay half the aubergines in a 2 litre dish, pour over half the passata and repeat.
                Bake for 40 minutes.
                """);
        assertThat(plan.prep().steps())
                .filteredOn(s -> s.text().contains("roast"))
                .extracting(PrepStep::heat)
                .containsExactly("oven 220 °C");
        assertThat(plan.bake().phases().getFirst().celsius()).isEqualTo(180);
    }

    @Test
    void aGlazeOfTwoThingsIsStirredTogether() {
        Plan plan = plan("""
                Pot pie
                600 g mushrooms
                300 ml vegetable stock
                320 g shortcrust pastry
                1 egg, beaten, to glaze

                Method
                Simmer the mushrooms in the stock for 15 minutes and tip into a 1.5 litre pie dish.
                Lay over the pastry and brush with the egg. Bake at 200C for 30 minutes.
                """, Need.VEGAN);
        assertThat(plan.prep().steps())
                .anyMatch(s -> s.text().startsWith("Stir the ") && s.uses().size() == 2);
    }
}
