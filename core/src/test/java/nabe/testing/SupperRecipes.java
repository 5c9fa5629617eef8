package nabe.testing;

import java.util.List;

/** Suppers of every kind: mash and crumbs, noodles, gratins, cobblers, crêpes. */
final class SupperRecipes {
    static final String CUMBERLAND_PIE = """
            Crumb-topped mutton and swede pie
            Serves 6
            600g lamb mince
            1 onion, chopped
            2 carrots, diced
            300g swede, diced
            1 tbsp plain flour
            400ml hot lamb or beef stock
            1 tbsp worcestershire sauce
            1 tbsp tomato puree
            1kg potatoes
            75g butter
            100ml milk
            60g fresh breadcrumbs
            80g Lancashire-type cheese, crumbled
            Method
            Heat the oven to 190C/170C fan. Brown the mince, add the onion, carrots and swede. Stir in the flour, stock, worcestershire sauce and puree and simmer 30 mins.
            Boil and mash the potatoes with butter and milk.
            Spoon the mince into a 2-litre dish, top with mash, then the crumbs mixed with the cheese. Bake for 30 mins until crisp.
            """;
    static final String ARTICHOKE_BAKE = """
            Spinach & artichoke pasta bake
            Ingredients (serves 6)
            1 lb penne
            1 (10 oz) package frozen chopped spinach, thawed and squeezed
            1 (14 oz) can artichoke hearts, drained and chopped
            8 oz cream cheese, softened
            1 cup sour cream
            2 cloves garlic, minced
            1/2 tsp red pepper flakes
            1 cup grated Parmesan, divided
            1 1/2 cups shredded mozzarella
            1 cup panko
            2 tbsp melted butter
            Directions
            1. Preheat oven to 375°F. Cook the penne 2 minutes short.
            2. Stir cream cheese, sour cream, garlic, pepper flakes and half of the Parmesan with the spinach and artichokes. Add the pasta and mozzarella.
            3. Tip into a 9x13-inch dish. Mix panko, butter and remaining Parmesan, scatter over.
            4. Bake uncovered 25 minutes.
            """;
    static final String TETRAZZINI = """
            Turkey noodle bake with sherry
            Serves 8

            12 oz. spaghetti, broken
            6 Tbsp butter, divided
            8 oz mushrooms, sliced
            1 onion, diced
            1/3 cup flour
            3 cups chicken stock
            1 cup heavy cream
            1/4 cup dry white wine
            3 cups cooked turkey, shredded
            1 cup frozen peas
            1 cup grated Parmesan
            1/2 cup dry bread crumbs
            Salt and pepper

            Heat oven to 400 F. Melt 4 Tbsp of the butter and cook mushrooms and onion. Stir in flour, then stock, cream and wine; simmer until thick.
            Boil spaghetti until just tender; mix with sauce, turkey, peas and half the Parmesan. Put in a 3-quart baking dish.
            Top with crumbs, rest of the Parmesan and the remaining butter. Bake 25-30 minutes until golden.
            """;
    static final String COURGETTE_GRATIN = """
            Courgette and rice gratin
            For 4
            1 kg courgettes, coarsely grated
            100 g long-grain rice
            1 onion, finely chopped
            2 cloves of garlic, crushed
            4 tbsp olive oil
            2 tbsp plain flour
            up to 400 ml hot milk
            75 g Parmesan, grated
            salt

            Salt the courgettes for 5 minutes, then squeeze, saving the juice. Boil the rice for 5 minutes and drain.
            Soften the onion in 3 tbsp of the oil, add the courgettes and garlic and cook until soft. Sprinkle in the flour, then stir in the juice and milk.
            Off the heat stir in the rice and most of the cheese. Tip into an oiled 1.5-litre gratin dish, scatter with the rest of the cheese and oil.
            Bake at 220°C for 25 to 30 minutes until brown and bubbling.
            """;
    static final String SCALLOPED_HAM = """
            Scalloped potatoes and ham
            Yield: 6 servings
            2 1/2 lbs russet potatoes, peeled, sliced 1/8 inch
            8 oz cooked ham, diced
            1 onion, thinly sliced
            4 Tbsp. butter
            1/4 cup all-purpose flour
            2 1/2 cups milk
            1 tsp salt
            1/4 tsp pepper
            1 1/2 cups shredded sharp cheddar
            Make a sauce with the butter, flour and milk; season, and stir in 1 cup of the cheddar.
            Layer half the potatoes, ham and onion in a greased 9 by 13 pan, pour over half of the sauce, repeat.
            Cover with foil and bake at 350 degrees for 50 minutes. Uncover, top with the rest of the cheese and bake 20 minutes more.
            """;
    static final String CORNBREAD_PIE = """
            Chilli pie with a cornbread top
            Serves 6-8

            Filling
            1 tbsp vegetable oil
            1 onion, chopped
            1 green pepper, chopped
            500 g lean minced beef
            2 tsp chilli powder
            1 tsp ground cumin
            1 x 400g tin chopped tomatoes
            1 x 400g tin kidney beans, drained
            150g sweetcorn
            Cornbread topping
            140g cornmeal
            100g plain flour
            1 tbsp baking powder
            1/2 tsp salt
            1 egg
            200ml milk
            50g butter, melted
            60g cheddar, grated

            1. Heat oven to 200C. Cook the onion and pepper in the oil, brown the beef, add the spices, tomatoes and beans; simmer for 20 min. Stir in the corn.
            2. Mix the dry things for the topping; beat in egg, milk, butter and cheese.
            3. Spoon over the hot filling in a 26 cm ovenproof skillet. Bake 25-30 min until risen.
            """;
    static final String POTATO_NUGGET_BAKE = """
            Potato nugget hotdish
            1 lb ground beef
            1 small onion, chopped
            1 can cream of mushroom soup
            1 can cream of chicken soup
            1 (14.5 oz) can green beans, drained
            1/2 cup milk
            1 cup shredded cheddar
            1 (2 lb) bag frozen potato nuggets
            Brown beef with onion; drain. Stir in soups, beans and milk. Spread in 9 x 13 pan, sprinkle with cheese, arrange the potato nuggets on top.
            Bake at 375 for 45 minutes.
            """;
    static final String CREPE_ROLLS = """
            Baked spinach crêpes
            Serves 4
            For the crêpes
            125 g plain flour
            2 eggs
            300 ml milk
            knob of butter
            For the filling
            500 g fresh spinach
            250 g ricotta
            50 g parmesan, grated
            nutmeg
            For the sauce
            30 g butter
            30 g flour
            400 ml milk
            100 g gruyere, grated
            Method
            Whisk flour, eggs and milk; fry 8 thin crêpes in a little butter.
            Wilt the spinach and squeeze dry; mix with ricotta, half the parmesan and nutmeg. Roll up in the crêpes.
            Make a white sauce with the butter, flour and milk; stir in the gruyere. Lay the rolls in a 30 x 20 cm dish, pour over the sauce, scatter with the rest of the parmesan.
            Bake at 200°C for 20 minutes.
            """;
    static final String FISH_GRATIN = """
            Smoked fish and leek gratin
            4 portions
            500g smoked haddock
            200g raw prawns
            2 leeks, sliced
            40g butter
            40g plain flour
            450ml whole milk
            2 tbsp double cream
            1 tsp Dijon mustard
            2 tbsp parsley, chopped
            50g white breadcrumbs
            40g cheddar, grated
            Poach the haddock in the milk, flake it. Soften the leeks in the butter, stir in the flour, then the milk; add cream, mustard and parsley. Fold in fish and prawns.
            Put in a shallow 1.5 litre dish, top with breadcrumbs and cheddar. Bake at 190C for 25 min.
            """;
    static final String SCONE_COBBLER = """
            Root vegetable cobbler
            Serves 6
            2 tbsp sunflower oil
            2 onions, sliced
            3 parsnips, 3 carrots and 1 swede, in chunks
            2 tbsp plain flour
            600ml vegetable stock
            150ml dry cider
            1 tbsp wholegrain mustard
            1 bay leaf
            Scone topping
            225g self-raising flour
            1 tsp baking powder
            75g cold butter, cubed
            100g mature cheddar, grated
            1 egg
            100ml milk, plus extra to glaze
            Method
            Soften the onions in the oil, add the roots, sprinkle with the flour, pour in the stock and cider, add mustard and bay. Simmer for 25 minutes. Spoon into a deep 2.5-litre dish.
            Rub the butter into the flour and baking powder, add most of the cheese, egg and milk to a soft dough. Cut out 10 scones and sit them on the filling. Glaze with milk, scatter with the rest of the cheese.
            Bake at 200C for 30 minutes.
            """;
    static final String LENTIL_MOUSSAKA = """
            Lentil moussaka with a yogurt top
            Serves 4-6
            2 aubergines, sliced 1cm thick
            5 tbsp olive oil
            1 onion, chopped
            2 cloves garlic, crushed
            200g dried green lentils
            1 x 400g tin chopped tomatoes
            1 tbsp tomato purée
            1 tsp dried oregano
            1/2 tsp cinnamon
            400g Greek yogurt
            2 eggs
            100g feta, crumbled
            Roast the aubergines in 3 tbsp of the oil at 200C for 25 minutes. Simmer the lentils until tender and drain.
            Soften onion and garlic, add lentils, tomatoes, purée, oregano and cinnamon; simmer 15 minutes.
            Layer the aubergines and the lentils in a 28 x 20 cm dish. Beat the yogurt, eggs and half the feta, pour over, top with the rest.
            Bake at 180°C for 35 minutes.
            """;
    static final String ROOT_CRUMBLE = """
            Parsnip and chestnut crumble
            Serves 6
            Filling:
            700g parsnips, chunks
            200g cooked chestnuts
            1 leek, sliced
            30g butter
            30g plain flour
            500ml vegetable stock
            100ml crème fraîche
            Crumble:
            100g plain flour
            75g rolled oats
            75g cold butter
            50g Parmesan
            1 tbsp thyme leaves
            To make
            Boil the parsnips 8 minutes. Soften the leek in the butter, add flour and stock, simmer until thick, stir in crème fraîche, parsnips and chestnuts. Tip into a 2 litre dish.
            Rub the butter into the flour, add oats, cheese and thyme. Scatter over. Bake at 190C for 35 minutes.
            """;
    static final List<String> ALL = List.of(
            CUMBERLAND_PIE,
            ARTICHOKE_BAKE,
            TETRAZZINI,
            COURGETTE_GRATIN,
            SCALLOPED_HAM,
            CORNBREAD_PIE,
            POTATO_NUGGET_BAKE,
            CREPE_ROLLS,
            FISH_GRATIN,
            SCONE_COBBLER,
            LENTIL_MOUSSAKA,
            ROOT_CRUMBLE);

    private SupperRecipes() {}
}
