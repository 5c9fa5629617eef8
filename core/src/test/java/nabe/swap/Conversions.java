package nabe.swap;

import nabe.larder.Larder;
import nabe.reading.Division;
import nabe.reading.ProcedureReader;
import nabe.reading.text.RecipeReader;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;

/** Converts recipes in tests as the planner does. */
final class Conversions {
    private static final Larder LARDER = Larder.load();
    private static final Swapper SWAPPER = new Swapper(LARDER, Swapper.Tables.load(LARDER));
    private static final RecipeReader READER = new RecipeReader(LARDER);

    private Conversions() {}

    static Conversion of(String text, Kitchen kitchen) {
        return of(READER.read(text), kitchen);
    }

    static Conversion of(Recipe recipe, Kitchen kitchen) {
        Procedure procedure = new ProcedureReader().read(recipe.lines(), recipe.steps());
        return SWAPPER.convert(Division.of(recipe, procedure), procedure, kitchen);
    }
}
