package nabe.server.api;

import java.util.List;
import nabe.larder.Ingredient;
import nabe.measure.Amount;
import nabe.measure.Unit;
import nabe.recipe.Family;
import nabe.recipe.Line;
import nabe.recipe.OvenSetting;
import nabe.recipe.PanSize;
import nabe.recipe.Part;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import nabe.recipe.Share;
import org.jspecify.annotations.Nullable;

/** A recipe as read, for the client. */
public record RecipeView(
        String title,
        @Nullable Integer servings,
        Family family,
        List<LineView> lines,
        List<String> steps,
        OvenSetting oven,
        @Nullable PanSize pan,
        List<String> asides,
        @Nullable Procedure procedure) {

    /** One line, its ingredient by id and name; {@code also} and {@code unknown} name what else it brings in. */
    public record LineView(
            String text,
            @Nullable String heading,
            @Nullable Amount amount,
            @Nullable Unit unit,
            String item,
            @Nullable String preparation,
            @Nullable String ingredient,
            @Nullable String ingredientName,
            @Nullable Amount grams,
            Part part,
            List<String> also,
            List<String> unknown,
            boolean optional,
            @Nullable String doubt,
            boolean remembered,
            List<Share> shares) {

        static LineView of(Line line) {
            Ingredient known = line.ingredient();
            return new LineView(
                    line.text(),
                    line.heading(),
                    line.amount(),
                    line.unit(),
                    line.item(),
                    line.preparation(),
                    known == null ? null : known.id(),
                    known == null ? null : known.name(),
                    line.grams(),
                    line.part(),
                    line.also().stream().map(Ingredient::id).toList(),
                    line.unknown(),
                    line.optional(),
                    line.doubt(),
                    line.remembered(),
                    line.shares());
        }
    }

    static RecipeView of(Recipe recipe) {
        return of(recipe, null);
    }

    /** The same with the procedure its method was compiled to. */
    static RecipeView of(Recipe recipe, @Nullable Procedure procedure) {
        return new RecipeView(
                recipe.title(),
                recipe.servings(),
                recipe.family(),
                recipe.lines().stream().map(LineView::of).toList(),
                recipe.steps(),
                recipe.oven(),
                recipe.pan(),
                recipe.asides(),
                procedure);
    }
}
