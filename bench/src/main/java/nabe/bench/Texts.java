package nabe.bench;

/** A recipe of thirty lines, the size the targets speak of. */
final class Texts {
    static final String THIRTY_LINES = """
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
            Method
            1. Heat the oven to 375°F. Oil a 9x13-inch baking dish.
            2. Cook the vegetables and meat, add wine and tomatoes, and simmer for 40 minutes.
            3. Melt the butter, stir in the flour, whisk in the milk and simmer until it coats a spoon.
            4. Layer, cover with foil and bake for 40 minutes. Uncover and bake 15 minutes more.
            """;

    private Texts() {}

    static String briefJson(boolean forecast) {
        String text = THIRTY_LINES.replace("\\", "\\\\").replace("\"", "\\\"").replace("\n", "\\n");
        return "{\"recipe\":{\"text\":\"" + text
                + "\"},\"needs\":[\"gluten-free\",\"vegan\",\"nut-free\"],\"strict\":true,\"forecast\":" + forecast
                + "}";
    }
}
