package nabe.server.formats;

import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Turns what cooks paste or save into the plain text the core reads: a web page with a schema.org Recipe (JSON-LD or
 * microdata), a JSON-LD file, any other page. Plain text and Markdown pass through as they are.
 */
public final class RecipePage {
    private static final Pattern MARKUP = Pattern.compile(
            "<(?:!doctype|html|head|body|div|p|ul|ol|li|br|span|script|article|section|h[1-6])\\b",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern BREAKS = Pattern.compile("(?i)<br\\s*/?>|</(?:p|div|li|h[1-6]|tr|section|ul|ol)>");
    private static final JsonMapper JSON = JsonMapper.shared();

    private RecipePage() {}

    /** @param pasted anything, or null. @return text for the reader; what is not understood comes back unchanged */
    public static @Nullable String asText(@Nullable String pasted) {
        if (pasted == null) {
            return null;
        }
        String start = pasted.stripLeading();
        if (start.startsWith("{") || start.startsWith("[")) {
            String read = ofJson(start);
            return read == null ? pasted : read;
        }
        return MARKUP.matcher(pasted).find() ? ofPage(Jsoup.parse(pasted)) : pasted;
    }

    private static String ofPage(Document page) {
        for (Element script : page.select("script[type=application/ld+json]")) {
            String read = ofJson(script.data());
            if (read != null) {
                return read;
            }
        }
        Element item = page.selectFirst("[itemtype*=schema.org/Recipe]");
        return item != null ? Microdata.text(item) : words(page.body().html());
    }

    /** The words of a piece of markup, one block a line. */
    static String words(String markup) {
        String marked = BREAKS.matcher(markup).replaceAll("$0\n");
        return Jsoup.parse(marked)
                .body()
                .wholeText()
                .lines()
                .map(String::strip)
                .filter(l -> !l.isEmpty())
                .collect(Collectors.joining("\n"));
    }

    private static @Nullable String ofJson(String json) {
        try {
            JsonNode recipe = recipeIn(JSON.readTree(json));
            return recipe == null ? null : RecipeJson.text(recipe);
        } catch (JacksonException notJson) {
            return null;
        }
    }

    private static @Nullable JsonNode recipeIn(JsonNode node) {
        if (node.isArray()) {
            return node.valueStream()
                    .map(RecipePage::recipeIn)
                    .filter(java.util.Objects::nonNull)
                    .findFirst()
                    .orElse(null);
        }
        if (!node.isObject()) {
            return null;
        }
        JsonNode type = node.path("@type");
        boolean recipe = type.isArray()
                ? type.valueStream().anyMatch(t -> t.asString("").equals("Recipe"))
                : type.asString("").equals("Recipe");
        if (recipe) {
            return node;
        }
        JsonNode inside = node.has("@graph") ? node.get("@graph") : node.path("mainEntity");
        return inside.isMissingNode() ? null : recipeIn(inside);
    }
}
