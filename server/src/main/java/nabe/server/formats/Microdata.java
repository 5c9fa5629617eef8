package nabe.server.formats;

import java.util.List;
import org.jsoup.nodes.Element;

/** Reads a schema.org Recipe in microdata. */
final class Microdata {
    private Microdata() {}

    static String text(Element item) {
        List<String> steps = item.select("[itemprop=recipeInstructions]").stream()
                .flatMap(e -> RecipePage.words(e.html()).lines())
                .toList();
        return RecipeText.of(
                first(item, "name"),
                first(item, "recipeYield"),
                item.select("[itemprop=recipeIngredient], [itemprop=ingredients]").stream()
                        .map(Element::text)
                        .toList(),
                steps,
                List.of());
    }

    private static String first(Element item, String property) {
        Element found = item.selectFirst("[itemprop=" + property + "]");
        return found == null ? "" : found.hasAttr("content") ? found.attr("content") : found.text();
    }
}
