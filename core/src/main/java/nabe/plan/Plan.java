package nabe.plan;

import java.util.List;
import nabe.bake.BakePlan;
import nabe.budgets.SaltBudget;
import nabe.budgets.SauceThickness;
import nabe.budgets.WaterBudget;
import nabe.build.BuildPlan;
import nabe.needs.Needs;
import nabe.prep.PrepPlan;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import nabe.swap.Conversion;

/**
 * Everything computed from a brief.
 *
 * @param recipe as read, scaled to the servings
 * @param procedure what its method was compiled to, with the cook's corrections
 * @param needs what it was judged against: the brief's own and those of everybody who eats
 * @param differences what it does otherwise than the recipe
 * @param ingredients what to have in the kitchen, home-made things taken apart
 */
public record Plan(
        Recipe recipe,
        Procedure procedure,
        Needs needs,
        List<ShoppingItem> ingredients,
        Conversion conversion,
        PrepPlan prep,
        Budgets budgets,
        BuildPlan build,
        BakePlan bake,
        List<Difference> differences,
        List<Caution> cautions) {

    /** @return what to do, written out in order */
    public List<WrittenMethod.MethodLine> method() {
        return WrittenMethod.of(prep, build, bake);
    }

    /** Where the water and the salt go, and how thick the sauces come out. */
    public record Budgets(WaterBudget water, SaltBudget salt, List<SauceThickness> sauces) {}
}
