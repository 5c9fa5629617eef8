package nabe.testing;

import java.util.List;

/** Recipes in more hands: saved pages, church cookbooks, notes to oneself. */
final class HouseholdRecipes {
    static final String SQUASH_CANNELLONI = """
            # Roasted Butternut & Sage Cannelloni
            *Prep 30 mins | Cook 1 hr | Serves 4*

            For the filling
            1 small butternut squash (about 900g), peeled & cubed
            2 tbsp olive oil
            250g tub ricotta
            50g parmesan, finely grated, plus extra
            ¼ nutmeg, grated
            1 egg yolk
            16 cannelloni tubes

            For the béchamel
            50g butter
            50g plain flour
            700ml whole milk
            1 bay leaf
            10 sage leaves, shredded
            125g ball mozzarella, torn

            Method
            Heat oven to 200C/180C fan/gas 6. Toss the squash with the oil and roast 35 mins until soft. Mash and cool, then beat in the ricotta, half the parmesan, the nutmeg and yolk.
            Warm the milk with the bay. Melt the butter, stir in the flour, cook 1 min then whisk in the milk until smooth and thick. Add the sage.
            Pipe the filling into the tubes. Spread a third of the sauce in a 25 x 20cm dish, lay in the tubes, pour over the rest, scatter with mozzarella and remaining parmesan.
            Bake for 30-35 mins until golden and bubbling.
            """;
    static final String TORTILLA_CASSEROLE = """
            RANCH HAND CHICKEN TORTILLA CASSEROLE

            INGREDIENTS:
            1 (10.75 oz) can condensed cream of mushroom soup
            1 (10.75 oz) can condensed cream of chicken soup
            1 (10 oz) can diced tomatoes with green chiles
            1 cup chicken broth
            1 tsp. chili powder
            12 corn tortillas, cut in quarters
            3 c. cooked chicken, shredded
            1 lg. onion, chopped
            1 green bell pepper, diced
            2 c. shredded cheddar cheese
            1/2 stick butter
            DIRECTIONS:
            Preheat oven to 350. Saute onion and pepper in butter until tender. Stir in soups, tomatoes, broth and chili powder.
            In a greased 9 x 13 pan layer half of tortillas, chicken, sauce and cheese. Repeat layers.
            Bake uncovered 35-40 minutes until bubbly. Let stand 10 min.
            """;
    static final String LAYERED_PASTITSIO = """
            Pastitsio for a crowd
            Serves 10

            500g bucatini or penne
            100g kefalotyri, grated
            3 egg whites

            Meat sauce
            800g beef mince
            2 red onions, finely chopped
            2 cloves garlic
            400g can chopped tomatoes
            1 tbsp tomato paste
            1 cinnamon stick
            150ml red wine
            1/4 cup olive oil

            Bechamel
            120g plain flour
            120g butter
            900ml milk
            3 egg yolks
            a pinch of nutmeg

            1. Brown the mince in the oil with the onions and garlic, add wine and let it reduce. Add the tomatoes, paste and cinnamon and simmer 30 minutes.
            2. Boil the pasta 3 minutes less than the packet says, drain, mix with egg whites and cheese.
            3. Make the bechamel: melt butter, add flour, whisk in milk until thick, off the heat beat in the yolks and nutmeg.
            4. In a deep 35x25 cm baking tin layer the pasta, the meat sauce and top with bechamel. Bake at 180°C for 60 minutes until golden. Rest 30 minutes.
            """;
    static final String BISCUIT_POT_PIE = """
            Vegetable pot pie with cheddar biscuits
            4 to 6 servings

            2 Tbsp. butter
            1 c chopped onion
            3 carrots, sliced
            2 stalks celery, sliced
            8 oz mushrooms, sliced
            1/3 cup all-purpose flour
            2 cups vegetable broth
            1/2 cup half & half
            1 cup frozen peas
            1 tsp dried thyme
            Biscuits:
            2 cups all purpose flour
            1 Tbsp baking powder
            1/2 tsp salt
            6 Tbsp cold butter, cubed
            1 cup shredded sharp cheddar
            3/4 cup buttermilk

            Heat oven to 425°F. Melt butter in a 10-inch oven-safe skillet; cook onion, carrots, celery and mushrooms 8 minutes. Sprinkle with flour, stir in broth and half & half and simmer until thick. Add peas and thyme.
            For biscuits, whisk flour, baking powder, salt; cut in butter, stir in cheese and buttermilk. Drop spoonfuls over the filling.
            Bake 20-25 min until biscuits are golden.
            """;
    static final String OVERNIGHT_STRATA = """
            Easy Breakfast Strata

            8 eggs
            2 1/2 cups milk
            1 tsp dry mustard
            salt, pepper
            8 slices bread, cubed
            1 lb breakfast sausage, cooked & crumbled
            2 cups grated cheddar
            Mix eggs, milk, mustard. Layer bread, sausage, cheese in 9x13 dish. Pour egg over. Refrigerate overnight. Bake 350 for 45-50 min.
            """;
    static final String ROLLED_AUBERGINE = """
            Aubergine involtini (rolled aubergine)
            Serves 4
            2 large aubergines, sliced lengthwise 5mm
            4 tbsp olive oil
            250g ricotta
            100g spinach
            1 egg
            40g pine nuts
            400ml passata
            1 clove garlic
            125g mozzarella
            30g parmesan
            Griddle the aubergine slices in the oil. Mix ricotta, wilted spinach, egg and pine nuts. Roll a spoonful in each slice. Spread passata with garlic in a 30x20cm dish, sit the rolls in, top with mozzarella and parmesan. Bake 25 mins at 190°C.
            """;
    static final String DOUBLE_CRUST_PIE = """
            Spiced pork pie, double crust
            1 double pie crust (450 g shortcrust)
            700 g ground pork
            1 onion, finely chopped
            2 potatoes, boiled and mashed
            1 clove garlic
            1/2 tsp ground allspice
            1/4 tsp ground cloves
            150 ml beef stock
            1 egg, beaten
            Simmer pork, onion, garlic, spices and stock for 30 minutes; stir in potato and cool. Line a 23 cm pie dish with half the pastry, fill, cover with the rest, brush with egg and vent. Bake at 200C for 40 minutes.
            """;
    static final String BEAN_ENCHILADAS = """
            Smoky Black Bean Enchilada Bake (vegan)

            • 10 flour tortillas (8")
            • 2 x 400g tins black beans, drained
            • 1 red onion
            • 2 peppers
            • 1 tbsp smoked paprika, 2 tsp cumin
            • 700g passata
            • 1 tsp soy sauce
            • 200g vegan cheddar-style block, grated
            • small bunch coriander
            To make: soften onion and peppers. Add beans, spices. Simmer passata and soy for 10 min. Fill tortillas with bean mix and roll. Pack seam-side down in a dish, pour over the sauce, top with cheese. Bake 200C 25 min.
            """;
    static final String MACARONI_CHEESE = """
            Macaroni cheese with crispy crumbs
            serves 4
            350g macaroni
            50g butter
            50g flour
            850ml milk
            1 tsp english mustard
            250g mature cheddar, grated
            50g parmesan
            2 slices white bread, whizzed to crumbs
            2 tomatoes, sliced

            Heat the grill. Boil the macaroni. Make a sauce with the butter, flour and milk, add mustard and most of the cheese. Mix with macaroni, tip into a baking dish, top with crumbs, tomato and the rest of the cheese. Grill for 5 mins, or bake at 200C for 20 mins.
            """;
    static final List<String> ALL = List.of(
            SQUASH_CANNELLONI,
            TORTILLA_CASSEROLE,
            LAYERED_PASTITSIO,
            BISCUIT_POT_PIE,
            OVERNIGHT_STRATA,
            ROLLED_AUBERGINE,
            DOUBLE_CRUST_PIE,
            BEAN_ENCHILADAS,
            MACARONI_CHEESE);

    private HouseholdRecipes() {}
}
