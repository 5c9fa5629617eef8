package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

class DatabaseAwayJourney extends Journey {
    private boolean away;

    @AfterEach
    void databaseIsBackForTheOthers() {
        if (away) {
            nabe.database().start();
        }
        Browser.get().complaints();
    }

    @Test
    void editsWaitOnThePageAndAreSavedWhenTheDatabaseIsBack() {
        Page page = Browser.open(cook, "/dishes/" + aDish() + "/swap");
        assertThat(button(page, "Vegan")).isVisible();
        nabe.database().stop();
        away = true;

        button(page, "Vegan").click();
        assertThat(page.getByText("Kept on this page, not saved yet")).isVisible();
        assertThat(page.getByText("unsweetened soy drink").first()).isVisible();
        button(page, "Nut-free").click();

        page.reload();
        assertThat(page.getByText(Pattern.compile("cannot be opened now"))).isVisible();

        nabe.database().start();
        away = false;
        assertThat(button(page, "Nut-free")).hasAttribute("data-state", "on");
        assertThat(button(page, "Vegan")).hasAttribute("data-state", "on");
        assertThat(saving(page)).hasText("Saved");
        page.reload();
        assertThat(button(page, "Nut-free")).hasAttribute("data-state", "on");
    }
}
