package nabe.reading;

import static nabe.reading.Told.rule;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import nabe.recipe.Procedure.DoubtCode;
import nabe.recipe.Procedure.Fate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What short texts leave unsaid, one rule a row: who is meant by all, everything, the rest, and nothing at all. */
class TerseMethodsTest {
    static Stream<Arguments> rules() {
        return Stream.of(
                rule(
                        "a sauce that is made is a pot of its own",
                        """
                        500 g spinach
                        40 g butter
                        40 g plain flour
                        500 ml milk
                        """,
                        """
                        Wilt the spinach. Make a white sauce with the butter, flour and milk.
                        Spread the spinach in a dish, pour over the sauce and bake at 190C for 30 minutes.
                        """,
                        "spinach; butter flour milk",
                        "spinach; butter"),
                rule("all but is everything else", """
                        300 g cooked rice
                        400 g broccoli
                        200 ml soured cream
                        150 g cheddar, cubed
                        100 g crackers, crushed
                        """, """
                        Mix all but the crackers, turn into a 2 litre dish and top with the crackers. Bake at 180C for 30 minutes.
                        """, "rice broccoli cream cheddar; crackers", "rice; crackers"),
                rule(
                        "everything for a heading is what stands under it",
                        """
                        For the filling
                        300 g shredded chicken
                        100 g cream cheese
                        1 tsp cumin
                        To assemble
                        8 flour tortillas
                        400 g salsa
                        """,
                        """
                        Mix everything for the filling. Fill the tortillas, roll them up and lay them in a dish. Pour over the salsa. Bake at 190C for 20 minutes.
                        """,
                        "chicken cheese cumin; tortillas; salsa",
                        "tortillas; chicken inside; salsa"),
                rule(
                        "what is fried is not fried in the water another was boiled in",
                        """
                        350 g penne
                        400 g diced chicken
                        1 onion, chopped
                        400 g passata
                        """,
                        """
                        Boil the penne. Fry the chicken and the onion, add the passata and simmer for 10 minutes.
                        Fold in the penne, tip into a dish and bake at 190C for 20 minutes.
                        """,
                        "penne; chicken onion passata; <penne> <chicken>",
                        "chicken"),
                rule(
                        "of two butters the one that stands with the flour goes into the crust",
                        """
                        Filling
                        30 g butter
                        600 g diced chicken
                        200 ml chicken stock
                        Crust
                        200 g plain flour
                        100 g cold butter
                        """,
                        """
                        Rub the butter into the flour and chill the dough. Simmer the filling for 15 minutes.
                        Spoon the filling into a pie dish and lay the crust over it. Bake at 200C for 35 minutes.
                        """,
                        "butter flour; butter chicken stock",
                        "butter; butter"),
                rule(
                        "two bowls are two until one is poured into the other",
                        """
                        150 g cornmeal
                        100 g plain flour
                        1 tbsp baking powder
                        250 ml buttermilk
                        1 egg
                        """,
                        """
                        Mix the cornmeal, flour and baking powder in a bowl. In a jug beat the buttermilk and the egg.
                        Pour onto the dry ingredients and stir. Spread in a dish and bake at 200C for 25 minutes.
                        """,
                        "cornmeal flour powder buttermilk egg",
                        "cornmeal"),
                rule(
                        "slices fried one after the other stay apart",
                        """
                        2 large aubergines
                        3 potatoes
                        4 tbsp olive oil
                        """,
                        """
                        Slice the aubergines. Slice the potatoes. Fry the potatoes in the oil, then the aubergines.
                        Lay the potatoes in a dish, then the aubergines. Bake at 180C for 30 minutes.
                        """,
                        "aubergines; potatoes oil",
                        "potatoes; aubergines"),
                rule(
                        "what was browned out of the way is in its pot again",
                        """
                        1 kg braising steak
                        3 tbsp oil
                        2 onions, sliced
                        500 ml stout
                        500 g puff pastry
                        """,
                        """
                        Brown the steak in 2 tbsp of the oil and set aside. Fry the onions in the remaining oil for 8 minutes. Return the steak, add the stout and simmer for 2 hours.
                        Spoon into a pie dish and cover with the pastry. Bake at 200C for 30 minutes.
                        """,
                        "onions oil steak stout; pastry",
                        "onions; pastry"),
                rule(
                        "layered three times is three rounds",
                        """
                        9 lasagne sheets
                        800 g tomato sauce
                        400 g ricotta
                        150 g mozzarella
                        """,
                        """
                        Layer the tomato sauce, sheets and ricotta three times in a 30 x 20 cm dish and top with the mozzarella. Bake at 190C for 35 minutes.
                        """,
                        "sauce; sheets; ricotta; mozzarella",
                        "1/3:sauce; 1/3:sheets; 1/3:ricotta; 1/3:sauce; 1/3:sheets; 1/3:ricotta; 1/3:sauce; 1/3:sheets; 1/3:ricotta; mozzarella"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rules")
    void isRead(String rule, String text, String pots, String layers) {
        Told told = Told.of(text);
        assertThat(sorted(told.pots())).as(rule).isEqualTo(sorted(pots));
        assertThat(told.layers()).as(rule).isEqualTo(layers);
    }

    /** The order in which things go into a pot, and pots are begun, is not what these rules are about. */
    private static String sorted(String pots) {
        return Stream.of(pots.split("; "))
                .map(p -> String.join(
                        " ",
                        Stream.of(p.replaceAll("\\S*:", "").split(" ")).sorted().toList()))
                .sorted()
                .toList()
                .toString();
    }

    @Test
    void whatIsMadeAndNeverLaidLiesAsInSuchDishesAndIsDoubted() {
        Told told = Told.of("""
                Moussaka
                1 kg aubergines, sliced
                For the meat
                700 g lamb mince
                400 g tin tomatoes
                For the white sauce
                75 g butter
                75 g plain flour
                600 ml milk

                Heat the oven to 180C. Brown the lamb with the tomatoes and simmer for 40 minutes. Bake for 45 minutes.
                """);
        assertThat(told.layers()).isEqualTo("aubergines; mince; butter");
        assertThat(told.procedure().doubts()).anyMatch(d -> d.code() == DoubtCode.NOTHING_LAID);
    }

    @Test
    void aGravyThatIsNeverNamedIsEatenBesideTheDish() {
        Told told = Told.of("""
                Sausages in batter
                8 sausages
                For the batter
                140 g plain flour
                4 eggs
                200 ml milk
                For the gravy
                2 onions, sliced
                500 ml beef stock

                Whisk the batter ingredients. Put the sausages in a roasting tin and cook at 220C for 15 minutes. Pour in the batter and bake for 35 minutes.
                """);
        assertThat(told.layers()).isEqualTo("sausages; flour late");
        assertThat(told.procedure().beside())
                .singleElement()
                .satisfies(b -> assertThat(b.use()).isEqualTo(Fate.SERVED_BESIDE));
    }
}
