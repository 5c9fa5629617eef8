package nabe.server.formats;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Lays a recipe's pieces out as the plain text the core reads. */
final class RecipeText {
    private RecipeText() {}

    static String of(
            String title, @Nullable String servings, List<String> ingredients, List<String> steps, List<String> notes) {
        StringBuilder text = new StringBuilder(title.isBlank() ? "Untitled recipe" : title).append('\n');
        if (servings != null && !servings.isBlank()) {
            text.append(servings.matches("\\d+") ? "Serves " + servings : servings)
                    .append('\n');
        }
        notes.forEach(note -> text.append(note).append('\n'));
        text.append("\nIngredients\n");
        ingredients.forEach(line -> text.append(line).append('\n'));
        text.append("\nMethod\n");
        steps.forEach(step -> text.append(step).append('\n'));
        return text.toString();
    }
}
