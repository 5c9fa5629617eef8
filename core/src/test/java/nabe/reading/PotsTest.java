package nabe.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import nabe.recipe.Procedure.DoubtCode;
import nabe.recipe.Procedure.Fate;
import nabe.recipe.Procedure.GoesIn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** Which pots a method fills, one rule a row. */
class PotsTest {
    private static Arguments rule(String rule, String lines, String method, String pots) {
        return Arguments.of(rule, "Supper bake\nServes 4\n\n" + lines + "\nMethod\n" + method + "\n", pots);
    }

    static Stream<Arguments> rules() {
        return Stream.of(
                rule("a heading stands for its things", """
                        For the filling
                        500 g beef mince
                        400 g tin chopped tomatoes
                        For the white sauce
                        50 g butter
                        50 g plain flour
                        600 ml milk
                        """, """
                        Brown the mince, add the tomatoes and simmer for 20 minutes.
                        Make the white sauce.
                        Spoon the mince into a 2 litre dish and pour over the sauce. Bake at 190C for 30 minutes.
                        """, "mince tomatoes; butter flour milk"),
                rule(
                        "what stands under a heading and is named by itself later is not in it",
                        """
                        For the filling
                        500 g beef mince
                        1 onion, chopped
                        For the batter
                        100 g plain flour
                        2 eggs
                        150 ml milk
                        80 g cheddar, grated
                        """,
                        """
                        Fry the mince and the onion for 10 minutes and put them in a 2 litre dish.
                        Whisk the batter ingredients and pour over. Scatter the cheddar on top. Bake at 190C for 30 minutes.
                        """,
                        "mince onion; flour eggs milk; cheddar"),
                rule("slices go through egg and crumbs", """
                        2 aubergines, sliced
                        100 g panko
                        2 eggs
                        600 g passata
                        200 g mozzarella
                        """, """
                        Put the panko on a plate. Beat the eggs in a bowl. Dip the aubergines in the egg, then in the panko.
                        Lay them on a baking sheet and bake at 200C for 20 minutes.
                        Spread the passata in a 2 litre dish, top with the aubergines and the mozzarella. Bake at 190C for 25 minutes.
                        """, "aubergines eggs panko; passata; mozzarella"),
                rule(
                        "what lies on one tray and is laid by itself later stays apart",
                        """
                        500 g potatoes
                        2 aubergines
                        2 tbsp olive oil
                        600 g passata
                        """,
                        """
                        Slice the potatoes and aubergines, lay them on a baking sheet, brush with the oil and bake at 200C for 25 minutes.
                        Put the potatoes in a 2 litre dish, pour over half the passata, add the aubergines and the rest of the passata. Bake at 180C for 40 minutes.
                        """,
                        "potatoes 1/2:oil; aubergines 1/2:oil; passata"),
                rule("both are the two that were cut last", """
                        300 g mushrooms
                        1 shallot
                        20 g butter
                        500 g potatoes
                        """, """
                        Slice the mushrooms, chop the shallot and cook both in the butter for 10 minutes.
                        Spread them in a 2 litre dish and cover with the potatoes, sliced. Bake at 190C for 60 minutes.
                        """, "mushrooms shallot butter; potatoes"),
                rule(
                        "a sauce is the one called so, not a spoonful of another",
                        """
                        For the mince
                        500 g beef mince
                        1 tbsp Worcestershire sauce
                        For the top
                        40 g butter
                        40 g plain flour
                        500 ml milk
                        """,
                        """
                        Brown the mince and add the Worcestershire sauce.
                        For the sauce, melt the butter, stir in the flour and whisk in the milk.
                        Ladle the mince into a 2 litre dish and pour over the sauce. Bake at 190C for 30 minutes.
                        """,
                        "mince sauce; butter flour milk"),
                rule(
                        "tuna in water is no water, and a dough's salt seasons no filling",
                        """
                        For the filling
                        2 tins tuna in spring water, drained
                        300 ml milk
                        For the dough
                        200 g plain flour
                        1 tsp salt
                        100 g butter
                        """,
                        """
                        Warm the milk, stir in the tuna and loosen with a splash of water. Season with salt. Tip into a 1 litre dish.
                        Rub the butter into the flour and salt and roll out. Lay over the filling. Bake at 200C for 30 minutes.
                        """,
                        "milk water; butter flour salt"),
                rule(
                        "a cup of warm water to soak in comes from the tap",
                        """
                        200 g polenta
                        1 l water
                        10 g dried porcini
                        300 g mixed mushrooms
                        20 g butter
                        """,
                        """
                        Boil the water, rain in the polenta and stir for 5 minutes. Spread on a tray to set.
                        Soak the porcini in a cup of warm water for 20 minutes. Melt the butter, add the mushrooms and the porcini and cook for 8 minutes.
                        Line a 2 litre dish with the polenta and top with the mushrooms. Bake at 190C for 30 minutes.
                        """,
                        "water polenta; butter mushrooms porcini"),
                rule(
                        "flour not used yet is meant before the sauce that holds some",
                        """
                        For the filling
                        500 g diced chicken
                        20 g butter
                        2 tbsp plain flour
                        300 ml chicken stock
                        For the crumble
                        150 g wholemeal flour
                        75 g cold butter
                        50 g rolled oats
                        """,
                        """
                        Melt the butter, fry the chicken, stir in the flour and the stock and simmer for 15 minutes. Tip into a 2 litre dish.
                        Rub the butter into the flour and add the oats. Scatter over. Bake at 190C for 30 minutes.
                        """,
                        "butter chicken flour stock; butter flour oats"),
                rule(
                        "vegetables boiled by themselves later are not among 'the vegetables'",
                        """
                        900 g potatoes
                        500 g beef mince
                        1 onion, chopped
                        2 carrots, diced
                        50 g butter
                        """,
                        """
                        Brown the mince. Add the vegetables and cook for 15 minutes.
                        Boil the potatoes and mash with the butter.
                        Tip the mince into a 2 litre dish and top with the mash. Bake at 200C for 30 minutes.
                        """,
                        "mince onion carrots; potatoes butter"),
                rule("a roast is not the pot on the stove", """
                        2 aubergines, sliced
                        200 g green lentils
                        3 tbsp olive oil
                        400 g tin chopped tomatoes
                        """, """
                        Roast the aubergines in the oil at 200C for 25 minutes. Simmer the lentils and the tomatoes for 30 minutes.
                        Layer the aubergines and the lentils in a 2 litre dish. Bake at 180C for 35 minutes.
                        """, "aubergines oil; lentils tomatoes"),
                rule("a list that is beaten while building begins a bowl", """
                        500 g beef mince
                        400 g tin chopped tomatoes
                        300 g yogurt
                        2 eggs
                        """, """
                        Brown the mince, add the tomatoes and simmer for 20 minutes. Spoon into a 2 litre dish.
                        Beat the yogurt and eggs and pour over. Bake at 180C for 35 minutes.
                        """, "mince tomatoes; yogurt eggs"),
                rule("'combine' alone takes all that was made", """
                        400 g penne
                        500 g beef mince
                        500 g passata
                        """, """
                        Boil the penne for 9 minutes. Brown the mince and add the passata.
                        Combine. Tip into a 2 litre dish. Bake at 190C for 30 minutes.
                        """, "penne; mince passata; <penne> <mince>"),
                rule(
                        "a part stirred in is a part, the rest goes where it is said",
                        """
                        400 g penne
                        500 g passata
                        150 g cheddar, grated
                        """,
                        """
                        Boil the penne for 9 minutes and drain. Simmer the passata for 10 minutes in another pan and stir in a third of the cheddar.
                        Spread half the passata in a 2 litre dish, then the penne, then the rest of the passata. Scatter over the rest of the cheddar. Bake at 190C for 30 minutes.
                        """,
                        "penne; passata 1/3:cheddar; 2/3:cheddar"),
                rule("what is drawn off is there again", """
                        500 g haddock
                        600 ml milk
                        50 g butter
                        50 g plain flour
                        """, """
                        Poach the haddock in the milk for 8 minutes. Strain the milk into a jug.
                        Melt the butter in a pan, stir in the flour, then whisk in the milk and simmer for 5 minutes.
                        Put the haddock in a 2 litre dish and pour over the sauce. Bake at 190C for 30 minutes.
                        """, "haddock; butter flour milk"),
                rule("fat that greases is in no pot", """
                        500 g potatoes, sliced
                        300 ml double cream
                        10 g butter
                        """, """
                        Grease a 2 litre dish with the butter. Warm the cream.
                        Layer the potatoes in the dish and pour over the cream. Bake at 180C for 60 minutes.
                        """, "cream; potatoes"));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rules")
    void everyPotHoldsWhatTheMethodPutsIn(String rule, String text, String pots) {
        assertThat(Told.of(text).pots()).isEqualTo(pots);
    }

    @Test
    void aHeadedGroupTheMethodNeverNamesIsAPotOfItsOwnAndInDoubt() {
        Told told = Told.of("""
                Moussaka
                Serves 6
                For the meat
                700 g lamb mince
                400 g tin tomatoes
                For the white sauce
                75 g butter
                75 g plain flour
                600 ml milk
                Method
                Brown the lamb and simmer it with the tomatoes for 40 minutes.
                Bake at 180C for 45 minutes until deep gold.
                """);
        assertThat(told.pots()).isEqualTo("mince tomatoes; butter flour milk");
        assertThat(told.procedure().doubts())
                .filteredOn(d -> d.code() == DoubtCode.LINE_NOT_NAMED)
                .hasSize(3);
    }

    @Test
    void whatIsKeptIsBesideAndTheColdDishGoesInCold() {
        Told told = Told.of("""
                Ragu bake
                Serves 6
                500 g penne
                700 g beef mince
                700 g passata
                Method
                Boil the penne for 9 minutes and drain. Brown the mince in a pan, add the passata and simmer for 40 minutes.
                Freeze half of the ragu. Spread the penne in a 2 litre dish and spoon over the rest of the ragu.
                Cover and chill overnight in the fridge. Bake at 180C for 45 minutes.
                """);
        assertThat(told.procedure().beside()).singleElement().satisfies(b -> {
            assertThat(b.use()).isEqualTo(Fate.FROZEN);
            assertThat(b.share()).isEqualTo(0.5);
        });
        assertThat(told.layers()).isEqualTo("penne; 1/2:mince");
        assertThat(told.procedure().goesIn()).isEqualTo(GoesIn.FRIDGE);
    }
}
