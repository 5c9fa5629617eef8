package nabe.build;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Planner;
import org.junit.jupiter.api.Test;

/** Tortillas that the recipe lays flat are not rolled, though most dishes of their kind are. */
class FlatWrapsTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final String LINES = """
            Green enchilada casserole
            Serves 6

            16 corn tortillas
            700 g cooked chicken, shredded
            600 g salsa verde
            200 g cheddar, grated

            Method
            Stir the chicken into half the salsa.
            """;

    private static BuildPlan built(String method) {
        return PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(LINES + method), new Needs(Set.of(), Set.of(), false)))
                .build();
    }

    @Test
    void stackedTortillasAreAllLaid() {
        BuildPlan flat = built(
                "In a 23 x 33 cm dish layer 8 tortillas, the chicken, the other 8 tortillas, the rest of the salsa "
                        + "and the cheddar. Bake at 190C for 30 minutes.\n");
        assertThat(flat.rolls()).isNull();
        assertThat(flat.leftovers()).isEmpty();
    }

    @Test
    void filledOnesAreRolled() {
        BuildPlan rolled = built(
                "Divide the chicken between the tortillas and roll up. Lay in a 23 x 33 cm dish, pour over the rest "
                        + "of the salsa, scatter with the cheddar. Bake at 190C for 30 minutes.\n");
        assertThat(rolled.rolls()).isNotNull();
    }
}
