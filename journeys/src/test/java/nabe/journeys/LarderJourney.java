package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class LarderJourney extends Journey {
    @Test
    void aPacketIsReadAndAnIngredientLookedUp() {
        Page page = Browser.open(cook, "/larder");
        page.getByLabel(Pattern.compile("Paste the packet")).fill("Ingredients: maize flour, whey powder (MILK), natural flavouring. May contain nuts. Gluten-free.");
        button(page, "Read this label").click();
        var verdicts = page.getByRole(AriaRole.LISTITEM);
        assertThat(verdicts.filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Dairy-free")).first()).containsText("Does not fit");
        assertThat(verdicts.filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Nut-free")).first()).containsText("may contain nuts");
        assertThat(verdicts.filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Gluten-free")).first()).containsText("Fits, as far as the label tells");
        page.reload();
        assertThat(page.getByLabel(Pattern.compile("Paste the packet"))).hasValue(Pattern.compile("whey powder"));
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Ingredients")).click();
        page.getByLabel("Find by any of its names").fill("zucchini");
        assertThat(page.getByText("courgette", new Page.GetByTextOptions().setExact(true))).isVisible();
    }
}
