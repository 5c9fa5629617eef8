package nabe.server.formats;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/** Reads a schema.org Recipe in JSON-LD. */
final class RecipeJson {
    private RecipeJson() {}

    static String text(JsonNode recipe) {
        List<String> steps = new ArrayList<>();
        addSteps(recipe.path("recipeInstructions"), steps);
        List<String> ingredients = new ArrayList<>();
        JsonNode lines = recipe.has("recipeIngredient") ? recipe.get("recipeIngredient") : recipe.path("ingredients");
        if (lines.isArray()) {
            lines.valueStream().map(RecipeJson::words).filter(l -> !l.isBlank()).forEach(ingredients::add);
        } else {
            words(lines).lines().forEach(ingredients::add);
        }
        return RecipeText.of(
                words(recipe.path("name")), servings(recipe.path("recipeYield")), ingredients, steps, List.of());
    }

    private static @Nullable String servings(JsonNode node) {
        if (node.isArray()) {
            return node.valueStream()
                    .map(RecipeJson::words)
                    .filter(w -> w.matches("\\d+"))
                    .findFirst()
                    .orElseGet(() -> node.isEmpty() ? null : words(node.get(0)));
        }
        return node.isMissingNode() || node.isNull() ? null : words(node);
    }

    private static void addSteps(JsonNode node, List<String> steps) {
        if (node.isArray()) {
            node.valueStream().forEach(n -> addSteps(n, steps));
        } else if (node.isObject()) {
            boolean section = node.has("itemListElement");
            if (section) {
                addSteps(node.get("itemListElement"), steps);
            } else {
                words(node.has("text") ? node.get("text") : node.path("name"))
                        .lines()
                        .forEach(steps::add);
            }
        } else {
            words(node).lines().filter(l -> !l.isBlank()).forEach(steps::add);
        }
    }

    private static String words(JsonNode node) {
        return node.isMissingNode() || node.isNull() ? "" : RecipePage.words(node.asString(""));
    }
}
