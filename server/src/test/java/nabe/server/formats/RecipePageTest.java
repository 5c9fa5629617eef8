package nabe.server.formats;

import static org.assertj.core.api.Assertions.assertThat;

import nabe.larder.Larder;
import nabe.reading.text.RecipeReader;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class RecipePageTest {
    private static final RecipeReader READER = new RecipeReader(Larder.load());
    private static final String JSON = """
            {"@context":"https://schema.org","@graph":[{"@type":"WebPage"},{"@type":["Recipe"],"name":"Leek gratin","recipeYield":["4","4 servings"],
            "recipeIngredient":["3 leeks, sliced","300 ml double cream","100 g gruy&egrave;re"],
            "recipeInstructions":[{"@type":"HowToSection","name":"Bake","itemListElement":[{"@type":"HowToStep","text":"Heat the oven to 190C."},{"@type":"HowToStep","text":"Bake for 30 minutes."}]}]}]}
            """;

    private static Recipe read(String pasted) {
        return READER.read(RecipePage.asText(pasted));
    }

    private static void isTheGratin(Recipe recipe) {
        assertThat(recipe.title()).isEqualTo("Leek gratin");
        assertThat(recipe.servings()).isEqualTo(4);
        assertThat(recipe.lines())
                .extracting(l -> l.ingredient().id())
                .containsExactly("leek", "double-cream", "gruyere");
        assertThat(recipe.steps()).containsExactly("Heat the oven to 190C.", "Bake for 30 minutes.");
    }

    @Test
    void aJsonLdFileOrTheOneInsideASavedPage() {
        isTheGratin(read(JSON));
        isTheGratin(read("<!doctype html><html><head><script type=\"application/ld+json\">" + JSON
                + "</script></head><body><p>Buy pans!</p></body></html>"));
    }

    @Test
    void microdata() {
        isTheGratin(
                read(
                        "<div itemscope itemtype=\"https://schema.org/Recipe\"><h1 itemprop=\"name\">Leek gratin</h1><span itemprop=\"recipeYield\">Serves 4</span>"
                                + "<ul><li itemprop=\"recipeIngredient\">3 leeks, sliced</li><li itemprop=\"recipeIngredient\">300 ml double cream</li><li itemprop=\"recipeIngredient\">100 g gruyère</li></ul>"
                                + "<div itemprop=\"recipeInstructions\"><p>Heat the oven to 190C.</p><p>Bake for 30 minutes.</p></div></div>"));
    }

    @Test
    void aPageWithoutAnyMarksIsReadByItsBlocks() {
        isTheGratin(read(
                "<html><body><h1>Leek gratin</h1><p>Serves 4</p><h2>Ingredients</h2><ul><li>3 leeks, sliced</li><li>300 ml double cream</li><li>100 g gruyère</li></ul>"
                        + "<h2>Method</h2><p>Heat the oven to 190C.</p><p>Bake for 30 minutes.</p></body></html>"));
    }

    @Test
    void whatIsNotAPageIsLeftAlone() {
        assertThat(RecipePage.asText("{not json")).isEqualTo("{not json");
        assertThat(RecipePage.asText("1 onion < 2 leeks")).isEqualTo("1 onion < 2 leeks");
    }

    @Test
    void whatIsWrittenOutReadsBackTheSame() {
        Recipe recipe = READER.read(
                "Leek pie\nServes 6\n\nIngredients\nFor the filling\n3 leeks, sliced\n1 1/2 cups milk\n\nFor the crust\n200 g plain flour\n\nMethod\n1. Heat the oven to 180C.\n2. Bake for 40 minutes.");
        for (String written : new String[] {
            RecipeExport.markdown(recipe), JsonMapper.shared().writeValueAsString(RecipeExport.jsonLd(recipe))
        }) {
            Recipe again = read(written);
            assertThat(again.title()).isEqualTo(recipe.title());
            assertThat(again.servings()).isEqualTo(recipe.servings());
            assertThat(again.steps()).isEqualTo(recipe.steps());
            assertThat(again.lines())
                    .extracting(Line::bareText)
                    .isEqualTo(recipe.lines().stream().map(Line::bareText).toList());
            assertThat(again.lines())
                    .extracting(Line::part)
                    .isEqualTo(recipe.lines().stream().map(Line::part).toList());
        }
    }
}
