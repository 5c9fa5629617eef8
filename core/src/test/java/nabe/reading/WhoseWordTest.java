package nabe.reading;

import static nabe.reading.Told.rule;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import nabe.recipe.Procedure.Step;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** Whose a word is where two things might have it: the lid of the pan or of the dish, half way of the bake or of a stir. */
class WhoseWordTest {
    private static final String STEW = """
            Lamb bake
            Serves 4

            800 g lamb shoulder, diced
            2 tbsp oil
            2 onions, sliced
            2 leeks, sliced
            400 g passata
            100 g feta, crumbled
            Method
            """;

    private static Told stew(String method) {
        return Told.of(STEW + method);
    }

    private static List<Step> steps(Told told, int pot) {
        return told.procedure().components().get(pot).steps();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Bake at 180C, uncovered, 20-25 mins, stirring once halfway. | 180 20–25 stirred",
                "Bake at 180C for 40 minutes, covered, uncovering it halfway. | 180 covered 20; 180 20",
                "Bake at 180C, uncovered, for 30 minutes, turning the dish halfway. | 180 30"
            })
    void halfwayIsOfWhatStandsBesideIt(String bake, String oven) {
        String before = "Brown the lamb and onions in the oil. Add the passata and simmer for 1 hour. "
                + "Turn into a 2 litre dish and scatter over the feta. ";

        assertThat(stew(before + bake).oven()).isEqualTo(oven);
    }

    @Test
    void theLidOfAPanIsNotTheDishs() {
        Told told = stew("Brown the lamb in the oil and put it in a 20 x 30 cm baking dish. "
                + "Fry the onions in the same pan. Add the leeks, cover and sweat for 8 mins. Stir in the passata. "
                + "Pour over the lamb and scatter over the feta. Bake at 190C for 40 minutes.");

        assertThat(told.oven()).isEqualTo("190 40");
        assertThat(told.layers()).isEqualTo("shoulder; onions; feta");
    }

    @Test
    void theLastHalfHourIsWithinTheWhole() {
        Told told = stew(
                "Brown the lamb and onions in the oil, add the passata, cover and cook for 2 hours, "
                        + "taking the lid off for the last half hour. Turn into a 2 litre dish, scatter over the feta and bake at 200C for 15 minutes.");

        assertThat(steps(told, 0).stream()
                        .filter(s -> s.minutes() != null)
                        .map(s -> s.minutes().max()))
                .containsExactly(120.0);
    }

    @Test
    void whatIsSaidOfAStepIsSaidOnce() {
        Told told = stew(
                "Put the lamb in a pan with the passata and simmer for 1 hour. Lift the lamb out, "
                        + "tear it into large pieces; strain the sauce into a jug. "
                        + "Put the lamb in a 2 litre dish, pour over the sauce, scatter over the feta and bake at 200C for 15 minutes.");

        String words = String.join(
                " ",
                told.procedure().components().stream()
                        .flatMap(c -> c.steps().stream())
                        .map(Step::words)
                        .toList());
        assertThat(words.split("tear it into large pieces", -1)).hasSize(2);
    }

    static Stream<Arguments> rules() {
        return Stream.of(
                rule(
                        "the general word is another's than the one just named in full",
                        """
                        400 g cooked chicken, shredded
                        200 g cream cheese
                        200 g pepper Jack, grated
                        8 corn tortillas
                        500 ml salsa
                        """,
                        """
                        Mix the chicken with the cream cheese and half of the cheese.
                        Fill the tortillas, roll up and lay in a 20 x 30 cm dish. Pour over the salsa and scatter with the remaining cheese.
                        Bake at 190C for 25 minutes.
                        """,
                        "chicken cheese 1/2:jack; tortillas; salsa; 1/2:jack",
                        "tortillas; chicken inside; salsa; jack"),
                rule(
                        "what a heading with a verb names is what is worked under it",
                        """
                        2 courgettes, sliced
                        2 aubergines, sliced
                        3 tbsp olive oil
                        400 g passata
                        100 g feta, crumbled
                        """,
                        """
                        Roast the vegetables: toss them with the oil, spread over two trays and roast at 220C for 30 minutes.
                        Lay them in a 20 x 30 cm dish, pour over the passata and scatter with the feta.
                        Bake at 190C for 25 minutes.
                        """,
                        "courgettes aubergines oil; passata; feta",
                        "courgettes; passata; feta"),
                rule(
                        "the remaining of a list is what remains of each",
                        """
                        400 g sausage
                        400 g bread, in cubes
                        200 g cheddar, grated
                        6 eggs
                        500 ml milk
                        """,
                        """
                        Brown the sausage in a pan.
                        Arrange half the bread in a 20 x 30 cm dish. Scatter with half the sausage and half the cheese. Repeat with the remaining bread, sausage and cheese.
                        Whisk the eggs with the milk and pour over. Bake at 180C for 45 minutes.
                        """,
                        "sausage; bread; cheddar; eggs milk",
                        "1/2:bread; 1/2:sausage; 1/2:cheddar; 1/2:bread; 1/2:sausage; 1/2:cheddar; eggs"),
                rule(
                        "to butter bread is to put butter on it",
                        """
                        40 g butter
                        3 leeks, sliced
                        8 slices bread
                        4 eggs
                        300 ml milk
                        """,
                        """
                        Cook the leeks in a third of the butter for 15 minutes.
                        Butter the bread with what is left and lay half of it in a 1.5 litre dish. Leeks on top, then the rest of the bread.
                        Whisk the eggs and milk and pour over. Bake at 180C for 35 minutes.
                        """,
                        "leeks 1/3:butter; bread 2/3:butter; eggs milk",
                        "1/2:bread; leeks; 1/2:bread; eggs"),
                rule(
                        "a few spoons out of a jar leave the rest of it",
                        """
                        400 g jar tomato sauce
                        500 g mushrooms, sliced
                        9 lasagna sheets
                        """,
                        """
                        Fry the mushrooms for 8 minutes.
                        Spread a few spoons of tomato sauce over the base of a 30 x 20 cm dish. Lay a third of the sheets, half the mushrooms and half of the remaining tomato sauce. Repeat. Finish with the rest of the sheets.
                        Bake at 180C for 35 minutes.
                        """,
                        "mushrooms; sauce; sheets",
                        "8%:sauce; 1/3:sheets; 1/2:mushrooms; 46%:sauce; 1/3:sheets; 1/2:mushrooms; 46%:sauce; 1/3:sheets"),
                rule(
                        "what a dish is rubbed with is the dish's",
                        """
                        1 kg potatoes, sliced
                        500 ml cream
                        1 clove garlic
                        15 g butter
                        80 g gruyère, grated
                        """,
                        """
                        Rub the inside of a 2-litre gratin dish with the garlic and then with the butter.
                        Simmer the potatoes in the cream for 5 minutes. Tip into the dish and scatter on the gruyère.
                        Bake at 160C for 1 hour.
                        """,
                        "potatoes cream; gruyère",
                        "potatoes; gruyère"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rules")
    void aWordIsOfTheThingItIsSaidOf(String rule, String text, String pots, String layers) {
        Told told = Told.of(text);

        assertThat(told.pots()).isEqualTo(pots);
        assertThat(told.layers()).isEqualTo(layers);
        assertThat(told.procedure().doubts()).isEmpty();
    }

    @Test
    void whatSoftensOnASheetIsNotTheDishInTheOven() {
        Told told = Told.of("""
                Enchiladas
                Serves 4

                8 corn tortillas
                2 tbsp oil
                400 g cooked chicken, shredded
                500 ml salsa
                150 g cheddar, grated
                Method
                Heat the oven to 190C. Spread a quarter of the salsa in a 20 x 30 cm dish.
                Brush the tortillas with the oil; place on a baking sheet and bake until pliable, 3 min.
                Fill the tortillas with the chicken, roll up and lay in the dish. Pour over the rest of the salsa and scatter with the cheese.
                Bake, covered, 20 min. Uncover and bake 10 min more.
                """);

        assertThat(told.oven()).isEqualTo("190 covered 20; 190 10");
        assertThat(told.layers()).isEqualTo("1/4:salsa; tortillas; chicken inside; 3/4:salsa; cheddar");
    }

    @ParameterizedTest
    @CsvSource({"Filling --, filling", "## Filling, filling", "Filling:, filling", "FILLING —, filling"})
    void aHeadingIsCalledWithoutItsMarks(String heading, String name) {
        Told told = Told.of(
                "Pie\n\n" + heading
                        + "\n400 g lamb mince\n1 onion, chopped\n\nTop\n320 g puff pastry\n\nMethod\n"
                        + "Brown the lamb with the onion and tip the filling into a 1 litre dish. Lay the pastry on top and bake at 200C for 30 minutes.\n");

        assertThat(told.procedure().components().getFirst().name()).isEqualTo(name);
    }

    @Test
    void howAloneHeadsTheMethod() {
        Told told = Told.of(
                "Lamb supper\n\nwhat you need\n400 g lamb mince\n1 onion, chopped\n320 g puff pastry\n\nhow\n"
                        + "Brown the lamb with the onion and tip into a 1 litre dish.\nLay the pastry on top and bake at 200C for 30 minutes.\n");

        assertThat(told.recipe().lines()).hasSize(3);
        assertThat(told.layers()).isEqualTo("mince; pastry");
    }
}
