package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import nabe.server.Http;
import org.junit.jupiter.api.Test;

/** How the method was read is seen, followed and put right; what was put right survives and can be undone. */
class ReadJourney extends Journey {
    private static final String BAKE = """
            Mince and penne bake
            Serves 4

            300 g penne
            1 onion, chopped
            400 g beef mince
            400 g tin chopped tomatoes
            150 g cheddar, grated

            Boil the penne for 9 minutes and drain. Fry the onion and the mince for 10 minutes. Add the tomatoes and half the cheddar and simmer for 20 minutes.
            Spread half the mince in a 30 x 20 cm dish, then all the penne, then the rest of the mince. Scatter over the rest of the cheddar.
            Cover with foil and bake at 190C for 20 minutes. Uncover only if it looks pale.
            """;

    private Page reading() {
        String dish = new Http(nabe.address())
                .post("/api/dishes", Map.of("recipe", Map.of("text", BAKE), "needs", new String[0]))
                .body()
                .get("id")
                .asString();
        return Browser.open(cook, "/dishes/" + dish + "/read");
    }

    private static Locator pots(Page page) {
        return page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("What is in each pot"));
    }

    @Test
    void theMethodIsSeenAsPotsAndLayersAndLightsUpBothWays() {
        Page page = reading();
        assertThat(pots(page).getByText("→ all of it into the dish, in 2 layers"))
                .isVisible();
        assertThat(page.getByText("Uncover only if it looks pale").last()).isVisible();
        Locator clause = page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Fry the onion and the mince")));
        clause.focus();
        clause.press("Enter");
        assertThat(clause).hasAttribute("aria-pressed", "true");
        assertThat(page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("400 g beef mince").setExact(true)))
                .hasAttribute("aria-pressed", "true");
    }

    @Test
    void aPotIsLaidInMoreLayersByItsCount() {
        Page page = reading();
        pots(page)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Correct mince")))
                .click();
        Locator count = pots(page).getByLabel("In how many layers it lies");
        count.fill("3");
        count.press("Enter");
        assertThat(pots(page).getByText("→ all of it into the dish, in 3 layers"))
                .isVisible();
    }

    @Test
    void aMovedLineSurvivesAndAChangedCoverIsUndone() {
        Page page = reading();
        pots(page)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^Correct mince")))
                .click();
        pots(page).getByLabel("1 onion, chopped").selectOption(new String[] {"penne"});
        assertThat(pots(page).getByText("penne, onion")).isVisible();
        assertThat(saving(page)).hasText("Saved");
        page.getByLabel("covered").first().click();
        assertThat(page.getByLabel("covered").first()).not().isChecked();
        assertThat(page.getByText("2 corrected by you")).isVisible();
        assertThat(saving(page)).hasText("Saved");
        button(page, "Undo").click();
        assertThat(page.getByLabel("covered").first()).isChecked();
        assertThat(page.getByText("1 corrected by you")).isVisible();
        assertThat(saving(page)).hasText("Saved");

        page.reload();
        assertThat(pots(page).getByText("penne, onion")).isVisible();
        assertThat(page.getByLabel("covered").first()).isChecked();
    }
}
