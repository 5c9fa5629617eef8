package nabe.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import biweekly.Biweekly;
import biweekly.ICalendar;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import nabe.server.Http;
import org.junit.jupiter.api.Test;

/** A whole meal: laid from nothing, a guest added, an order tried and mended, late, shopped for, on paper. */
class TableJourney extends Journey {
    private static final String PASTA = """
            Penne bake
            Serves 4

            Ingredients
            300 g penne
            500 g passata
            100 g cheddar, grated

            Method
            Boil the penne for 8 minutes and drain. Stir into the passata, tip into a dish and top with the cheddar.
            Bake at 190C for 25 minutes.
            """;
    private static final LocatorAssertions.IsVisibleOptions SOON =
            new LocatorAssertions.IsVisibleOptions().setTimeout(30_000);

    /** A pasta bake with wheat, a gluten-free gratin for a strict guest, one cook, one afternoon. */
    private String aMeal() {
        String wheat = new Http(nabe.address())
                .post("/api/dishes", Map.of("title", "Penne bake", "recipe", Map.of("text", PASTA)))
                .body()
                .get("id")
                .asString();
        Map<String, Object> meal = Map.of(
                "title",
                "Sunday",
                "serveAt",
                "2026-12-06T19:00",
                "eaters",
                List.of(
                        Map.of("name", "Una", "needs", List.of("gluten-free"), "strict", true, "oats", "none"),
                        Map.of("name", "Bo", "needs", List.of())),
                "dishes",
                List.of(Map.of("dish", aDish("gluten-free")), Map.of("dish", wheat)),
                "kitchen",
                Map.of(
                        "cooks",
                        1,
                        "burners",
                        4,
                        "ovens",
                        List.of(Map.of("shelves", 2)),
                        "sittings",
                        List.of(Map.of("from", "2026-12-06T14:00", "to", "2026-12-06T19:00"))));
        return new Http(nabe.address())
                .post("/api/meals", meal)
                .body()
                .get("id")
                .asString();
    }

    private Page open(String meal, String view) {
        Page page = Browser.open(cook, "/table/" + meal + "/" + view);
        assertThat(proof(page)).isVisible(SOON);
        return page;
    }

    private static Locator proof(Page page) {
        return page.getByText(Pattern.compile("^(Proven|Best found|Your own order)"));
    }

    private static Locator work(Page page, String words) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(words)))
                .first();
    }

    @Test
    void aFeastIsPlannedFromNothing() {
        aDish("gluten-free");
        Page page = Browser.open(cook, "/table");
        button(page, "Plan a meal").click();
        assertThat(page).hasURL(Pattern.compile("/table/[^/]+/guests"));
        page.getByLabel("What this meal is called").fill("The feast");
        page.getByLabel("What this meal is called").press("Enter");
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("The feast")))
                .isVisible();
        button(page, "Add a guest").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Sunniva");
        button(page, "Vegan").click();
        button(page, "Keep this person").click();
        assertThat(page.getByRole(AriaRole.ROWHEADER, new Page.GetByRoleOptions().setName(Pattern.compile("Sunniva"))))
                .isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Clock"))
                .click();
        assertThat(proof(page)).isVisible(SOON);
        assertThat(work(page, "Build the dish")).isVisible();
    }

    @Test
    void aGuestWithANewAllergyIsFollowedToThePlate() {
        Page page = open(aMeal(), "guests");
        button(page, "Add a guest").click();
        page.getByLabel("Name", new Page.GetByLabelOptions().setExact(true)).fill("Ebba");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Strict: traces matter"))
                .click();
        page.getByText("Single allergens").click();
        button(page, "Sesame").click();
        button(page, "Keep this person").click();
        work(page, "Ebba, Penne bake").click();
        assertThat(page.getByText("Ebba, Penne bake:")).isVisible();
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Kept apart"))
                .click();
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Ebba"))
                .click();
        assertThat(page.getByText("Penne bake, for Ebba")).isVisible(SOON);
        assertThat(page.getByText("nothing gets where it must not be")).isVisible();
    }

    /** By the mouse, in small steps, as a hand does. */
    private static void drag(Page page, Locator from, Locator to) {
        from.scrollIntoViewIfNeeded();
        BoundingBox here = from.boundingBox();
        page.mouse().move(here.x + here.width / 2, here.y + here.height / 2);
        page.mouse().down();
        BoundingBox there = to.boundingBox();
        page.mouse().move(there.x + there.width / 2, there.y + there.height / 2, new Mouse.MoveOptions().setSteps(12));
        page.mouse().up();
    }

    @Test
    void aTaskDraggedIntoABreachIsNamedAndMended() {
        Page page = open(aMeal(), "clock");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("List"))
                .click();
        drag(page, work(page, "Build the dish: .*leek lasagna"), work(page, "Build the dish: Penne bake"));
        Locator broken = page.getByRole(AriaRole.ALERT, new Page.GetByRoleOptions().setName("Not kept apart"));
        assertThat(broken).isVisible();
        for (int i = 0; i < 6 && broken.isVisible(); i++) {
            button(page, "Do this first")
                    .or(button(page, "Wash up before it"))
                    .first()
                    .click();
            assertThat(saving(page)).hasText("Saved");
            page.waitForTimeout(1_500);
        }
        assertThat(broken).isHidden();
        button(page, "Let Nabe find the order again").click();
        assertThat(page.getByText(Pattern.compile("^(Proven|Best found)"))).isVisible(SOON);
    }

    @Test
    void twentyMinutesLateMovesOnlyWhatIsLeft() {
        Page page = open(aMeal(), "clock");
        page.getByLabel("It is").fill("2026-12-06T17:55");
        page.getByLabel("It is").press("Enter");
        button(page, "We are 20 minutes late").click();
        assertThat(page.getByText("What that moves").or(page.getByText("Nothing else moves.")))
                .isVisible(SOON);
        button(page, "Begin afresh").click();
        assertThat(page.getByText("What that moves")).isHidden();
    }

    @Test
    void tickedShoppingStaysTickedAndThePlanLeavesInOpenFormats() {
        String meal = aMeal();
        Page page = open(meal, "shopping");
        Locator penne =
                page.getByRole(AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(Pattern.compile("penne")));
        penne.check();
        assertThat(page.getByText(Pattern.compile("still to get"))).isVisible();
        page.waitForResponse(r -> r.url().endsWith("/ticks"), page::reload);
        assertThat(penne).isChecked();

        ICalendar calendar = Biweekly.parse(new Http(nabe.address())
                        .get("/api/meals/" + meal + "/clock.ics")
                        .raw()
                        .body())
                .first();
        assertThat(calendar.getEvents())
                .isNotEmpty()
                .allSatisfy(e -> assertThat(e.getAlarms()).isNotEmpty());

        page.navigate("/table/" + meal + "/print");
        assertThat(page.getByText("Cards for the dishes")).isVisible(SOON);
        page.emulateMedia(new Page.EmulateMediaOptions().setMedia(com.microsoft.playwright.options.Media.PRINT));
        assertThat(button(page, "Print")).isHidden();
        assertThat(page.getByText("Sunday 6 December").first()).isVisible();
    }
}
