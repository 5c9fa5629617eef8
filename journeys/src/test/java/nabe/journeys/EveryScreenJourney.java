package nabe.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import nabe.server.Http;
import org.junit.jupiter.api.Test;

/** Every screen at every size: nothing complains, nothing spills over the side, nothing shuts a cook out. */
class EveryScreenJourney extends Journey {
    private static final int PATIENCE_MS = 60_000;
    private static final String AXE =
            "async () => (await axe.run(document, {runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']}))"
                    + ".violations.filter(v => ['serious', 'critical'].includes(v.impact)).map(v => v.id + ': ' + v.nodes[0].html)";

    private static final List<Look> LOOKS = List.of(
            new Look("desk", 1280, 800, ColorScheme.LIGHT, true),
            new Look("desk at night", 1280, 800, ColorScheme.DARK, true),
            new Look("tablet", 820, 1180, ColorScheme.LIGHT, false),
            new Look("phone", 390, 844, ColorScheme.LIGHT, true));

    /** @param axe asked where what it judges differs: colours by night, what folds on a phone */
    private record Look(String name, int width, int height, ColorScheme scheme, boolean axe) {}

    @Test
    void everyScreenIsCalmWholeAndOpenToAll() {
        Browser.get().complaints();
        try (BrowserContext context = Browser.get().cook(nabe.address(), 1280, 800)) {
            context.addInitScript(Path.of("../web/node_modules/axe-core/axe.min.js"));
            for (String screen : screens()) {
                Page page = context.newPage();
                page.navigate(screen);
                // A meal fresh on the table asks until its plan is proven.
                page.waitForLoadState(
                        LoadState.NETWORKIDLE, new Page.WaitForLoadStateOptions().setTimeout(PATIENCE_MS));
                LOOKS.forEach(look -> holds(page, screen, look));
                page.close();
            }
        }
        assertThat(Browser.get().complaints()).isEmpty();
    }

    private List<String> screens() {
        List<String> screens = new ArrayList<>(List.of("/", "/read", "/house", "/table"));
        List.of("label", "packets", "ingredients", "components", "wordings")
                .forEach(shelf -> screens.add("/larder/" + shelf));
        List.of("read", "swap", "prep", "build", "bake", "notes", "card")
                .forEach(stop -> screens.add("/dishes/" + first("/api/dishes") + "/" + stop));
        List.of("guests", "kitchen", "clock", "apart", "shopping", "serve", "print")
                .forEach(view -> screens.add("/table/" + first("/api/meals") + "/" + view));
        return screens;
    }

    private String first(String list) {
        return new Http(nabe.address()).get(list).body().get(0).get("id").asString();
    }

    private static void holds(Page page, String screen, Look look) {
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(look.scheme()));
        page.setViewportSize(look.width(), look.height());
        Object over = page.evaluate("document.documentElement.scrollWidth - document.documentElement.clientWidth");
        assertThat(over).as("%s spills over on a %s", screen, look.name()).isEqualTo(0);
        if (look.axe()) {
            assertThat((List<?>) page.evaluate(AXE))
                    .as("axe on %s, %s", screen, look.name())
                    .isEmpty();
        }
    }
}
