package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

class FirstDishJourney extends Journey {
    @Test
    void pasteConvertSeeLayersUndoReload() {
        Page page = Browser.open(cook, "/");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Read a recipe"))
                .first()
                .click();
        page.getByLabel(Pattern.compile("Paste it as it is")).fill(RECIPE);
        button(page, "Gluten-free").click();
        button(page, "Read this recipe").click();

        assertThat(page).hasURL(Pattern.compile("/dishes/[^/]+/read"));
        assertThat(page.getByText("lasagna sheets · 160 g")).isVisible();
        assertThat(drawing(page)).hasAttribute("aria-label", Pattern.compile("cut through: \\d+ layers"));

        stop(page, "Swap").click();
        assertThat(page.getByText("brown-rice lasagna sheets").first()).isVisible();
        button(page, "Dairy-free").click();
        assertThat(page.getByText("unsweetened soy drink").first()).isVisible();
        assertThat(drawing(page).getByText(Pattern.compile("White sauce")))
                .not()
                .hasCount(0);
        assertThat(saving(page)).hasText("Saved");

        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName(Pattern.compile("almond drink")))
                .click();
        assertThat(page.getByRole(AriaRole.TABLE).getByText("almond drink").first())
                .isVisible();
        assertThat(saving(page)).hasText("Saved");

        button(page, "Undo").click();
        assertThat(page.getByRole(AriaRole.TABLE)
                        .getByText("unsweetened soy drink")
                        .first())
                .isVisible();
        button(page, "Undo").click();
        assertThat(page.getByRole(AriaRole.TABLE).getByText("unsweetened soy drink"))
                .hasCount(0);
        button(page, "Redo").click();
        assertThat(page.getByRole(AriaRole.TABLE)
                        .getByText("unsweetened soy drink")
                        .first())
                .isVisible();

        page.reload();
        assertThat(page).hasURL(Pattern.compile("/swap"));
        assertThat(page.getByRole(AriaRole.TABLE)
                        .getByText("unsweetened soy drink")
                        .first())
                .isVisible();

        stop(page, "Build").click();
        page.getByLabel("Depth (mm)").fill("30");
        page.getByLabel("Depth (mm)").press("Enter");
        assertThat(page.getByText(Pattern.compile("Too full by \\d+ mm")).first())
                .isVisible();
        page.getByLabel("Depth (mm)").fill("9");
        page.getByLabel("Depth (mm)").press("Enter");
        assertThat(page.getByText("Give a number from 20 to 200.")).isVisible();

        stop(page, "Bake").click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Frozen"))
                .click();
        assertThat(page.getByText(Pattern.compile("start frozen"))).isVisible();

        stop(page, "Notes").click();
        page.getByLabel(Pattern.compile("What happened")).fill("Ten minutes more.");
        assertThat(page.getByText("Changed notes")).isVisible();
    }

    @Test
    void aLineTheReaderMistookIsCorrected() {
        Page page = Browser.open(cook, "/dishes/" + aDish("gluten-free") + "/read");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Correct: 3 leeks, sliced"))
                .click();
        page.getByLabel("Line", new Page.GetByLabelOptions().setExact(true)).fill("4 fennel bulbs");
        page.getByLabel("Part of the dish").selectOption("topping");
        button(page, "Use this").click();
        assertThat(page.getByText("fennel", new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
        assertThat(saving(page)).hasText("Saved");
        page.reload();
        Locator row =
                page.getByRole(AriaRole.LISTITEM).filter(new Locator.FilterOptions().setHasText("4 fennel bulbs"));
        assertThat(row.getByText("Topping").first()).isVisible();
    }

    @Test
    void aTextThatIsNoRecipeIsKeptWithTheReason() {
        Page page = Browser.open(cook, "/read");
        page.getByLabel(Pattern.compile("Paste it as it is")).fill("Dear aunt, how are you?");
        button(page, "Read this recipe").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("No ingredient was found");
        page.reload();
        assertThat(page.getByLabel(Pattern.compile("Paste it as it is"))).hasValue("Dear aunt, how are you?");
    }

    @Test
    void theKindOfDishIsTheCooksToSay() {
        Page page = Browser.open(cook, "/dishes/" + aDish("gluten-free") + "/read");
        page.getByLabel("Kind of dish").selectOption("gratin");
        assertThat(saving(page)).hasText("Saved");
        page.reload();
        assertThat(page.getByLabel("Kind of dish")).hasValue("gratin");
        page.getByLabel("Kind of dish").selectOption("");
        assertThat(page.getByText("As it was read: lasagna")).hasCount(1);
    }

    private static Locator drawing(Page page) {
        return page.getByRole(AriaRole.COMPLEMENTARY).getByRole(AriaRole.IMG);
    }

    private static Locator stop(Page page, String name) {
        return page.getByRole(AriaRole.NAVIGATION)
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile(name)));
    }
}
