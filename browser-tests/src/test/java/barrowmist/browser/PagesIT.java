package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.RegisterExtension;

/**
 * Every page of the demo laboratory, in both lights. With {@code -Dscreenshots=true} the pictures of the README are taken
 * anew on the way.
 */
class PagesIT {

    @RegisterExtension
    static final Laboratory LAB = Laboratory.ofTheDemo();

    /** @param picture its name in the README, or nothing */
    private record Stop(String path, String shows, String picture) {
        private Stop(String path, String shows) {
            this(path, shows, "");
        }
    }

    private static final List<Stop> WALK = List.of(
            new Stop("/", "Read what the cup comes from: mould in the green", "today"),
            new Stop("/green", "Zaramonde Bench"),
            new Stop("/green/1", "2 roasts"),
            new Stop("/green/samples/4", "Full defects of category 1", "inspection"),
            new Stop("/instruments", "Moisture meter"),
            new Stop("/people", "The first account"),
            new Stop("/plan", "Fruit-forward natural"),
            new Stop("/plan/new?sample=3", "left open"),
            new Stop("/plan/5", "Charge advised", "plan"),
            new Stop("/plan/day", "before the last one opens", "day"),
            new Stop("/machines", "Drum 1"),
            new Stop("/machines/1", "turning point at"),
            new Stop("/roast", "Kapenda Station"),
            new Stop("/roast/14", "crash, ", "roast"),
            new Stop("/roast/import?lot=1", "Choose a file"),
            new Stop("/sample", "to weigh"),
            new Stop("/sample/16", "weight loss"),
            new Stop("/roast/beside?id=1&id=14", "Gatovu Hill"),
            new Stop("/rest", "ageing studies"),
            new Stop("/cupping?roast=19&roast=20&kind=scoring&blind=coded", "Begin with 2 samples"),
            new Stop("/cupping/26", "Guessed from the green"),
            new Stop("/cupping/cuppers", "Marit O."),
            new Stop("/cupping/cuppers/Marit%20O.", "none of this is a mark"),
            new Stop("/cupping/house", "on 3 sheets"),
            new Stop("/cupping/14", "below specialty", "sheet"),
            new Stop("/trace", "not borne out yet"),
            new Stop("/trace/14", "Cut the gas at", "trace"),
            new Stop("/trace/20", "Look next at"),
            new Stop("/trace/67", "mould in the green", "trace-green"),
            new Stop("/trace/59", "Prove it"),
            new Stop("/decision", "claim"),
            new Stop("/decision/14", "Reject it"),
            new Stop("/decision/4", "What is known", "decision"),
            new Stop("/decision/profiles", "Espresso base"),
            new Stop("/decision/profiles/1", "Drifting now", "profile"),
            new Stop("/decision/questions?ask=tasted-crashes", "of those taste", "questions"),
            new Stop("/decision/questions?ask=cups-share", "Nothing yet"),
            new Stop("/decision/suppliers/Meridian%20Sack", "Arrivals against"),
            new Stop("/decision/bags", "All bags of a lot"),
            new Stop("/decision/blend", "What would it be?"),
            new Stop("/decision/blend/1", "Lay the trial beside its parts"),
            new Stop("/machines/2", "the burner or the heater was serviced"),
            new Stop("/decision/9", "Cup what was roasted of it."),
            new Stop("/trace/record", "Right in"),
            new Stop("/trace/lot/1", "that roast, and not the lot"),
            new Stop("/trace/over-time", "The newer half against the older"),
            new Stop("/trace/beside?id=14&id=15", "Their curves over each other"),
            new Stop("/trace/rules", "Hot charge: counts half at"),
            new Stop("/trace/patterns", "Too few cups"),
            new Stop("/nowhere", "There is no such page"));

    /** One after the other in one window, as a person walks: what was fetched once is not fetched again. */
    @TestFactory
    Stream<DynamicTest> isFreeOfSeriousViolationsInBothLights() {
        Page page = LAB.page();
        page.addInitScript("localStorage.setItem('barrowmist.light', 'light')");
        return WALK.stream().map(stop -> DynamicTest.dynamicTest(stop.path(), () -> look(page, stop)));
    }

    private static void look(Page page, Stop stop) {
        page.navigate(LAB.app().url() + stop.path());
        assertThat(page.getByText(stop.shows()).first()).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        assertThat(Chromium.violations(page)).isEmpty();
        if (!stop.picture().isEmpty() && Boolean.getBoolean("screenshots")) {
            page.screenshot(new Page.ScreenshotOptions()
                    .setPath(Path.of("..", "docs", "screenshots", stop.picture() + ".png")));
        }
        page.getByLabel("Light or dark").click();
        assertThat(page.locator("html")).hasAttribute("data-theme", "dark");
        assertThat(Chromium.contrast(page)).as("dark").isEmpty();
    }

    @Test
    void thePageAsksNoOtherHostAndTheKeysAreExplained() {
        Page page = LAB.page();
        page.navigate(LAB.app().url() + "/trace/14");
        assertThat(page.getByText("Cut the gas at").first()).isVisible();
        page.keyboard().press("?");
        assertThat(page.getByText("Keys of this page").first()).isVisible();
        assertThat(LAB.chromium().asked())
                .isNotEmpty()
                .allMatch(url -> url.startsWith(LAB.app().url()) || url.startsWith("data:"));
        page.context().close();
    }

    @Test
    void unitsHoldOnEveryPage() {
        Page page = LAB.page();
        Person person = LAB.person(page);
        person.open("/roast/14");
        person.button("Temperatures in °C; switch").click();
        person.button("Rates per minute; switch").click();
        assertThat(page.getByText("rate of rise °F/30 s")).isVisible();
        person.link("Trace").last().click();
        assertThat(page.getByText("°F/30 s in").first()).isVisible();
        person.open("/roast");
        assertThat(page.getByText("375.6 °F").first()).isVisible();
        page.context().close();
    }
}
