package nabe.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Plan;
import nabe.plan.Planner;
import org.junit.jupiter.api.Test;

/** What goes on no layer is not forgotten, and what is said of filling stands where the filled thing is laid. */
class BesideTest {
    private static final Planner PLANNER = new Planner(Larder.load());

    private static Plan plan(String text, Need... needs) {
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(needs), Set.of(), false)));
    }

    private static final String ROLLS = """
            Tuesday rolls
            10 flour tortillas
            500 g cooked chicken, shredded
            200 g cream cheese
            500 g passata
            200 ml sour cream
            chopped parsley

            Method
            Mix the chicken with the cream cheese.
            Divide the filling between the tortillas, roll them up and tuck them into a 33 x 23 cm dish.
            Pour over the passata. Bake at 190C for 25 minutes.
            Scatter with the parsley and serve with the sour cream.
            """;

    @Test
    void whatIsStrewnAtTableIsNamedThoughItHasNoWeight() {
        assertThat(plan(ROLLS).build().leftovers())
                .extracting(BuildPlan.Leftover::name)
                .contains("Parsley", "sour cream");
    }

    @Test
    void whatStandsInForOneThingIsServedAsOne() {
        assertThat(plan(ROLLS, Need.DAIRY_FREE).build().leftovers())
                .extracting(BuildPlan.Leftover::name)
                .filteredOn(n -> n.contains("cream") || n.contains("lemon"))
                .hasSize(1);
    }

    @Test
    void theLayerOfRollsSaysHowTheyAreFilled() {
        assertThat(plan(ROLLS).build().layers())
                .anyMatch(l -> l.words() != null
                        && l.words().startsWith("Divide the filling between the tortillas, roll them up and tuck"));
    }

    @Test
    void whatIsHotStaysHotThoughTheHotStockIsGone() {
        Plan plan = plan("""
                Pie
                600 g mushrooms
                300 ml chicken stock
                250 g self-raising flour
                80 g butter

                Method
                Simmer the mushrooms in the stock in a 26 cm ovenproof frying pan for 15 minutes.
                Rub the butter into the flour, stir in 120 ml water, pat out and stamp out rounds.
                Sit the rounds on the hot filling. Bake at 200C for 20 minutes.
                """, Need.VEGAN);
        assertThat(plan.build().layers()).anyMatch(l -> "Sit the rounds on the hot filling".equals(l.words()));
    }
}
