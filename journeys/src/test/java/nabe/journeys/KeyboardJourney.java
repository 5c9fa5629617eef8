package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class KeyboardJourney extends Journey {
    private static final int MOST_STEPS = 90;

    @Test
    void aCookWithoutAMouseReadsConvertsAndUndoes() {
        Page page = Browser.open(cook, "/");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Your shelf")))
                .isVisible();
        walkTo(page, "Read a recipe");
        page.keyboard().press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Read a recipe")))
                .isVisible();
        walkTo(page, "recipe");
        page.keyboard().insertText(RECIPE);
        walkTo(page, "Gluten-free");
        page.keyboard().press("ArrowRight");
        assertThat(button(page, "Gluten-free")).not().isFocused();
        page.keyboard().press("ArrowRight");
        assertThat(button(page, "Vegan")).isFocused();
        page.keyboard().press("Space");
        assertThat(button(page, "Vegan")).hasAttribute("aria-pressed", "true");
        walkTo(page, "Read this recipe");
        page.keyboard().press("Enter");
        assertThat(page).hasURL(Pattern.compile("/dishes/[^/]+/read"));
        assertThat(page.getByText("What was understood")).isVisible();
        walkTo(page, "Swap");
        page.keyboard().press("Enter");
        assertThat(page.getByText("unsweetened soy drink").first()).isVisible();
        walkTo(page, "Vegan");
        page.keyboard().press("Space");
        assertThat(page.getByText("Everything in this recipe fits").or(page.getByText("Say above")))
                .isVisible();
        assertThat(saving(page)).hasText("Saved");
        page.keyboard().press("Home");
        walkTo(page, "Undo");
        page.keyboard().press("Enter");
        assertThat(page.getByText("unsweetened soy drink").first()).isVisible();
    }

    /** Tabs on until the focus is on the thing of this name, or its group's current item. */
    private static void walkTo(Page page, String name) {
        for (int i = 0; i < MOST_STEPS; i++) {
            page.keyboard().press("Tab");
            String at = (String)
                    page.evaluate(
                            "() => { const e = document.activeElement; return e ? (e.id || '') + '|' + (e.getAttribute('aria-label') || '') + '|' + e.textContent.trim() : '' }");
            boolean here = at.startsWith(name + "|")
                    || at.contains("|" + name + "|")
                    || at.matches("(?s).*\\|\\d?" + Pattern.quote(name) + "(\\d+ .*)?");
            if (here) {
                return;
            }
        }
        throw new AssertionError("No tab stop leads to " + name);
    }
}
