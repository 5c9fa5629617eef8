package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class BakeJourney extends Journey {
    @Test
    void theForecastFollowsTheCooksHand() {
        Page page = Browser.open(cook, "/dishes/" + aDish("gluten-free") + "/bake");
        Locator curves = page.getByRole(
                AriaRole.IMG, new Page.GetByRoleOptions().setName(Pattern.compile("^Forecast: after \\d+ minutes")));
        assertThat(curves).isVisible();
        assertThat(page.getByText(Pattern.compile("coldest -?\\d+ °C, \\d+ mm above the base")))
                .isVisible();
        slider(page, "Time in the bake").press("Home");
        assertThat(page.getByText("After 0 min:")).isVisible();

        slider(page, "Foil off").press("Home");
        assertThat(page.getByText("Open all the way, out after")).isVisible();
        for (int i = 0; i < 6; i++) {
            slider(page, "Out of the oven").press("ArrowLeft");
        }
        assertThat(page.getByText(Pattern.compile("^Not hot through yet"))).isVisible();
        assertThat(saving(page)).hasText("Saved");
        button(page, "Let Nabe find them again").click();
        assertThat(page.getByText(Pattern.compile("^Not hot through yet"))).hasCount(0);

        button(page, "Make it so: From the fridge").click();
        assertThat(page.getByText(Pattern.compile("start from the fridge"))).isVisible();
        assertThat(saving(page)).hasText("Saved");
    }

    @Test
    void twoDishesShareAnOven() {
        aDish("vegan");
        Page page = Browser.open(cook, "/dishes/" + aDish("gluten-free") + "/bake");
        Locator others =
                page.getByRole(AriaRole.TOOLBAR, new Page.GetByRoleOptions().setName("Dishes that share the oven"));
        others.getByRole(AriaRole.BUTTON).first().click();
        assertThat(page.getByText(Pattern.compile("°C .*for all|In \\d rounds")))
                .isVisible();
        assertThat(page.getByText("In first").first()).isVisible();
    }

    private static Locator slider(Page page, String name) {
        return page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName(Pattern.compile("^" + name)));
    }
}
