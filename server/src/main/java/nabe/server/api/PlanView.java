package nabe.server.api;

import java.util.List;
import nabe.bake.BakePlan;
import nabe.build.BuildPlan;
import nabe.plan.Caution;
import nabe.plan.Plan;
import nabe.plan.ShoppingItem;
import nabe.prep.PrepStep;
import nabe.swap.Swap;
import nabe.swap.Unresolved;

/** The whole plan, for the client. */
public record PlanView(RecipeView recipe, List<ShoppingItem> ingredients, List<Swap> swaps, List<Unresolved> unresolved,
        double massBeforeGrams, double massAfterGrams, PrepView prep, BuildPlan build, BakePlan bake,
        List<Caution> cautions) {

    /** @param readyGrams what enters the dish: after + taken up - cooked off */
    public record PrepView(List<PrepStep> steps, double cookedOffGrams, double takenUpGrams, double readyGrams) {
    }

    static PlanView of(Plan plan) {
        return new PlanView(RecipeView.of(plan.recipe()), plan.ingredients(), plan.conversion().swaps(),
                plan.conversion().unresolved(), plan.conversion().massBeforeGrams(), plan.conversion().massAfterGrams(),
                new PrepView(plan.prep().steps(), plan.prep().cookedOffGrams(), plan.prep().takenUpGrams(), plan.prep().readyGrams()),
                plan.build(), plan.bake(), plan.cautions());
    }
}
