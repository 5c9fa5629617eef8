package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

class ShelfJourney extends Journey {

    private static Locator dish(Page page) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Grandmother's leek lasagna"));
    }

    /** The note itself: for a moment its words also stand in the region that screen readers are told from. */
    private static Locator note(Page page) {
        return page.getByText(
                "Grandmother's leek lasagna is off the shelf.", new Page.GetByTextOptions().setExact(true));
    }

    @Test
    void aDishIsTakenOffTheShelfAndPutBack() {
        aDish("vegan");
        Page page = Browser.open(cook, "/");
        assertThat(dish(page).first()).isVisible();
        int before = dish(page).count();
        button(page, "Take Grandmother's leek lasagna off the shelf").first().click();
        assertThat(note(page)).isVisible();
        assertThat(dish(page)).hasCount(before - 1);
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Put it back"))
                .click();
        assertThat(note(page)).isHidden();
        assertThat(dish(page)).hasCount(before);
    }
}
