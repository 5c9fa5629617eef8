package nabe.bake;

import java.util.List;
import nabe.build.BuildPlan;
import nabe.house.Schools;
import nabe.larder.Ingredient;
import nabe.recipe.Recipe;

/**
 * What a bake is planned from.
 *
 * @param ingredients everything in the dish; {@code uncoverSooner} minutes the cook takes the foil off before the usual
 */
public record ToBake(
        Recipe recipe,
        Said said,
        BuildPlan build,
        List<Ingredient> ingredients,
        OvenChoice choice,
        Schools schools,
        int uncoverSooner) {}
