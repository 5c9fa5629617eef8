package nabe.journeys;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.ConsoleMessage;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Debian's Chromium, started once for the run; every page it opens has its console watched. */
final class Browser {
    private static Browser started;
    private final com.microsoft.playwright.Browser chromium;
    private final List<String> complaints = new ArrayList<>();

    private Browser() {
        Playwright playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        chromium = playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    static synchronized Browser get() {
        if (started == null) {
            started = new Browser();
        }
        return started;
    }

    /** A fresh profile: its own storage, its own size. */
    BrowserContext cook(String address, int width, int height) {
        BrowserContext context = chromium.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                .setBaseURL(address)
                .setViewportSize(width, height)
                .setReducedMotion(com.microsoft.playwright.options.ReducedMotion.REDUCE));
        context.setDefaultTimeout(15_000);
        context.onPage(page -> page.onConsoleMessage(this::note));
        context.onWebError(error -> complaints.add(error.error()));
        return context;
    }

    private void note(ConsoleMessage message) {
        if (message.type().equals("error") || message.type().equals("warning")) {
            complaints.add(message.text());
        }
    }

    /** @return what the consoles complained of since the last call */
    List<String> complaints() {
        List<String> heard = List.copyOf(complaints);
        complaints.clear();
        return heard;
    }

    static Page open(BrowserContext context, String path) {
        Page page = context.newPage();
        page.navigate(path);
        return page;
    }
}
