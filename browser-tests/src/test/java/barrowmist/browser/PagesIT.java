package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Every page of the demo laboratory, in both lights. With {@code -Dscreenshots=true} the pictures of the README are taken
 * anew on the way.
 */
class PagesIT {

    @RegisterExtension
    static final Laboratory LAB = Laboratory.ofTheDemo();

    /** Columns: path, a text that the page shows, name of its picture where the README has one. */
    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "/, Read why it tastes underdeveloped, today",
        "/green, Zaramonde Bench, ",
        "/green/1, 2 roasts, lot",
        "/green/samples/4, Full defects of category 1, inspection",
        "/instruments, Moisture meter, ",
        "/plan, Fruit-forward natural, ",
        "/plan/new?sample=3, left open, ",
        "/plan/5, Charge advised, plan",
        "/plan/day, can be cupped on one table, day",
        "/machines, Drum 1, ",
        "/machines/1, turning point at, ",
        "/roast, Kapenda Station, ",
        "/roast/14, 'crash, ', roast",
        "/roast/import?lot=1, Choose a file, import",
        "/sample, to weigh, ",
        "/sample/16, weight loss, sample",
        "/roast/beside?id=1&id=14, Gatovu Hill, ",
        "/rest, ageing studies, rest",
        "/cupping, Set a table, ",
        "/cupping/14, below specialty, sheet",
        "/trace, unexplained by the log, ",
        "/trace/14, Cut the gas at, trace",
        "/trace/20, Look next at the bench, unexplained",
        "/nowhere, There is no such page, ",
    })
    void isFreeOfSeriousViolationsInBothLights(String path, String shows, String picture) {
        Page page = LAB.page();
        page.addInitScript("localStorage.setItem('barrowmist.light', 'light')");
        page.navigate(LAB.app().url() + path);
        assertThat(page.getByText(shows).first()).isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        assertThat(Chromium.violations(page)).isEmpty();
        if (picture != null && Boolean.getBoolean("screenshots")) {
            page.screenshot(
                    new Page.ScreenshotOptions().setPath(Path.of("..", "docs", "screenshots", picture + ".png")));
        }
        page.getByLabel("Light or dark").click();
        assertThat(page.locator("html")).hasAttribute("data-theme", "dark");
        assertThat(Chromium.contrast(page)).as("dark").isEmpty();
        page.context().close();
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
