package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Planner;
import org.junit.jupiter.api.Test;

/** Where a recipe has two things by one name, each clause names the one it uses. */
class TwoByOneNameTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Needs NEEDS = new Needs(Set.of(Need.GLUTEN_FREE, Need.VEGAN), Set.of(), true);

    private static List<PlannedProcedure.Work> steps(String text) {
        Conversion conversion =
                PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), NEEDS)).conversion();
        return conversion.procedure().components().stream()
                .flatMap(p -> p.steps().stream())
                .toList();
    }

    private static String clause(List<PlannedProcedure.Work> steps, String about) {
        return steps.stream()
                .map(PlannedProcedure.Work::words)
                .filter(w -> w.contains(about))
                .findFirst()
                .orElseThrow();
    }

    private static final String PIE = """
            Chicken pie with dropped biscuits
            For the filling:
            30 g butter
            1 onion, chopped
            40 g plain flour
            500 ml chicken stock
            400 g cooked chicken, shredded
            For the biscuits:
            200 g plain flour
            2 tsp baking powder
            80 g cold butter
            150 ml milk
            Method
            1. Melt the butter in a pan and soften the onion for 8 minutes. Sprinkle over the flour and cook for 1 minute. Stir in the stock, simmer for 5 minutes and add the chicken. Tip into a 2-litre dish.
            2. Mix the flour with the baking powder in a bowl. Rub in the butter, then stir in the milk.
            3. Drop spoonfuls over the filling. Bake at 200C for 30 minutes.
            """;

    @Test
    void theFlourOfTheSauceIsNotTheFlourOfTheDough() {
        List<PlannedProcedure.Work> steps = steps(PIE);
        String sauce = clause(steps, "Sprinkle over");
        String dough = clause(steps, "baking powder");
        assertThat(sauce).contains("sweet rice flour");
        assertThat(dough).doesNotContain("sweet rice flour").contains("blend");
    }

    @Test
    void workThatIsCalledLikeAFoodStaysWork() {
        List<PlannedProcedure.Work> steps = steps("""
                Lentil bake with crumbs
                250 g red lentils
                500 ml vegetable stock
                1 bay leaf
                200 g bread, torn
                2 tbsp olive oil
                Method
                Simmer the lentils in the stock with the bay for 20 minutes. Fish out the bay. Tip into a dish.
                Toss the bread with the oil and toast it on a tray for 10 minutes, then scatter it over.
                Bake at 190C for 20 minutes.
                """);
        assertThat(clause(steps, "out the bay")).contains("Fish out");
        assertThat(clause(steps, "on a tray")).contains("toast it");
        assertThat(clause(steps, "with the oil")).doesNotContain("the bread").contains("gluten-free");
    }

    @Test
    void aFoodAfterAndIsNoWork() {
        String text = """
                Bread and cheese bake
                300 g bread, torn
                200 g cheddar, grated
                400 ml milk
                Method
                Layer the cheese and bread in a 2-litre dish. Pour the milk over.
                Bake at 180C for 40 minutes.
                """;
        assertThat(PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), NEEDS))
                        .build()
                        .layers())
                .extracting(l -> l.words() == null ? "" : l.words())
                .noneMatch(w -> w.contains("and bread in"));
    }
}
