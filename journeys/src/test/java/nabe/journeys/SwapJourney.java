package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import nabe.server.Http;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

class SwapJourney extends Journey {
    private Page page;

    @BeforeEach
    void atTheSwapStop() {
        String text = RECIPE.replace("250 g mozzarella", "250 g mozzarella\n50 g parmesan");
        String dish = new Http(nabe.address())
                .post("/api/dishes", Map.of("recipe", Map.of("text", text), "needs", List.of("vegan", "gluten-free")))
                .body()
                .get("id")
                .asString();
        page = Browser.open(cook, "/dishes/" + dish + "/swap");
        assertThat(page.getByText("Judged for").first()).isVisible();
    }

    @Test
    void answersStandSideBySideAndOneIsLeftOutAndPutBack() {
        button(page, "Why, and what each costs, for 250 g mozzarella").click();
        Locator beside = page.getByRole(
                AriaRole.REGION,
                new Page.GetByRoleOptions().setName("What would do for 250 g mozzarella, side by side"));
        for (String row : new String[] {"Like the original", "Water", "Salt", "Fat", "Work", "Waiting", "Tools"}) {
            assertThat(beside.getByRole(
                            AriaRole.ROWHEADER,
                            new Locator.GetByRoleOptions().setName(row).setExact(true)))
                    .isVisible();
        }
        assertThat(beside.getByText("In the dish now")).hasCount(1);
        button(page, "Leave out 250 g mozzarella").click();
        assertThat(page.getByText("left out", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(saving(page)).hasText("Saved");
        button(page, "Put it back").click();
        assertThat(page.getByText("left out", new Page.GetByTextOptions().setExact(true)))
                .hasCount(0);
    }

    @Test
    void whatIsMadeAtHomeShowsItsRecipeAndCanBeBought() {
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^How to make ")))
                .first()
                .click();
        assertThat(page.getByText("Done when:").first()).isVisible();
        Locator buy = page.getByRole(
                        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Buy .* ready$")))
                .first();
        String name = buy.getAttribute("aria-label");
        buy.click();
        assertThat(button(page, name)).hasCount(0);
        assertThat(saving(page)).hasText("Saved");
    }

    @Test
    void thisDishMayBeCookedOtherwiseThanTheHouseDoes() {
        page.getByText("Sheets, sauces, cheese, cover, rest…").click();
        page.getByLabel("White sauce").selectOption("slurry");
        assertThat(page.getByText("1 of its own")).isVisible();
        assertThat(saving(page)).hasText("Saved");
        page.reload();
        assertThat(page.getByText("1 of its own")).isVisible();
    }

    @Test
    void whatNothingDoesWellIsChosenByTheCook() {
        page = dish("""
                Herb pudding
                Serves 4

                400 g carrots
                140 g plain flour
                4 eggs
                200 ml milk

                Whisk the flour, eggs and milk to a smooth batter. Roast the carrots at 220C in a tin.
                Pour the batter round and bake 30 minutes at 220C.
                """, "egg-free");
        assertThat(page.getByText("Yours to choose.")).isVisible();
        Locator scone =
                page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("scone dough")));
        assertThat(scone).not().isChecked();
        scone.click();
        assertThat(scone).isChecked();
        assertThat(page.getByText("Yours to choose.")).hasCount(0);
        assertThat(page.getByText("200 ml milk: not needed.")).isVisible();
        assertThat(saving(page)).hasText("Saved");
    }

    @Test
    void whatIsNotKnownIsNamedByOneTouch() {
        page = dish(RECIPE.replace("250 g mozzarella", "250 g gorgonzolla-ish blok"), "vegan");
        Locator near = page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(Pattern.compile("^250 g gorgonzolla-ish blok is ")))
                .first();
        near.click();
        assertThat(near).hasCount(0);
        assertThat(saving(page)).hasText("Saved");
    }

    private Page dish(String text, String need) {
        String id = new Http(nabe.address())
                .post("/api/dishes", Map.of("recipe", Map.of("text", text), "needs", List.of(need)))
                .body()
                .get("id")
                .asString();
        return Browser.open(cook, "/dishes/" + id + "/swap");
    }
}
