package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import nabe.larder.Larder;
import nabe.recipe.Family;
import nabe.recipe.Line;
import nabe.recipe.PanSize;
import nabe.recipe.Part;
import nabe.recipe.Recipe;
import nabe.recipe.RecipeException;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RecipeReaderTest {
    /** May go where a line is parted. */
    private static final Set<String> JOINTS = Set.of("and", "plus", "with", "into");

    private static final Pattern WORD = Pattern.compile("\\p{L}{3,}");
    private static final RecipeReader READER = new RecipeReader(Larder.load());

    @Test
    void aWholeRecipeIsReadIntoItsParts() {
        Recipe recipe = READER.read(Recipes.LASAGNA);
        assertThat(recipe.title()).isEqualTo("Spinach lasagna");
        assertThat(recipe.servings()).isEqualTo(6);
        assertThat(recipe.family()).isEqualTo(Family.LASAGNA);
        assertThat(recipe.pan().lengthMm()).isEqualTo(300);
        assertThat(recipe.steps()).hasSize(4);
        assertThat(part(recipe, "wheat-lasagna-sheets")).isEqualTo(Part.STRUCTURE);
        assertThat(part(recipe, "plain-flour")).isEqualTo(Part.WHITE_SAUCE);
        assertThat(part(recipe, "butter")).isEqualTo(Part.WHITE_SAUCE);
        assertThat(part(recipe, "egg")).isEqualTo(Part.BINDER);
        assertThat(part(recipe, "ricotta")).isEqualTo(Part.SOFT_CHEESE);
        assertThat(part(recipe, "mozzarella")).isEqualTo(Part.MELTING_CHEESE);
        assertThat(part(recipe, "parmesan")).isEqualTo(Part.HARD_CHEESE);
        assertThat(part(recipe, "nutmeg")).isEqualTo(Part.SEASONING);
    }

    private static Part part(Recipe recipe, String ingredient) {
        return recipe.lines().stream()
                .filter(l -> l.ingredient() != null && l.ingredient().id().equals(ingredient))
                .findFirst()
                .orElseThrow()
                .part();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Serves 6 | 6",
                "Servings: 8 | 8",
                "Serves 4-6 | 4",
                "Yield: 6 servings | 6",
                "6 servings | 6",
                "Makes enough for four people | 4",
                "Feeds twelve | 12"
            })
    void servingsAreFoundHoweverTheyAreWritten(String line, int servings) {
        assertThat(READER.read("Potato gratin\n" + line + "\n\nIngredients\n1 kg potatoes\n\nMethod\nBake it.")
                        .servings())
                .isEqualTo(servings);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "a 9x13-inch baking dish | rectangle | 330",
                "a 30 x 20cm dish | rectangle | 300",
                "a 23cm round tin | round | 230",
                "an 8-inch square pan | square | 203",
                "a 9-inch pie dish | round | 229",
                "a 33 by 23 cm oval dish | oval | 330"
            })
    void pansOnAnyScale(String words, String shape, int mm) {
        PanSize pan = READER.read("Gratin\n\nIngredients\n1 kg potatoes\n\nMethod\nGrease " + words + ".")
                .pan();
        assertThat(pan.shape()).isEqualTo(shape);
        assertThat(pan.diameterMm() != null ? pan.diameterMm() : pan.lengthMm()).isEqualTo(mm);
    }

    @Test
    void aRecipeWithoutAnyLabelsIsStillRead() {
        Recipe recipe = READER.read(
                "Leek bake\n3 leeks\n200ml double cream\n100g gruyere, grated\nSlice the leeks and soften them in a pan for 10 minutes. "
                        + "Pour over the cream.\nBake at 200C for 25 minutes until golden.");
        assertThat(recipe.lines()).hasSize(3);
        assertThat(recipe.steps()).hasSize(2);
    }

    @Test
    void aLineWrappedOverTwoIsOneLine() {
        Recipe recipe = READER.read(
                "Bake\n\nIngredients\n2 tablespoons finely chopped\nfresh parsley\n1 kg potatoes, peeled and\nsliced thin\n\nMethod\nBake.");
        assertThat(recipe.lines())
                .extracting(Line::text)
                .containsExactly("2 tablespoons finely chopped fresh parsley", "1 kg potatoes, peeled and sliced thin");
    }

    @Test
    void linesThatHoldSeveralThingsAreTakenApart() {
        Recipe recipe = READER.read(
                "Toad in the hole\nServes 4\n\nFor the batter: 140g plain flour, 4 eggs, 200ml milk\n8 pork sausages\n1 onion, 2 carrots and 1 leek, sliced\n"
                        + "4 chicken breasts, 150g each\n\nSTEP 1\nHeat oven to 220C.\nSTEP 2\nBake for 35 mins.");
        assertThat(recipe.lines())
                .extracting(Line::text)
                .containsExactly(
                        "140g plain flour",
                        "4 eggs",
                        "200ml milk",
                        "8 pork sausages",
                        "1 onion",
                        "2 carrots",
                        "1 leek, sliced",
                        "4 chicken breasts, 150g each");
        assertThat(recipe.lines().getFirst().heading()).isEqualTo("For the batter");
        assertThat(recipe.steps()).hasSize(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   \n ", "Dear diary, today it rained.", "\u0000\u0001\u0002PNG"})
    void aTextThatHoldsNoRecipeIsRefusedInWords(String text) {
        assertThatThrownBy(() -> READER.read(text))
                .isInstanceOf(RecipeException.class)
                .message()
                .hasSizeGreaterThan(30);
    }

    /** Random damage to the corpus: no crash but a refusal in words, and no word of an ingredient line is lost in silence. */
    @Tag("sweep")
    @Test
    void noTextBreaksTheReaderAndNoneIsLost() throws IOException {
        List<String> corpus = Files.readAllLines(Path.of("src/test/resources/corpus/lines.csv")).stream()
                .skip(1)
                .map(l -> l.split("\\|")[0])
                .toList();
        Random random = new Random(20261127);
        for (int i = 0; i < 4_000; i++) {
            List<String> lines = random.ints(4, 0, corpus.size())
                    .mapToObj(k -> Mutation.of(corpus.get(k), random))
                    .toList();
            Recipe recipe = READER.read(
                    "Bake\n\nIngredients\n1 kg potatoes\n" + String.join("\n", lines) + "\n\nMethod\nBake it.");
            String kept = recipe.title()
                    + recipe.lines().stream()
                            .map(l -> l.text() + " " + l.heading())
                            .toList()
                    + recipe.steps()
                    + recipe.asides();
            lines.forEach(line -> WORD.matcher(line)
                    .results()
                    .map(MatchResult::group)
                    .filter(word -> !JOINTS.contains(word))
                    .forEach(word -> assertThat(kept).as(line).contains(word)));
        }
    }

    /** Cuts, doubles, swaps and litters a piece of text. */
    private static final class Mutation {
        private static final String LITTER = "½¼/()[]-–×x.,:;&+#*0123456789 \n\t°FCgkTtß€ñ\"'";

        static String of(String source, Random random) {
            StringBuilder text = new StringBuilder(source);
            for (int k = random.nextInt(8); k > 0; k--) {
                int at = random.nextInt(text.length());
                switch (random.nextInt(3)) {
                    case 0 -> text.insert(at, LITTER.charAt(random.nextInt(LITTER.length())));
                    case 1 -> text.deleteCharAt(at).append(' ');
                    default -> text.setCharAt(at, LITTER.charAt(random.nextInt(LITTER.length())));
                }
            }
            return text.toString();
        }
    }
}
