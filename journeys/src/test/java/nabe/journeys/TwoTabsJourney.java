package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

class TwoTabsJourney extends Journey {
    @Test
    void theSecondTabSeesBothVersionsAndLosesNothing() {
        String path = "/dishes/" + aDish() + "/swap";
        Page kitchen = Browser.open(cook, path);
        try (var other = Browser.get().cook(nabe.address(), 1280, 800)) {
            Page sofa = Browser.open(other, path);
            assertThat(button(sofa, "Vegan")).isVisible();
            button(kitchen, "Vegan").click();
            assertThat(button(kitchen, "Undo")).isEnabled();

            button(sofa, "Nut-free").click();
            var both = sofa.getByRole(AriaRole.DIALOG);
            assertThat(both).containsText("changed in another window");
            assertThat(both.getByRole(
                            AriaRole.CELL,
                            new com.microsoft.playwright.Locator.GetByRoleOptions().setName("nut-free, by ingredient")))
                    .isVisible();
            assertThat(both.getByRole(
                            AriaRole.CELL,
                            new com.microsoft.playwright.Locator.GetByRoleOptions().setName("vegan, by ingredient")))
                    .isVisible();

            sofa.reload();
            assertThat(sofa.getByRole(AriaRole.DIALOG)).isVisible();
            button(sofa, "Keep this window's").click();
            assertThat(saving(sofa)).hasText("Saved");
            assertThat(button(sofa, "Nut-free")).hasAttribute("data-state", "on");

            button(kitchen, "Egg-free").click();
            button(kitchen, "Take the other window's").click();
            assertThat(button(kitchen, "Nut-free")).hasAttribute("data-state", "on");
            assertThat(button(kitchen, "Egg-free")).hasAttribute("data-state", "off");
        }
        Browser.get().complaints();
    }
}
