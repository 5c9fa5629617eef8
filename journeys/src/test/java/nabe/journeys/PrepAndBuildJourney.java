package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import nabe.server.Http;
import org.junit.jupiter.api.Test;

class PrepAndBuildJourney extends Journey {
    private static final String DRY =
            "Dry lasagna\n\nIngredients\n12 brown rice lasagna sheets\n300 g passata\n200 g mozzarella\n\nMethod\nLayer in a 30 x 20 cm dish. Bake at 190C for 40 minutes.";

    @Test
    void waterIsMendedWithOneTouchAndTakenBack() {
        String dish = new Http(nabe.address())
                .post("/api/dishes", Map.of("recipe", Map.of("text", DRY)))
                .body()
                .get("id")
                .asString();
        Page page = Browser.open(cook, "/dishes/" + dish + "/prep");
        assertThat(page.getByText("A dry layer has too little to drink where it lies."))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Do this: Stir")))
                .first()
                .click();
        assertThat(page.getByText(Pattern.compile("^Stir \\d+ ml hot stock or water into the ")))
                .not()
                .hasCount(0);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Take back")))
                .first()
                .click();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("Take back"))))
                .hasCount(0);
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("20 min"))
                .click();
        assertThat(saving(page)).hasText("Saved");
    }

    private static final String DEEP =
            "Potato bake\nServes 4\n\n1 kg potatoes\n400 ml cream\n100 g cheddar\n\nSlice the potatoes. Warm the cream. Lay the potatoes in a 30 x 20 cm dish, pour over the cream and scatter over the cheddar. Cover with foil and bake at 190C for 40 minutes, then uncover and bake for another 20 minutes.";

    @Test
    void whatDiffersIsSaidInOnePlaceAndTakenBackWithOneTouch() {
        String dish = new Http(nabe.address())
                .post(
                        "/api/dishes",
                        Map.of(
                                "recipe",
                                Map.of("text", DEEP),
                                "pan",
                                Map.of("lengthMm", 250, "widthMm", 160, "depthMm", 90, "material", "ceramic")))
                .body()
                .get("id")
                .asString();
        Page page = Browser.open(cook, "/dishes/" + dish + "/swap");
        Locator differs = page.getByText(Pattern.compile("^Covered \\d+ min, not 40 min"));
        assertThat(differs).isVisible();
        button(page, "Do it as written").click();
        assertThat(differs).hasCount(0);
        assertThat(saving(page)).hasText("Saved");
    }

    @Test
    void twiceTheRecipeGoesIntoTwoDishes() {
        String dish = new Http(nabe.address())
                .post("/api/dishes", Map.of("recipe", Map.of("text", DEEP), "servings", 8))
                .body()
                .get("id")
                .asString();
        Page page = Browser.open(cook, "/dishes/" + dish + "/build");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^Take 2 dishes of 30 × 20 cm")))
                .click();
        assertThat(page.getByText("as it is now")).isVisible();
        assertThat(page.getByText(Pattern.compile("g a dish$")).first()).isVisible();
        assertThat(saving(page)).hasText("Saved");
    }

    @Test
    void aLayerIsMovedByKeyboardAndTheCardPrintsThePlan() {
        String dish = aDish("gluten-free");
        Page page = Browser.open(cook, "/dishes/" + dish + "/build");
        Locator layers = page.locator("main section ol").first().getByRole(AriaRole.LISTITEM);
        assertThat(layers.first()).containsText("Red sauce");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions()
                                .setName("Move up: Red sauce, layer 1")
                                .setExact(true))
                .press("Enter");
        assertThat(layers.first())
                .containsText(
                        "brown-rice lasagna sheets",
                        new com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions()
                                .setIgnoreCase(true));
        assertThat(page.getByText("A dry sheet on the bare base sticks")).isVisible();
        assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("from above"))))
                .isVisible();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("Layer \\d")))
                .last()
                .click();
        button(page, "Go back to the usual order").click();
        assertThat(layers.first()).containsText("Red sauce");
        assertThat(saving(page)).hasText("Saved");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Card for the counter"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Build, bottom to top")))
                .isVisible();
        assertThat(button(page, "Print this card")).isVisible();
    }
}
