package barrowmist.browser;

import com.deque.html.axecore.args.AxeRuleOptions;
import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Collectors;

/** Debian's Chromium without a monitor: its headless build, a fifth lighter than the whole, or the whole where only that is. */
final class Chromium implements AutoCloseable {

    private static final Set<String> GRAVE = Set.of("serious", "critical");
    private static final double TIMEOUT_MS = 20_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(TIMEOUT_MS);
    }

    private final Playwright playwright =
            Playwright.create(new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private final Browser browser = playwright
            .chromium()
            .launch(new BrowserType.LaunchOptions()
                    .setExecutablePath(installed())
                    .setArgs(List.of(
                            "--no-sandbox",
                            "--disable-gpu",
                            "--disable-quic",
                            "--no-first-run",
                            "--disable-background-networking",
                            "--disable-component-update",
                            "--disable-sync")));
    private final List<String> asked = new CopyOnWriteArrayList<>();

    private static Path installed() {
        Path light = Path.of("/usr/bin/chromium-headless-shell");
        return Files.exists(light) ? light : Path.of("/usr/bin/chromium");
    }

    BrowserContext context(int width, int height, boolean touch) {
        return context(width, height, touch, false);
    }

    /** Of somebody who let the lab's own certificate pass. */
    BrowserContext trusting(int width, int height) {
        return context(width, height, true, true);
    }

    private BrowserContext context(int width, int height, boolean touch, boolean trusting) {
        BrowserContext context = browser.newContext(new Browser.NewContextOptions()
                .setIgnoreHTTPSErrors(trusting)
                .setViewportSize(width, height)
                .setHasTouch(touch)
                // a colour on its way to another is neither, and a test need not wait for it
                .setReducedMotion(ReducedMotion.REDUCE)
                .setLocale("en-GB"));
        context.setDefaultTimeout(TIMEOUT_MS);
        context.onRequest(r -> asked.add(r.url()));
        return context;
    }

    Page page() {
        return context(1280, 800, false).newPage();
    }

    /** Every address that was asked for, of all pages. */
    List<String> asked() {
        return List.copyOf(asked);
    }

    /** Serious and critical violations of a page, in words. */
    static List<String> violations(Page page) {
        return grave(axe(page));
    }

    /** Violations of contrast alone: all that another light can change. */
    static List<String> contrast(Page page) {
        return grave(axe(page).withRules(List.of("color-contrast")));
    }

    /** Without a word on all that passed, and without the ways round frames: both cost more than the looking. */
    private static AxeBuilder axe(Page page) {
        AxeRunOptions violationsOnly = new AxeRunOptions();
        violationsOnly.setResultTypes(List.of("violations"));
        // whoever speaks to the page says what is written on it
        AxeRuleOptions asked = new AxeRuleOptions();
        asked.setEnabled(true);
        violationsOnly.setRules(Map.of("label-content-name-mismatch", asked));
        return new AxeBuilder(page).options(violationsOnly).setLegacyMode(true);
    }

    private static List<String> grave(AxeBuilder axe) {
        return axe.analyze().getViolations().stream()
                .filter(r -> GRAVE.contains(r.getImpact()))
                .map(Chromium::words)
                .toList();
    }

    private static String words(Rule rule) {
        return rule.getId() + ": " + rule.getHelp() + " "
                + rule.getNodes().get(0).getHtml();
    }

    /** What every open page shows, in words, its fields with what stands in them. */
    String onScreen() {
        return browser.contexts().stream()
                .flatMap(c -> c.pages().stream())
                .map(p -> p.url() + "\n" + p.locator("body").ariaSnapshot())
                .collect(Collectors.joining("\n\n"));
    }

    /** Closes what was opened; the browser stays. */
    void closePages() {
        List.copyOf(browser.contexts()).forEach(BrowserContext::close);
    }

    @Override
    public void close() {
        browser.close();
        playwright.close();
    }
}
