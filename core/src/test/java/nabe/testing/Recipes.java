package nabe.testing;

import java.util.List;
import java.util.stream.Stream;

/** Whole recipes for the tests, as people write them. */
public final class Recipes {
    public static final String LASAGNA = """
            Spinach lasagna
            Serves 6

            Ingredients
            9 lasagna sheets
            500 g spinach
            2 tbsp olive oil
            1 onion, chopped
            1 x 400g tin chopped tomatoes
            250 g ricotta
            1 egg
            pinch of nutmeg
            125 g mozzarella
            50 g parmesan, grated

            For the white sauce
            40 g butter
            40 g plain flour
            500 ml milk

            Method
            1. Heat the oven to 190C. Oil a 30 x 20 cm dish.
            2. Wilt the spinach. Mix with ricotta and egg.
            3. Make a white sauce with butter, flour and milk.
            4. Layer and cover with foil. Bake for 30 minutes, uncover and bake 15 minutes.
            """;
    public static final String POT_PIE = """
            Chicken pot pie
            6 servings
            FILLING
            - 2 tbsp butter
            - 1 leek, sliced
            - 600 g chicken thighs
            - 1 can (10.5 oz) cream of chicken soup
            - 1 cup chicken broth
            - 2 tsp Worcestershire sauce
            CRUST
            - 1 3/4 cups all-purpose flour
            - 1 stick cold butter
            - 4 tbsp ice water
            - 1 egg, beaten, to glaze
            DIRECTIONS
            1) Rub the butter into the flour, add water, chill the dough.
            2) Simmer the filling 15 minutes. Roll out the crust and lay it over a 9-inch pie dish.
            3) Bake at 400°F for 35 to 40 minutes.
            """;
    public static final String GRATIN = """
            Potato gratin
            Serves 6
            Ingredients
            1.2 kg potatoes, sliced
            300 ml double cream
            250 ml milk
            1 vegetable stock cube
            100 g gruyère
            40 g fresh breadcrumbs
            30 g walnuts, chopped
            salt, pepper and nutmeg
            Method
            Heat the oven to 180 °C. Layer in a 28 cm round dish.
            Cover and bake for 45 minutes. Scatter the crumbs and walnuts, bake uncovered for 25 minutes.
            """;
    public static final String MOUSSAKA = """
            Moussaka
            Serves 6
            1 kg aubergines, sliced
            For the meat
            700 g lamb mince
            2 onions
            1 glass of red wine
            400 g tin tomatoes
            1 beef stock cube
            For the white sauce
            75 g butter
            75 g plain flour
            600 ml milk
            2 eggs
            50 g kefalotyri
            Method
            Heat the oven to 180C. Brown the lamb and simmer it for 40 minutes.
            Bake for 45 minutes until deep gold.
            """;

    /** Every recipe of the tests: all families, British and American, metric and cups. */
    public static List<String> all() {
        return Stream.of(
                        List.of(LASAGNA, POT_PIE, GRATIN, MOUSSAKA),
                        PastaRecipes.ALL,
                        PieRecipes.ALL,
                        OtherRecipes.ALL,
                        HouseholdRecipes.ALL,
                        SupperRecipes.ALL)
                .flatMap(List::stream)
                .toList();
    }

    private Recipes() {}
}
