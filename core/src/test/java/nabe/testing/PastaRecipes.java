package nabe.testing;

import java.util.List;

/** Lasagna-like and pasta, written in many hands. */
final class PastaRecipes {
    static final String TUNA_NOODLE = """
            Mom's Tuna Noodle Casserole

            Prep Time: 15 mins
            Cook Time: 30 mins
            Yield: 6 to 8 servings

            Ingredients:
            12 oz. wide egg noodles
            2 (5 oz) cans tuna, drained
            1 (10 3/4 ounce) can condensed cream of mushroom soup
            1 cup frozen peas
            3/4 cup milk
            1 c. shredded sharp cheddar cheese, divided
            1/2 cup sour cream
            1/4 tsp. pepper
            Topping:
            1 sleeve butter crackers, crushed
            3 T. butter, melted

            Directions:
            Preheat oven to 350 degrees F. Spray a 9x13 pan with cooking spray.
            Cook noodles according to package directions; drain.
            In a large bowl combine soup, milk, sour cream, pepper, tuna, peas and half of the cheese. Fold in noodles.
            Spread in pan. Mix crackers and melted butter and sprinkle on top with remaining cheese.
            Bake, uncovered, 25-30 minutes or until bubbly.
            """;
    static final String CANNELLONI = """
            SPINACH & RICOTTA CANNELLONI
            for 4
            250 g cannelloni (approx 20 tubes)
            500 g frozen leaf spinach
            500 g ricotta
            1 egg + 1 yolk
            60 g Parmigiano
            nutmeg, salt, pepper
            Béchamel:
            50 g butter
            50 g flour
            0.5 l milk
            Tomato sauce:
            1 tin polpa (400 g)
            1 clove of garlic
            a few basil leaves
            1 tbsp extra-virgin olive oil

            Thaw the spinach, squeeze well. Mix with ricotta, eggs, half of the cheese.
            Make a béchamel. Cook the tomatoes with garlic, oil, basil for 15 minutes.
            Fill the tubes. Sauce in the dish, tubes, béchamel, cheese.
            Bake 35-40 min at 190°C (fan 170).
            """;
    static final String BAKED_ZITI = """
            # Baked Ziti (from my aunt)

            **Yield:** 10 servings

            ## INGREDIENTS

            - [ ] 1 lb ziti
            - [ ] 1 lb hot Italian sausage, casings removed
            - [ ] 1 jar (24 oz) marinara
            - [ ] 15 oz ricotta
            - [ ] 1 large egg
            - [ ] 1/4 cup grated Pecorino Romano + more for topping
            - [ ] 2 cups shredded mozzarella, divided
            - [ ] 1/2 tsp each salt and pepper
            - [ ] 2 T chopped parsley

            ## DIRECTIONS

            1. Heat oven to 375F. Boil ziti 2 minutes short.
            2. Brown sausage; add sauce.
            3. Mix ricotta, egg, Pecorino, half of the mozzarella.
            4. Combine, turn into a 3-qt casserole, top with remaining cheese. Bake 30 min covered, 10 uncovered.
            """;
    static final String CHICKEN_PASTA = """
            Chicken and broccoli pasta bake
            Serves 4
            350g penne
            400g skinless chicken breast, diced
            1 head broccoli, in florets
            2 tbsp olive oil
            75g sun-dried tomatoes, chopped
            For the sauce
            50g butter
            50g plain flour
            600ml semi-skimmed milk
            1 tsp wholegrain mustard
            150g mature cheddar, grated
            To top
            40g breadcrumbs
            25g flaked almonds
            Method
            Boil the penne for 8 minutes with the broccoli for the last 3. Fry the chicken.
            Make a white sauce and stir in most of the cheese. Mix everything, tip into a 25 x 30cm dish.
            Scatter with cheese, crumbs and almonds. Bake at 190C/fan 170C for 25 minutes.
            """;
    static final String STUFFED_SHELLS = """
            Stuffed shells
            Yield: 8 servings
            Ingredients
            1 (12-ounce) box jumbo pasta shells
            2 (15-ounce) containers whole-milk ricotta
            2 cups shredded mozzarella, divided
            3/4 cup grated Parmesan
            2 large eggs
            1 (10-ounce) package frozen chopped spinach, thawed and squeezed dry
            1 jar (24 ounces) marinara sauce
            1/4 teaspoon ground nutmeg
            Salt and pepper
            Directions
            1. Parboil the shells. Preheat oven to 350°F.
            2. Mix ricotta, half the mozzarella, Parmesan, eggs, spinach and nutmeg. Fill the shells.
            3. Spread sauce in a 9x13-inch dish, add the shells, cover with sauce and cheese.
            4. Cover with foil; bake 30 minutes, uncover and bake 10 minutes.
            """;
    static final String PASTITSIO = """
            Pastitsio
            Serves 10

            Pasta
            500 g bucatini or penne
            2 egg whites
            100 g feta, crumbled

            Meat sauce
            750 g beef mince
            1 large onion
            1 cinnamon stick
            1/2 tsp ground cloves
            1 glass dry red wine
            400 g tin chopped tomatoes
            1 tbsp tomato paste

            Béchamel
            120 g butter
            120 g all-purpose flour
            1 litre milk, warm
            2 egg yolks
            100 g kefalotyri, grated
            A pinch of nutmeg

            Method
            Brown the mince, add the rest of the sauce and simmer 30 minutes.
            Boil the pasta 2 minutes short; toss with egg whites and feta.
            Whisk the béchamel; off the heat beat in the yolks and half of the cheese.
            Layer pasta, meat, béchamel in a 35 x 25 x 7 cm dish. Bake at 180°C for 40 minutes until golden.
            """;
    static final List<String> ALL =
            List.of(TUNA_NOODLE, CANNELLONI, BAKED_ZITI, CHICKEN_PASTA, STUFFED_SHELLS, PASTITSIO);

    private PastaRecipes() {}
}
