package nabe.swap;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import nabe.larder.Larder;
import nabe.needs.Need;
import nabe.needs.Needs;
import nabe.plan.Brief;
import nabe.plan.Plan;
import nabe.plan.Planner;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** "The noodles" of a lasagna are its sheets: a general word for what stays in the dish is no food of its own. */
class GeneralNamesTest {
    private static final Planner PLANNER = new Planner(Larder.load());
    private static final Path FOLDER = Path.of("src/test/resources/readings/otherhands");

    private static List<String> words(String text, Need need) {
        Plan plan = PLANNER.plan(Brief.of(Brief.RecipeBrief.ofText(text), new Needs(Set.of(need), Set.of(), true)));
        return Stream.concat(
                        plan.prep().steps().stream().map(s -> s.text()),
                        plan.build().layers().stream().map(l -> String.valueOf(l.words())))
                .toList();
    }

    /** Every recipe with one of the needs in turn. */
    @Tag("sweep")
    @Test
    void nothingThatStaysIsLeftOut() throws IOException {
        List<Need> needs = List.of(Need.VEGAN, Need.GLUTEN_FREE, Need.EGG_FREE, Need.NUT_FREE);
        try (Stream<Path> files = Files.list(FOLDER)) {
            List<Path> recipes =
                    files.filter(p -> p.toString().endsWith(".txt")).sorted().toList();
            for (int i = 0; i < recipes.size(); i++) {
                assertThat(words(Files.readString(recipes.get(i)), needs.get(i % needs.size())))
                        .as("%s", recipes.get(i).getFileName())
                        .noneMatch(w -> w.contains("[left out]"));
            }
        }
    }

    /** What ran out of meat that is gone is no fat to buy or to leave out: the work goes on in the pan. */
    @ParameterizedTest
    @ValueSource(strings = {"the bacon fat", "the drippings", "the bacon grease", "the beef dripping"})
    void whatRanOutOfTheMeatIsThePan(String fat) {
        List<String> said = words("""
                Bacon and leek bake
                200 g bacon, chopped
                4 leeks, sliced
                300 g penne
                150 g cheddar, grated
                Method
                1. Fry the bacon until crisp and scoop it out. Soften the leeks in %s for 10 minutes. Put the bacon back.
                2. Boil the penne, drain and stir in. Tip into a 2 litre dish, scatter over the cheddar and bake at 190C for 20 minutes.
                """.formatted(fat), Need.VEGAN);

        assertThat(String.join(" ", said))
                .contains("leeks in the pan")
                .doesNotContain("[left out]", "fat", "grease", "dripping");
    }

    /** Fat that is measured was bought: it gives way to a fat, never to the pan. */
    @Test
    void fatThatIsMeasuredIsNoPan() {
        List<String> said = words("""
                Leek bake
                4 leeks, sliced
                300 g penne
                150 g cheddar, grated
                Method
                1. Heat 2 tbsp goose fat and soften the leeks in it for 10 minutes.
                2. Boil the penne, drain and stir in. Tip into a 2 litre dish, scatter over the cheddar and bake at 190C for 20 minutes.
                """, Need.VEGAN);

        assertThat(String.join(" ", said)).doesNotContain("goose fat", "tbsp pan");
    }

    /** What is truly only named in the method and does not fit is still marked. */
    @Test
    void whatNobodyListedIsStillJudged() {
        List<String> said = words("""
                Leek bake
                500 g leeks
                300 ml oat cream
                300 g lasagna noodles
                Method
                1. Boil the noodles for 8 minutes. Simmer the leeks in the oat cream for 10 minutes and stir in an egg.
                2. Layer the noodles and the leeks in a 2-litre dish. Bake at 190C for 30 minutes.
                """, Need.VEGAN);
        assertThat(said).anyMatch(w -> w.contains("noodles") || w.contains("sheets"));
        assertThat(said).noneMatch(w -> w.contains("stir in an egg"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "GLUTEN_FREE | Arrange 8 tortilla halves in the dish | 8 maize tortilla halves",
                "VEGAN | Put in a buttered dish | in an oiled dish",
                "NUT_FREE | Roll the beans into balls the size of a walnut and lay in a dish | the size of a marble",
                "VEGAN | Roll the tortillas up, butter them and lay in a dish | oil them",
                "VEGAN | Butter the bread and lay in a dish | Spread the plant block on the bread",
                "VEGAN | Butter both sides of each slice | on both sides of each slice"
            })
    void whatTakesAPlaceFitsItsSentence(Need need, String method, String fitted) {
        List<String> said = words("""
                Bake
                12 corn tortillas, halved
                400 g black beans
                40 g butter
                Method
                1. Warm the beans. %s. Spoon over the beans. Bake at 190C for 30 minutes.
                """.formatted(method), need);
        assertThat(String.join(" ", said)).contains(fitted);
    }
}
