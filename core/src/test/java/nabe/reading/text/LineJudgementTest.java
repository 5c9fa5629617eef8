package nabe.reading.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nabe.larder.Larder;
import nabe.needs.Judgement;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.recipe.Line;
import nabe.recipe.Recipe;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

/** Claims where they count and where they do not, and nouns that are not their first word. */
class LineJudgementTest {
    private static final LineReader READER = new LineReader(Larder.load());
    private static final List<Need> NEEDS =
            List.of(Need.GLUTEN_FREE, Need.DAIRY_FREE, Need.VEGAN, Need.EGG_FREE, Need.NUT_FREE, Need.SOY_FREE);

    /** y fits, c asks or read the label, n does not fit; by ingredient, not strict. */
    private static String verdict(Line line, Need need) {
        if (line.ingredient() == null) {
            return "c";
        }
        Judgement judgement = new Needs(Set.of(need), Set.of(), false).judge(line.ingredient(), line.claims());
        return !judgement.fits() ? "n" : judgement.needsLabel() ? "c" : "y";
    }

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(
            resources = {"/corpus/lines-hard.csv", "/corpus/lines-other.csv"},
            delimiter = '|',
            numLinesToSkip = 1)
    void judgesLinesWrittenToMislead(String text, String id, String expected) {
        Line line = READER.read(text, null);
        String found = line.ingredient() == null ? "-" : line.ingredient().id();
        List<String> wrong = new ArrayList<>();
        if (!id.equals("*") && !id.equals(found)) {
            wrong.add("read as " + found + ", wanted " + id);
        }
        String[] codes = expected.split(" ");
        for (int i = 0; i < codes.length; i++) {
            String got = verdict(line, NEEDS.get(i));
            boolean right = codes[i].equals("?") || codes[i].equals(got) || codes[i].equals("x") && !got.equals("y");
            if (!right) {
                wrong.add(NEEDS.get(i).id() + " is " + got + ", wanted " + codes[i]);
            }
        }
        assertThat(wrong).as("%s: %s claims %s", text, found, line.claims()).isEmpty();
    }

    /** Twenty places where a claim promises nothing of the food, for ten foods and their needs. */
    @ParameterizedTest
    @CsvSource({
        "butter, vegan, VEGAN",
        "butter, dairy-free, DAIRY_FREE",
        "cheddar, vegan, VEGAN",
        "milk, dairy-free, DAIRY_FREE",
        "eggs, vegan, VEGAN",
        "eggs, egg-free, EGG_FREE",
        "pasta, gluten-free, GLUTEN_FREE",
        "plain flour, gluten-free, GLUTEN_FREE",
        "breadcrumbs, gluten-free, GLUTEN_FREE",
        "sausages, vegan, VEGAN",
        "parmesan, vegetarian, DAIRY_FREE"
    })
    void aMisplacedClaimNeverKeepsTheFood(String food, String claim, Need need) {
        List<String> kept = new ArrayList<>();
        for (String template : List.of(
                "100 g F (C if needed)",
                "100 g F, C for those who need it",
                "100 g F or C F",
                "100 g F, or C F",
                "100 g F (or C F)",
                "100 g F / C F",
                "100 g F, not C",
                "100 g F (not C)",
                "100 g non-C F",
                "100 g F, C if you like",
                "100 g F - C works too",
                "100 g C F if serving C guests",
                "100 g regular or C F",
                "100 g F, ideally C",
                "100 g F (use C when cooking for guests)",
                "100 g F; C versions are fine",
                "100 g C or ordinary F",
                "F, 100 g (C)",
                "100 g F (can be C)",
                "100 g not C F",
                "100 g F, preferably C")) {
            String text = template.replace("F", food).replace("C", claim);
            Line line = READER.read(text, null);
            if (line.ingredient() != null
                    && new Needs(Set.of(need), Set.of(), true)
                            .judge(line.ingredient(), line.claims())
                            .fits()) {
                kept.add(text + " as " + line.ingredient().id() + " claims " + line.claims());
            }
        }
        assertThat(kept).isEmpty();
    }

    @Test
    void anUnknownThingIsNeitherSwallowedNorSplit() {
        Recipe recipe = new RecipeReader(Larder.load())
                .read(
                        "Supper\n\nIngredients\n200 g zubbok\nbutter and chopped yarrel\n300 g brimlex cheese quorve\n2 onions\n\nMethod\nMix all and bake 20 minutes.");
        assertThat(recipe.lines()).hasSize(4);
        assertThat(recipe.lines().getFirst().ingredient()).isNull();
        assertThat(recipe.lines().get(2).ingredient()).isNull();
        assertThat(recipe.lines().get(2).also()).isEmpty();
        assertThat(recipe.lines().get(2).doubt()).contains("Not in the larder");
    }
}
