package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What the demo laboratory has learned, and what it makes of the rules. */
class LearnedIT {

    @RegisterExtension
    static final Laboratory LAB = Laboratory.ofTheDemo();

    @Test
    void aThresholdIsLearnedTriedOnTheRulesAndTakenIn() {
        Page page = LAB.page();
        Person person = LAB.person(page);
        person.open("/trace");
        person.link("What we learned").click();
        person.choose("Cups that are called", "scorched");
        assertThat(page.getByText(Pattern.compile("^Charge above 19\\d °C \\(between 19\\d and 19\\d\\)$")))
                .isVisible();
        assertThat(page.getByText("Hot charge: counts half at")).isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
        picture(page, "patterns");

        page.locator("li")
                .filter(new com.microsoft.playwright.Locator.FilterOptions().setHasText("Hot charge: counts half at"))
                .getByText("Try it on the rules")
                .click();
        assertThat(person.heading("Rules")).isVisible();
        assertThat(person.field("Why, in a word"))
                .hasValue(Pattern.compile("^Learned on Drum 1 from 1\\d of 6\\d cups"));
        assertThat(person.button("Keep them")).isDisabled();
        person.button("What would change?").click();
        assertThat(page.getByText(Pattern.compile("of the \\d+ newest cupped roasts would change")))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("verdicts of yours \\d+ agree now, \\d+ would then")))
                .isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
        picture(page, "rules");
        // half made, it is found again after a reload
        page.reload();
        person.button("What would change?").click();
        person.button("Keep them").click();
        assertThat(page.getByText("version 2 ·")).isVisible();
        assertThat(page.getByText(Pattern.compile("Learned on Drum 1")).first()).isVisible();
        person.open("/trace/record");
        assertThat(page.getByText(Pattern.compile("Right in \\d+ of \\d+ roasts")))
                .isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
        person.open("/trace/over-time");
        assertThat(page.getByText("The newer half against the older")).isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
    }

    private static void picture(Page page, String name) {
        if (Boolean.getBoolean("screenshots")) {
            page.waitForTimeout(600);
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("..", "docs", "screenshots", name + ".png")));
        }
    }
}
