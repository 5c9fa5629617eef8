package nabe.testing;

import java.util.List;

/** Pies and mash, written in many hands. */
final class PieRecipes {
    static final String COTTAGE_PIE = """
            Cottage pie

            Serves 4 - 6
            900g floury potatoes (about 4 large), peeled and cut into chunks
            85g butter
            100ml whole milk
            1 tbsp sunflower oil
            500g beef mince
            1 onion, 2 carrots and 2 celery sticks, finely chopped
            2 tbsp plain flour
            1 tbsp tomato purée
            500ml beef stock
            a good splash of Worcestershire sauce
            few thyme sprigs
            50g mature cheddar, grated (optional)

            1. Heat the oil in a large pan and brown the mince. Tip in the vegetables and cook for 15 mins.
            2. Stir in the flour, then the purée and stock. Simmer 40 mins.
            3. Boil the potatoes, drain and mash with the butter and milk.
            4. Heat oven to 200C/180C fan/gas 6. Tip the mince into an ovenproof dish, top with the mash and cheese and bake for 30 mins.
            """;
    static final String FISH_PIE = """
            FISH PIE

            1kg Maris-type potatoes, peeled and halved
            400ml milk, plus a splash
            25g butter, plus a knob
            25g plain flour
            4 spring onions, finely sliced
            1 x pack fish pie mix (cod, salmon, smoked haddock etc., weight around 320-400g depending on pack size)
            1 tsp Dijon or English mustard
            1/2 a 25g pack or a small bunch chives, finely snipped
            handful frozen sweetcorn
            handful frozen petits pois
            handful grated cheddar

            STEP 1
            Heat the oven to 200C/fan 180C/gas 6.
            STEP 2
            Put 1kg potatoes in a saucepan and boil until tender. Drain and mash with a splash of milk and a knob of butter.
            STEP 3
            Put 25g butter, 25g plain flour and 4 sliced spring onions in another pan and heat gently until the butter has melted, stirring regularly.
            STEP 4
            Whisk in 400ml milk. Pop in an ovenproof dish, top with the mash and bake for 20-25 mins.
            """;
    static final String SHEPHERDS_PIE = """
            Shepherd's pie with a leek mash
            Serves 6
            Filling
            1 kg minced lamb
            2 onions, chopped
            3 carrots, diced
            2 sticks celery, diced
            2 tbsp plain flour
            500 ml lamb stock
            1 tbsp Worcestershire sauce
            1 tbsp tomato purée
            2 sprigs rosemary
            Mash
            1.2 kg floury potatoes
            1 leek, softened
            50 g butter
            100 ml whole milk
            60 g cheddar, grated
            Method
            Brown the lamb, soften the vegetables, stir in the flour, stock and flavourings, and simmer 45 minutes.
            Mash the potatoes with butter and milk; stir in the leek.
            Fill a deep 2-litre dish, top with the mash and cheese. Bake at 200C for 35 minutes.
            """;
    static final String ALE_PIE = """
            Steak and ale pie
            serves 4-6
            900g stewing steak, cubed
            3 tbsp plain flour, seasoned
            2 tbsp beef dripping
            2 onions, sliced
            200g chestnut mushrooms
            500ml ale
            300ml beef stock
            1 tbsp Worcestershire sauce
            2 bay leaves
            500g block puff pastry
            1 egg yolk, beaten, to glaze
            Toss the beef in the flour and brown it in the dripping. Soften the onions and mushrooms.
            Add ale, stock, sauce and bay and simmer for 2 hours until tender.
            Spoon into a 24cm pie dish, cover with pastry and brush with egg yolk. Bake at 200C/180C fan for 30-35 mins.
            """;
    static final String BATTER_BAKE = """
            Toad in the Hole with Onion Gravy
            Serves 4 | Prep 15 min | Cook 45 min

            For the batter: 140g plain flour, 4 eggs, 200ml semi-skimmed milk
            8 pork sausages
            2 tbsp beef dripping or sunflower oil
            For the gravy
            2 onions, sliced
            1 tsp sugar
            1 tbsp plain flour
            1 tbsp English mustard
            2 tsp Worcestershire sauce
            500ml hot beef stock

            Heat oven to 220C/fan 200C/gas 7. Whisk the batter ingredients and rest 30 mins.
            Put the sausages in a 20 x 30cm roasting tin with the dripping and cook for 15 mins.
            Pour in the batter and bake for 35 mins until puffed.
            """;
    static final List<String> ALL = List.of(COTTAGE_PIE, FISH_PIE, SHEPHERDS_PIE, ALE_PIE, BATTER_BAKE);

    private PieRecipes() {}
}
