package nabe.reading;

import static nabe.reading.Told.rule;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What goes where, one rule a row: out of the bottle or out of the pot, in which round, and what is left on the list. */
class LaidAndLeftTest {
    static Stream<Arguments> rules() {
        return Stream.of(
                rule(
                        "oil out of the bottle is not the pot that was fried in it",
                        """
                        3 tbsp olive oil
                        2 aubergines, sliced
                        1 onion, chopped
                        400 g lamb mince
                        400 g tin chopped tomatoes
                        """,
                        """
                        Brush the aubergines with oil and roast at 220C for 20 minutes.
                        For the sauce fry onion in a little oil, add the mince and brown it. Add the tomatoes and simmer for 20 minutes.
                        Layer the aubergines and the sauce in a 20 x 30 cm dish. Bake at 180C for 30 minutes.
                        """,
                        "aubergines 1/2:oil; onion 1/2:oil mince tomatoes",
                        "aubergines; onion"),
                rule(
                        "what evaporates is not what is added then",
                        """
                        1 onion, chopped
                        500 g beef mince
                        150 ml red wine
                        400 g passata
                        400 g rigatoni
                        100 g cheddar, grated
                        """,
                        """
                        Brown the mince with the onion. Pour in the wine and when it evaporates add the passata. Simmer for 20 minutes.
                        Boil the rigatoni, drain and stir into the sauce. Turn into a 2 litre dish, scatter over the cheddar and bake at 200C for 20 minutes.
                        """,
                        "mince onion wine passata; rigatoni; <mince> <rigatoni>; cheddar",
                        "mince; cheddar"),
                rule(
                        "a little of a sauce under everything is a film, and the sauce after it all the rest",
                        """
                        200 g spinach
                        250 g ricotta
                        200 g cannelloni tubes
                        For the white sauce
                        40 g butter
                        40 g plain flour
                        500 ml milk
                        """,
                        """
                        Wilt the spinach and mix it with the ricotta. Prepare a white sauce with the butter, the flour and the milk.
                        Spread a little white sauce over the base of a 20 x 30 cm dish. Fill the cannelloni and lay them in a row. Cover with the white sauce. Bake at 180C for 35 minutes.
                        """,
                        "spinach ricotta; butter flour milk; tubes",
                        "8%:butter; tubes; spinach inside; 92%:butter"),
                rule(
                        "the rim is brushed with some of the egg, and the top with the rest",
                        """
                        600 g stewing steak
                        400 ml beef stock
                        300 g self-raising flour
                        150 g shredded suet
                        200 ml cold water
                        1 egg, beaten
                        """,
                        """
                        Simmer the steak in the stock for 2 hours. Leave until cold.
                        Mix the flour and suet and stir in the water to make a soft dough. Spoon the filling into a pie dish.
                        Brush the rim of the dish with some of the egg, lay the dough over and brush with the remaining egg. Bake at 200C for 40 minutes.
                        """,
                        "steak stock; flour suet water; egg",
                        "steak; flour; egg"),
                rule(
                        "a second layer in the same way is one round more",
                        """
                        1 kg potatoes, boiled and sliced
                        2 onions, sliced
                        20 g butter
                        200 ml creme fraiche
                        400 g reblochon
                        """,
                        """
                        Fry the onions in the butter until soft. Put half the potatoes in a gratin dish, then half the onions and half the creme fraiche. Make a second layer in the same way.
                        Lay the reblochon on top and bake at 200C for 20 minutes.
                        """,
                        "onions butter; potatoes; fraiche; reblochon",
                        "1/2:potatoes; 1/2:onions; 1/2:fraiche; 1/2:potatoes; 1/2:onions; 1/2:fraiche; reblochon"),
                rule(
                        "the remaining ingredients are those that nothing else names",
                        """
                        400 g bread, cubed
                        200 g ham, diced
                        150 g cheddar, grated
                        6 eggs
                        500 ml milk
                        1 tbsp mustard
                        """,
                        """
                        Scatter half the bread in a 20 x 30 cm dish; top with half the ham and half the cheddar. Repeat layers.
                        Whisk the remaining ingredients and pour over the top. Bake at 180C for 45 minutes.
                        """,
                        "bread; ham; cheddar; eggs milk mustard",
                        "1/2:bread; 1/2:ham; 1/2:cheddar; 1/2:bread; 1/2:ham; 1/2:cheddar; eggs"),
                rule(
                        "cooked lentils are what was boiled, though the layer they go into is called so",
                        """
                        Lentil layer
                        200 g green lentils
                        1 onion, chopped
                        400 g tin chopped tomatoes
                        Top
                        500 g Greek yogurt
                        2 eggs
                        """,
                        """
                        Simmer the lentils in water for 25 minutes. Drain.
                        Soften the onion for 8 minutes. Add the tomatoes and the cooked lentils and simmer for 10 minutes.
                        Whisk the yogurt and eggs. Spread the lentil mixture in a 20 x 30 cm dish and pour over the topping. Bake at 190C for 35 minutes.
                        """,
                        "onion tomatoes lentils; yogurt eggs",
                        "onion; yogurt"),
                rule(
                        "polenta in stock is no sauce, whatever vegetable the stock is of",
                        """
                        2 red peppers, chopped
                        1 courgette, chopped
                        400 g passata
                        200 g polenta
                        800 ml vegetable stock
                        50 g parmesan, grated
                        """,
                        """
                        Simmer the peppers and courgette in the passata for 20 minutes.
                        Bring the stock to the boil, rain in the polenta and whisk for 5 minutes.
                        Pour half the polenta into a 20 x 30 cm dish, spread with the vegetable sauce, spoon over the rest of the polenta and scatter with the parmesan. Bake at 190C for 25 minutes.
                        """,
                        "peppers courgette passata; stock polenta; parmesan",
                        "1/2:stock; peppers; 1/2:stock; parmesan"),
                rule(
                        "filo that is brushed is laid when it is laid",
                        """
                        500 g chicken, cooked and diced
                        200 ml double cream
                        40 g butter, melted
                        6 sheets filo pastry
                        1 tsp sesame seeds
                        """,
                        """
                        Heat the chicken in the cream and tip into a pie dish. Brush each sheet of filo with the butter, scrunch it up and sit it on top of the filling. Sprinkle with the sesame seeds. Bake at 190C for 25 minutes.
                        """,
                        "chicken cream; pastry butter; seeds",
                        "chicken; pastry; seeds"),
                rule(
                        "half cubed and half grated are two parts of one line",
                        """
                        400 g ziti
                        500 g passata
                        300 g mozzarella, half cut into 1/2-inch cubes, half coarsely grated
                        """,
                        """
                        Boil the ziti for 8 minutes and drain. Mix with the passata and the cubed mozzarella. Spoon into a 3 litre dish and top with the grated mozzarella. Bake at 200C for 25 minutes.
                        """,
                        "ziti passata 1/2:mozzarella; 1/2:mozzarella",
                        "ziti; mozzarella"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rules")
    void goesWhereACookPutsIt(String rule, String text, String pots, String layers) {
        Told told = Told.of(text);
        assertThat(told.pots()).isEqualTo(pots);
        assertThat(told.layers()).isEqualTo(layers);
    }

    @Test
    void aMethodMayStandBehindItsLabelAndTimesOfItAside() {
        Told told = Told.of("""
                Leek gratin
                ~15 mins prep, 40 min cooking
                6 leeks, sliced
                200 ml cream
                80 g gruyere, grated
                Preparation: Steam the leeks for 8 minutes. Lay them in a dish, pour over the cream and scatter with the gruyere. Bake at 190C for 25 minutes.
                """);
        assertThat(told.recipe().lines()).hasSize(3);
        assertThat(told.recipe().steps().getFirst()).startsWith("Steam the leeks");
        assertThat(told.layers()).isEqualTo("leeks; cream; gruyere");
    }
}
