package nabe.server.formats;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import nabe.recipe.Line;
import nabe.recipe.Recipe;

/** Writes a recipe in open formats that Nabe and others read back. */
public final class RecipeExport {
    private RecipeExport() {}

    /** A schema.org Recipe, for JSON-LD. Headings of ingredient groups stand in the list as lines ending in a colon. */
    public static Map<String, Object> jsonLd(Recipe recipe) {
        Map<String, Object> json = new LinkedHashMap<>();
        json.put("@context", "https://schema.org");
        json.put("@type", "Recipe");
        json.put("name", recipe.title());
        if (recipe.servings() != null) {
            json.put("recipeYield", recipe.servings().toString());
        }
        json.put("recipeIngredient", lines(recipe, "%s:"));
        json.put(
                "recipeInstructions",
                recipe.steps().stream()
                        .map(s -> Map.of("@type", "HowToStep", "text", s))
                        .toList());
        return json;
    }

    public static String markdown(Recipe recipe) {
        StringBuilder text = new StringBuilder("# " + recipe.title() + "\n\n");
        if (recipe.servings() != null) {
            text.append("Serves ").append(recipe.servings()).append("\n\n");
        }
        text.append("## Ingredients\n\n");
        lines(recipe, "\n### %s\n")
                .forEach(l -> text.append(l.startsWith("\n") ? l : "- " + l).append('\n'));
        text.append("\n## Method\n\n");
        for (int i = 0; i < recipe.steps().size(); i++) {
            text.append(i + 1).append(". ").append(recipe.steps().get(i)).append('\n');
        }
        return text.toString();
    }

    private static List<String> lines(Recipe recipe, String headingForm) {
        List<String> lines = new ArrayList<>();
        String heading = null;
        for (Line line : recipe.lines()) {
            if (line.heading() != null && !Objects.equals(heading, line.heading())) {
                lines.add(headingForm.formatted(line.heading()));
            }
            heading = line.heading();
            lines.add(line.bareText());
        }
        return lines;
    }
}
