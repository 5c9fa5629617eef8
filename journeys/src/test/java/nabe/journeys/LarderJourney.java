package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.regex.Pattern;
import nabe.server.Http;
import org.junit.jupiter.api.Test;

class LarderJourney extends Journey {
    @Test
    void aPacketIsReadAndAnIngredientLookedUp() {
        Page page = Browser.open(cook, "/larder");
        page.getByLabel(Pattern.compile("Paste the packet"))
                .fill(
                        "Ingredients: maize flour, whey powder (MILK), natural flavouring. May contain nuts. Gluten-free.");
        button(page, "Read this label").click();
        assertThat(item(page, "Dairy-free")).containsText("Does not fit");
        assertThat(item(page, "Nut-free")).containsText("may contain nuts");
        assertThat(item(page, "Gluten-free")).containsText("Fits, as far as the label tells");
        page.reload();
        assertThat(page.getByLabel(Pattern.compile("Paste the packet"))).hasValue(Pattern.compile("whey powder"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Ingredients"))
                .click();
        page.getByLabel("Find by any of its names").fill("zucchini");
        assertThat(page.getByText("courgette", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    void aKeptPacketIsJudgedByItsOwnLabelInADish() {
        Page page = Browser.open(cook, "/larder/packets");
        button(page, "Keep a packet").click();
        page.getByLabel("What you call it").fill("the tall green packet");
        page.getByLabel("Stands in for").fill("no such thing");
        assertThat(page.getByText("Choose one from the list.")).isVisible();
        page.getByLabel("Stands in for").fill("brown-rice lasagna sheets");
        page.getByLabel("The packet's words").fill("Ingredients: brown rice flour, egg white. Gluten-free.");
        page.getByLabel("One sheet or piece").fill("30");
        button(page, "Keep this packet").click();
        Locator kept = item(page, "the tall green packet");
        assertThat(kept).containsText("one weighs 30 g");
        assertThat(kept).containsText(Pattern.compile("not: .*egg-free"));

        page.navigate("/dishes/" + aDish("gluten-free", "egg-free") + "/swap");
        assertThat(page.getByText("Judged for gluten-free").first()).isVisible();
        assertThat(page.getByRole(AriaRole.TABLE).getByText("brown-rice lasagna sheets"))
                .hasCount(0);

        page.navigate("/larder/packets");
        button(page, "Throw out the tall green packet").click();
        assertThat(item(page, "the tall green packet")).hasCount(0);
    }

    @Test
    void whatWordsMeanIsRememberedUntilItIsForgotten() {
        Http http = new Http(nabe.address());
        http.send("PUT", "/api/larder/wordings", "{\"words\":\"nonnas soft curd\",\"ingredient\":\"ricotta\"}");
        String text = RECIPE.replace("250 g mozzarella", "250 g nonna's soft curd");
        String dish = http.post("/api/dishes", Map.of("recipe", Map.of("text", text)))
                .body()
                .get("id")
                .asString();
        Page page = Browser.open(cook, "/dishes/" + dish + "/read");
        assertThat(item(page, "nonna's soft curd")).containsText("as you corrected it before");
        page.navigate("/larder/wordings");
        Locator forget =
                page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Forget nonna")));
        forget.click();
        assertThat(forget).hasCount(0);
    }

    private static Locator item(Page page, String text) {
        return page.getByRole(AriaRole.LISTITEM)
                .filter(new Locator.FilterOptions().setHasText(text))
                .first();
    }
}
