package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import nabe.recipe.Procedure;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Work that only the ingredient list asks for is done before the method, and never twice. */
class ListedWorkTest {
    private static final String METHOD =
            "Mix everything but the cheddar in a dish, top with the cheddar and bake 40 min at 180 C.";

    private static List<String> first(String line, String method) {
        return Told.of("Supper\nServes 4\n\n500 g rice\n" + line + "\n200 g cheddar\n\nMethod\n" + method + "\n")
                .procedure()
                .components()
                .stream()
                .flatMap(pot -> pot.steps().stream())
                .filter(step -> step.sentence() < 0)
                .map(Procedure.Step::words)
                .toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6 eggs, hard-boiled | Hard-boil the eggs",
                "1 kg waxy potatoes, boiled in their skins | Boil the waxy potatoes in their skins",
                "1 onion, diced and fried in a little oil | Dice and fry the onion in a little oil",
                "3 potatoes, peeled, boiled and sliced | Peel, boil and slice the potatoes",
                "1 lb ground beef, cooked and drained | Cook and drain the ground beef",
                "2 leeks, softened in butter | Soften the leeks in butter"
            })
    void isAnOrder(String line, String order) {
        assertThat(String.join(" ", first(line, METHOD))).isEqualTo(order);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "200 g lentils, cooked",
                "2 cups chicken, cooked and shredded",
                "100 g butter, softened",
                "1 tin tomatoes, roasted",
                "2 onions, finely chopped"
            })
    void isNoneWhereItIsBoughtSoOrOnlyCut(String line) {
        assertThat(first(line, METHOD)).isEmpty();
    }

    @Test
    void isNoneWhereTheMethodTellsIt() {
        assertThat(first("500 g potatoes, peeled and boiled", "Boil the potatoes. " + METHOD))
                .isEmpty();
    }

    @Test
    void goesInOnce() {
        Procedure procedure = Told.of(
                        "Supper\nServes 4\n\n500 g rice\n2 onions, fried in oil\n200 g cheddar\n\nMethod\n"
                                + "Add the onions to the rice. " + METHOD + "\n")
                .procedure();
        List<Procedure.Of> onions = procedure.components().stream()
                .flatMap(pot -> pot.steps().stream())
                .flatMap(step -> step.uses().stream())
                .filter(of -> of.line() != null && of.line() == 1)
                .collect(Collectors.toList());
        assertThat(onions).hasSize(1);
    }
}
