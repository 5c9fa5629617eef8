package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class HouseJourney extends Journey {
    @Test
    void aPersonOfTheHouseIsPickedForADish() {
        Page page = Browser.open(cook, "/house");
        button(page, "Add a person").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Ketil");
        button(page, "Gluten-free").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Keep")))
                .click();
        assertThat(page.getByText("Ketil", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        assertThat(page.getByRole(AriaRole.STATUS)
                        .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Saved")))
                .isVisible();

        page.navigate("/dishes/" + aDish() + "/swap");
        assertThat(page.getByText("Say above who it must be safe for.")).isVisible();
        button(page, "Ketil").click();
        assertThat(page.getByText("Judged for gluten-free")).isVisible();
        assertThat(page.getByText("brown-rice lasagna sheets").first()).isVisible();

        page.navigate("/house");
        button(page, "Add a person").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Runa");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Keep")))
                .click();
        assertThat(page.getByText("Runa", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.navigate("/dishes/" + aDish() + "/swap");
        button(page, "Ketil").click();
        button(page, "Runa").click();
        assertThat(page.getByText("One dish, or a small one apart?")).isVisible();
        button(page, "Make this one for Ketil only").click();
        assertThat(page.getByText("One dish, or a small one apart?")).hasCount(0);
    }
}
