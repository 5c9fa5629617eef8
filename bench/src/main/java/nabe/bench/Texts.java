package nabe.bench;

/** A recipe of thirty lines, the size the targets speak of. */
final class Texts {
    private static final String INGREDIENTS = """
            Big family lasagna
            Serves 8
            Ingredients
            12 lasagna noodles
            2 tablespoons olive oil
            1 large onion, finely chopped
            2 carrots, diced
            2 sticks celery, diced
            4 cloves garlic, minced
            1 lb ground beef
            1/2 lb Italian sausage, casings removed
            1 lb cremini mushrooms, sliced
            2 bunches Swiss chard, stems removed
            1 glass red wine
            1 beef stock cube
            1 tsp dried oregano
            1 bay leaf
            Salt and freshly ground black pepper
            2 (14.5-ounce) cans diced tomatoes
            2 tablespoons tomato paste
            1/2 tsp sugar
            A pinch of red pepper flakes
            2 cups whole-milk ricotta
            2 eggs, lightly beaten
            1/2 cup grated Parmesan, divided
            A few gratings of nutmeg
            2 tbsp chopped parsley
            4 Tbsp unsalted butter
            1/4 cup all-purpose flour
            2 1/2 cups whole milk, warmed
            1/2 cup double cream
            2 cups (8 oz) shredded mozzarella
            1/2 cup fresh breadcrumbs
            """;
    static final String THIRTY_LINES = INGREDIENTS + """
            Method
            1. Heat the oven to 375°F. Oil a 9x13-inch baking dish.
            2. Cook the vegetables and meat, add wine and tomatoes, and simmer for 40 minutes.
            3. Melt the butter, stir in the flour, whisk in the milk and simmer until it coats a spoon.
            4. Layer, cover with foil and bake for 40 minutes. Uncover and bake 15 minutes more.
            """;
    static final String THIRTY_LINES_TWELVE_SENTENCES = INGREDIENTS + """
            Method
            1. Heat the oven to 375°F. Oil a 9x13-inch baking dish.
            2. Soften the onion, carrots and celery in the oil for 10 minutes. Add the garlic, beef and sausage and brown for 8 minutes. Stir in the mushrooms and chard, then the wine and tomatoes, and simmer for 40 minutes.
            3. Melt the butter, stir in the flour and cook for 2 minutes. Whisk in the milk and simmer for 5 minutes until it coats a spoon.
            4. Mix the ricotta with the eggs, half the Parmesan, the nutmeg and the parsley.
            5. Spread a third of the meat sauce in the dish, then 4 noodles, half the ricotta and a third of the white sauce. Repeat once. Finish with the last noodles, the rest of both sauces and the mozzarella.
            6. Cover with foil and bake for 40 minutes. Uncover and bake 15 minutes more.
            """;

    private static int asked;

    private Texts() {}

    /** @return the text as nobody asked for it before: what was read last is remembered */
    static String anew(String text) {
        return text + "Number " + asked++ + ".\n";
    }

    static String briefJson(boolean forecast) {
        String text = THIRTY_LINES.replace("\\", "\\\\").replace("\"", "\\\"").replace("\n", "\\n");
        return "{\"recipe\":{\"text\":\"" + text
                + "\"},\"needs\":[\"gluten-free\",\"vegan\",\"nut-free\"],\"strict\":true,\"forecast\":" + forecast
                + "}";
    }
}
