package nabe.plan;

import java.util.List;
import nabe.bake.BakePlan;
import nabe.build.BuildPlan;
import nabe.prep.PrepPlan;
import nabe.recipe.Recipe;
import nabe.swap.Conversion;

/**
 * Everything computed from a brief.
 *
 * @param recipe as read, scaled to the servings
 * @param ingredients the shopping-level list of the converted dish
 */
public record Plan(Recipe recipe, List<ShoppingItem> ingredients, Conversion conversion, PrepPlan prep, BuildPlan build,
        BakePlan bake, List<Caution> cautions) {
}
