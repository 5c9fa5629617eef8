package nabe.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import nabe.server.Http;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Every screen at every size: nothing complains, nothing spills over the side, nothing shuts a cook out. */
class EveryScreenJourney extends Journey {
    private static final int PATIENCE_MS = 60_000;
    private static final String AXE =
            "async () => (await axe.run(document, {runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']}))"
                    + ".violations.filter(v => ['serious', 'critical'].includes(v.impact)).map(v => v.id + ': ' + v.nodes[0].html)";

    @ParameterizedTest
    @CsvSource({"1280, 800, light", "820, 1180, light", "390, 844, light", "1280, 800, dark"})
    void everyScreenIsCalmWholeAndOpenToAll(int width, int height, String scheme) {
        Browser.get().complaints();
        String dish = new Http(nabe.address())
                .get("/api/dishes")
                .body()
                .get(0)
                .get("id")
                .asString();
        List<String> screens = new ArrayList<>(List.of("/", "/read", "/house"));
        List.of("label", "packets", "ingredients", "components", "wordings")
                .forEach(shelf -> screens.add("/larder/" + shelf));
        List.of("read", "swap", "prep", "build", "bake", "notes", "card")
                .forEach(stop -> screens.add("/dishes/" + dish + "/" + stop));
        String meal = new Http(nabe.address())
                .get("/api/meals")
                .body()
                .get(0)
                .get("id")
                .asString();
        screens.add("/table");
        List.of("guests", "kitchen", "clock", "apart", "shopping", "serve", "print")
                .forEach(view -> screens.add("/table/" + meal + "/" + view));
        try (BrowserContext context = Browser.get().cook(nabe.address(), width, height)) {
            context.addInitScript(Path.of("../web/node_modules/axe-core/axe.min.js"));
            for (String screen : screens) {
                Page page = context.newPage();
                page.emulateMedia(new Page.EmulateMediaOptions()
                        .setColorScheme(com.microsoft.playwright.options.ColorScheme.valueOf(scheme.toUpperCase())));
                page.navigate(screen);
                // A meal fresh on the table asks until its plan is proven.
                page.waitForLoadState(
                        LoadState.NETWORKIDLE, new Page.WaitForLoadStateOptions().setTimeout(PATIENCE_MS));
                assertThat((List<?>) page.evaluate(AXE))
                        .as("axe on %s at %d %s", screen, width, scheme)
                        .isEmpty();
                Object wide =
                        page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
                assertThat(wide).as("%s spills over at %d", screen, width).isEqualTo(0);
                page.close();
            }
        }
        assertThat(Browser.get().complaints()).isEmpty();
    }
}
