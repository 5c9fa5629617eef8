package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import nabe.larder.Larder;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import nabe.recipe.RecipeReader;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ProcedureReaderTest {
    private static final RecipeReader RECIPES = new RecipeReader(Larder.load());
    private static final ProcedureReader READER = new ProcedureReader();
    private static final String LASAGNE = """
            Meat lasagne

            For the meat sauce:
            1 onion, chopped
            500 g beef mince
            400 g tin chopped tomatoes

            For the white sauce:
            60 g butter
            60 g plain flour
            800 ml milk
            120 g cheddar, grated

            To build:
            12 lasagne sheets

            Method
            1. Soften the onion for 10 minutes. Add the mince and fry for 5 minutes, then stir in the tomatoes and simmer for 40 minutes.
            2. Melt the butter in a saucepan, add the flour and cook for 2 minutes. Whisk in the milk and simmer for 5 minutes. Beat in two thirds of the cheddar.
            3. Heat the oven to 190C/170C fan.
            4. Spread a third of the meat over the base of a dish. Lay 4 sheets on it, then spoon over a third of the white sauce. Repeat twice.
            5. Scatter the rest of the cheddar on top. Cover with foil and bake for 25 minutes. Take off the foil and bake for another 20 minutes. Leave to stand for 15 minutes.
            """;

    private static Procedure read(String text) {
        Recipe recipe = RECIPES.read(text);
        return READER.read(recipe.lines(), recipe.steps());
    }

    @Test
    void whatCooksInOnePotIsOneComponent() {
        Procedure procedure = read(LASAGNE);
        List<Set<Integer>> pots = procedure.components().stream()
                .map(c -> c.of().stream().map(Procedure.Of::line).collect(Collectors.toSet()))
                .toList();
        assertThat(pots).contains(Set.of(0, 1, 2), Set.of(3, 4, 5, 6));
    }

    @Test
    void sharesRepeatsAndTheBakeAreAsTheTextSays() {
        Procedure procedure = read(LASAGNE);
        assertThat(procedure.layers()).hasSize(10);
        assertThat(procedure.layers().subList(0, 9))
                .allSatisfy(l -> assertThat(l.share()).isCloseTo(1 / 3.0, within(0.01)));
        assertThat(procedure.oven())
                .extracting(
                        Procedure.OvenPhase::celsius,
                        Procedure.OvenPhase::covered,
                        p -> p.minutes().min())
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(190.0, true, 25.0),
                        org.assertj.core.groups.Tuple.tuple(190.0, false, 20.0));
        assertThat(procedure.rest()).isEqualTo(new Procedure.Minutes(15, 15));
    }

    private static void addsUp(Procedure procedure, String text) {
        Map<Integer, Double> lines = new HashMap<>();
        Map<String, Double> placed = new HashMap<>();
        procedure
                .components()
                .forEach(c -> c.of().forEach(o -> {
                    if (o.line() != null) {
                        lines.merge(o.line(), o.share(), Double::sum);
                    } else {
                        placed.merge(o.component(), o.share(), Double::sum);
                    }
                }));
        procedure.layers().forEach(l -> placed.merge(l.of(), l.share(), Double::sum));
        assertThat(lines.values())
                .as(text)
                .allSatisfy(share -> assertThat(share).isBetween(0.0, 1.01));
        assertThat(placed.values())
                .as(text)
                .allSatisfy(share -> assertThat(share).isBetween(0.0, 1.01));
        Set<String> ids =
                procedure.components().stream().map(Procedure.Vessel::id).collect(Collectors.toSet());
        assertThat(ids)
                .as(text)
                .containsAll(
                        procedure.layers().stream().map(Procedure.Placement::of).toList());
    }

    @Test
    void nothingIsSpentTwiceWhateverTheText() {
        Random random = new Random(10);
        for (String text : Recipes.all()) {
            addsUp(read(text), text);
            Recipe recipe = RECIPES.read(text);
            for (int n = 0; n < 20; n++) {
                List<String> steps = recipe.steps().stream()
                        .map(step -> {
                            List<String> words = new java.util.ArrayList<>(List.of(step.split(" ")));
                            java.util.Collections.swap(
                                    words, random.nextInt(words.size()), random.nextInt(words.size()));
                            return String.join(" ", words);
                        })
                        .toList();
                addsUp(READER.read(recipe.lines(), steps), String.join("\n", steps));
            }
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "simmer for 8–10 minutes | 8 | 10",
                "bake 1 hour | 60 | 60",
                "1 hr 15 | 75 | 75",
                "an hour and a quarter | 75 | 75",
                "half an hour | 30 | 30",
                "1½ hours | 90 | 90",
                "12-15 mins | 12 | 15"
            })
    void durationsAreRead(String words, double min, double max) {
        assertThat(Times.in(words)).isEqualTo(new Procedure.Minutes(min, max));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "half of the | 0.5",
                "two thirds of the | 0.6667",
                "¾ of the | 0.75",
                "a quarter of the | 0.25",
                "most of the | 0.8"
            })
    void fractionsAreRead(String before, double share) {
        assertThat(Portion.before(before + " ").share()).isCloseTo(share, within(0.001));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Foil on, 30 mins. Foil off, 15 mins. | true 30 false 15",
                        "Bake, uncovered, for 40 minutes. | false 40",
                "Bake for 45 minutes. Cover with foil if it browns too fast. | false 45",
                        "Cover tightly with foil and bake 1 hour, stirring after 20 minutes. | true 60",
                "Bake for 25 minutes, then 3 minutes under the grill. | false 25 grill 3"
            })
    void theOvenIsReadPhaseByPhase(String text, String phases) {
        OvenReader oven = new OvenReader();
        for (String sentence : text.split("(?<=\\.)\\s+")) {
            oven.take(sentence, List.of());
        }
        String read = oven.phases().stream()
                .map(p -> (p.kind().equals("grill") ? "grill" : String.valueOf(p.covered())) + " "
                        + Math.round(p.minutes().min()))
                .collect(Collectors.joining(" "));
        assertThat(read).isEqualTo(phases);
    }
}
