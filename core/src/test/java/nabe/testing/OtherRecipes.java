package nabe.testing;

import java.util.List;

/** Vegetables, wraps, bread and casseroles, written in many hands. */
final class OtherRecipes {
    static final String ENCHILADAS = """
            **Chicken Enchiladas**

            *Makes 8*

            ### For the filling
            * 3 cups shredded cooked chicken (from 1 rotisserie bird)
            * 4 oz cream cheese, softened
            * 1 (4-oz.) can diced green chiles
            * 1 tsp each cumin and garlic powder
            * ½ cup chopped cilantro

            ### To assemble
            * 8 flour tortillas (8-inch)
            * 1 (28-oz) can red enchilada sauce
            * 8 ounces Monterey Jack, shredded (about 2 cups)
            * Sliced avocado, sour cream, for serving

            ### Instructions
            1. **Preheat** the oven to 375 F.
            2. Mix everything for the filling.
            3. Spread 1 cup of the sauce in a 13- by 9-inch baking dish. Fill & roll tortillas, place seam-side down.
            4. Pour over remaining sauce, top with cheese. Cover and bake 20 min, then uncover for 10.
            """;
    static final String STRATA = """
            Savoury bread strata with leeks, ham and Gruyere
            Serves 8 to 10
            Butter for the pan
            1 loaf day-old sourdough (about 1 pound), cut in 1-inch cubes (10 cups)
            2 tablespoons unsalted butter
            2 large leeks, white and light green parts only, halved and sliced
            8 ounces thick-cut ham, diced
            8 large eggs
            3 cups half-and-half
            1 tablespoon Dijon mustard
            3/4 teaspoon kosher salt
            2 1/2 cups (10 ounces) grated Gruyère or Swiss cheese
            2 tablespoons chopped chives

            Butter a 3-quart baking dish. Melt butter and cook leeks until soft, 8 minutes.
            Whisk eggs, half-and-half, mustard and salt. Layer bread, leeks, ham, cheese; pour custard over. Refrigerate overnight.
            Bake at 350°F until puffed and golden, 50 to 60 minutes. Let rest 10 minutes.
            """;
    static final String CRUMBLE = """
            Vegetable Crumble
            serves 4

            350g carrots, cut into chunks
            2 parsnips
            1 small cauliflower in florets
            175g broccoli
            50g butter
            50g plain flour
            450ml milk
            100g Cheddar cheese, grated

            Crumble
            100g wholemeal flour
            75g butter
            50g porridge oats
            50g chopped walnuts
            25 g sunflower seeds
            2 tbsp chopped parsley

            Boil the vegetables for 5 minutes. Make a white sauce with butter, flour and milk; stir in the cheese.
            Rub the butter into the flour, stir in the oats, nuts, seeds.
            Bake at 200°C/Gas 6 for 30-35 minutes.
            """;
    static final String CABBAGE = """
            Stuffed Cabbage Rolls Casserole
            Makes 6-8 servings
            1 medium head green cabbage (about 2 lbs), cored and chopped
            1 1/2 pounds ground beef (or half pork)
            1 cup uncooked long-grain rice
            2 (15 ounce) cans tomato sauce
            1 (10.75 ounce) can condensed tomato soup
            1 cup beef broth
            1/2 cup chopped onion
            2 teaspoons minced garlic
            1 Tbsp. packed brown sugar
            1 Tbsp. Worcestershire sauce
            1 egg, lightly beaten
            3/4 tsp. salt
            sour cream and dill for garnish
            Directions
            Preheat oven to 350. Brown beef...
            Spread half the cabbage in a greased 13 x 9 x 2 inch baking dish...
            Cover tightly with foil and bake for 1 hour and 15 minutes.
            """;
    static final String PARMIGIANA = """
            Eggplant Parmigiana

            Serves 8.

            2 large eggplants (about 2½ pounds), sliced into ½-inch rounds
            1 tablespoon kosher salt
            1½ cups panko
            ¾ cup all-purpose flour, for dredging
            3 large eggs, beaten
            ½ cup olive oil, plus more as needed
            4 cups marinara sauce (see recipe)
            1 pound fresh mozzarella, sliced ¼-inch thick
            1¼ cups (about 3 oz) finely grated Parmesan
            ½ cup packed fresh basil leaves, torn

            Salt the eggplant; let stand 45 min. Rinse, pat dry.
            Dredge in flour, egg, panko. Fry in hot oil until golden.
            Layer sauce, eggplant, mozzarella, Parmesan, basil in a 13x9" dish. Bake at 375°, uncovered, until bubbling, 30–35 minutes.
            """;
    static final String GREEN_BEANS = """
            Green bean casserole

            2 (10 1/2 oz) cans cream of mushroom soup
            1 cup milk
            2 teaspoons soy sauce
            1/4 teaspoon ground black pepper
            8 cups cooked cut green beans
            2 2/3 cups French fried onions

            Stir the soup, milk, soy sauce, black pepper, green beans and 1 1/3 cups fried onions in a 3-quart casserole.
            Bake at 350°F for 25 minutes or until the bean mixture is hot and bubbling. Top with remaining onions and bake 5 minutes more.
            """;
    static final String RICE_CASSEROLE = """
            Broccoli, rice and cheese casserole
            6 servings
            1 cup uncooked white rice
            2 (10-ounce) packages frozen broccoli
            1 can cream of celery soup
            1/2 cup mayonnaise
            1 cup sour cream
            8 oz processed cheese, cubed
            1 sleeve round crackers, crushed
            4 tbsp melted butter
            1/2 tsp garlic powder
            Directions
            Preheat oven to 350 degrees. Cook the rice.
            Mix all but crackers and butter, turn into a 2-quart casserole dish.
            Top with crackers and butter. Bake uncovered 30 minutes.
            """;
    static final List<String> ALL =
            List.of(ENCHILADAS, STRATA, CRUMBLE, CABBAGE, PARMIGIANA, GREEN_BEANS, RICE_CASSEROLE);

    private OtherRecipes() {}
}
