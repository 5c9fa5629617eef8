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
import nabe.reading.text.RecipeReader;
import nabe.recipe.Procedure;
import nabe.recipe.Recipe;
import nabe.testing.Recipes;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

class ProcedureReaderTest {
    private static final int MUTATIONS = 2_000;
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
        Map<Integer, Double> lines = spent(procedure);
        Map<String, Double> placed = new HashMap<>();
        procedure
                .components()
                .forEach(c -> c.of().forEach(o -> {
                    if (o.component() != null) {
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

    @Tag("sweep")
    @Test
    void nothingIsSpentTwiceNorLostWhateverTheText() {
        Random random = new Random(10);
        for (String text : Recipes.all()) {
            Recipe recipe = RECIPES.read(text);
            addsUp(READER.read(recipe.lines(), recipe.steps()), text);
            for (int n = 0; n < MUTATIONS / Recipes.all().size(); n++) {
                List<String> steps = recipe.steps().stream()
                        .map(step -> mutated(step, random))
                        .filter(step -> !step.isBlank())
                        .toList();
                addsUp(READER.read(recipe.lines(), steps), String.join("\n", steps));
            }
        }
    }

    /** A word swapped, dropped, said twice, or a mark lost. */
    private static String mutated(String step, Random random) {
        List<String> words = new java.util.ArrayList<>(List.of(step.split(" ")));
        int at = random.nextInt(words.size());
        switch (random.nextInt(4)) {
            case 0 -> java.util.Collections.swap(words, at, random.nextInt(words.size()));
            case 1 -> words.remove(at);
            case 2 -> words.add(at, words.get(at));
            default -> words.set(at, words.get(at).replaceAll("[.,;:]", ""));
        }
        return String.join(" ", words);
    }

    @Test
    void everyLineGoesWhollySomewhereUnlessItGreasesOrIsServedBeside() {
        for (String text : Recipes.all()) {
            Recipe recipe = RECIPES.read(text);
            Procedure procedure = READER.read(recipe.lines(), recipe.steps());
            Map<Integer, Double> spent = spent(procedure);
            for (int i = 0; i < recipe.lines().size(); i++) {
                String line = recipe.lines().get(i).text();
                if (!line.matches("(?i).*\\b(serving|serve|garnish|for the (dish|pan))\\b.*")) {
                    assertThat(spent.getOrDefault(i, 0.0))
                            .as(recipe.title() + ": " + line)
                            .isCloseTo(1, within(0.01));
                }
            }
            assertThat(procedure.layers()).as(recipe.title()).isNotEmpty();
        }
    }

    private static Map<Integer, Double> spent(Procedure procedure) {
        Map<Integer, Double> spent = new HashMap<>();
        procedure
                .components()
                .forEach(c -> c.of().forEach(o -> {
                    if (o.line() != null) {
                        spent.merge(o.line(), o.share(), Double::sum);
                    }
                }));
        return spent;
    }
}
