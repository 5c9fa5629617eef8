package nabe.server.api;

import java.util.List;
import nabe.bake.BakePlan;
import nabe.budgets.SaltBudget;
import nabe.budgets.SauceThickness;
import nabe.budgets.WaterBudget;
import nabe.build.BuildPlan;
import nabe.larder.Allergen;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Caution;
import nabe.plan.Difference;
import nabe.plan.Plan;
import nabe.plan.ShoppingItem;
import nabe.plan.WrittenMethod;
import nabe.prep.PrepStep;
import nabe.swap.MadeComponent;
import nabe.swap.MethodFood;
import nabe.swap.PlannedProcedure;
import nabe.swap.Swap;
import nabe.swap.Unresolved;

/** The whole plan, for the client. */
public record PlanView(
        RecipeView recipe,
        PlannedProcedure procedure,
        NeedsView needs,
        List<ShoppingItem> ingredients,
        List<Swap> swaps,
        List<Unresolved> unresolved,
        List<MadeComponent> components,
        List<WrittenMethod.MethodLine> method,
        List<MethodFood> methodFoods,
        double massBeforeGrams,
        double massAfterGrams,
        PrepView prep,
        BuildPlan build,
        BakePlan bake,
        List<Difference> differences,
        List<Caution> cautions) {

    /** What the dish was judged against: its own needs and those of everybody who eats it. */
    public record NeedsView(List<Need> needs, List<Allergen> avoid, boolean strict) {
        static NeedsView of(Needs needs) {
            return new NeedsView(
                    needs.needs().stream().sorted().toList(),
                    needs.avoid().stream().sorted().toList(),
                    needs.strict());
        }
    }

    /** @param water, salt, sauces the budgets of the whole dish; {@code readyGrams} what enters the dish: after + taken up - cooked off */
    public record PrepView(
            List<PrepStep> steps,
            double cookedOffGrams,
            double takenUpGrams,
            double readyGrams,
            WaterBudget water,
            SaltBudget salt,
            List<SauceThickness> sauces) {}

    static PlanView of(Plan plan) {
        return new PlanView(
                RecipeView.of(plan.recipe(), plan.procedure()),
                plan.conversion().procedure(),
                NeedsView.of(plan.needs()),
                plan.ingredients(),
                plan.conversion().swaps(),
                plan.conversion().unresolved(),
                plan.conversion().made(),
                plan.method(),
                plan.conversion().methodFoods(),
                plan.conversion().massBeforeGrams(),
                plan.conversion().massAfterGrams(),
                new PrepView(
                        plan.prep().steps(),
                        plan.prep().cookedOffGrams(),
                        plan.prep().takenUpGrams(),
                        plan.prep().readyGrams(),
                        plan.budgets().water(),
                        plan.budgets().salt(),
                        plan.budgets().sauces()),
                plan.build(),
                plan.bake(),
                plan.differences(),
                plan.cautions());
    }
}
