package nabe.journeys;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Page.GetByRoleOptions;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import nabe.server.Http;
import nabe.server.RunningNabe;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;

/** What every journey starts from: the running application, a browser at a table, and words for finding things. */
@ExtendWith(RunningNabe.class)
abstract class Journey {
    static final String RECIPE = """
            Grandmother's leek lasagna
            Serves 6

            Ingredients
            9 lasagna sheets
            3 leeks, sliced
            1 x 400g tin chopped tomatoes
            250 g mozzarella

            For the white sauce
            40 g butter
            40 g plain flour
            500 ml milk

            Method
            Heat the oven to 190C. Make the sauce. Layer in a 30 x 20 cm dish.
            Cover with foil and bake for 30 minutes, then bake uncovered for 15 minutes.
            """;
    BrowserContext cook;
    RunningNabe nabe;

    @BeforeEach
    void sitDown(RunningNabe running) {
        PlaywrightAssertions.setDefaultAssertionTimeout(15_000);
        nabe = running;
        cook = Browser.get().cook(running.address(), 1280, 800);
    }

    @AfterEach
    void leave() {
        cook.close();
    }

    /** @return the id of a fresh dish kept over the API */
    String aDish(String... needs) {
        return new Http(nabe.address())
                .post("/api/dishes", Map.of("recipe", Map.of("text", RECIPE), "needs", needs))
                .body()
                .get("id")
                .asString();
    }

    static com.microsoft.playwright.Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new GetByRoleOptions().setName(name).setExact(true));
    }

    static com.microsoft.playwright.Locator saving(Page page) {
        return page.getByRole(AriaRole.STATUS, new GetByRoleOptions().setName("Saving"));
    }
}
