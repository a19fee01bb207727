package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Locale;

/** What cuppers do at a table, whoever they are. */
final class AtTheTable {

    private AtTheTable() {}

    /** The codes on the table, as they rise. */
    static List<String> codes(Page page) {
        return page.locator("nav[aria-label^='Samples on the table'] button").allTextContents().stream()
                .map(text -> text.replace("✓", ""))
                .toList();
    }

    static Locator code(Page page, String code) {
        return page.locator("nav[aria-label^='Samples on the table'] button")
                .filter(new Locator.FilterOptions().setHasText(code));
    }

    /** Sits down with a device of one's own, by the code on the lead's screen. */
    static Person join(Laboratory lab, Page device, String joinCode, String name) {
        Person person = lab.person(device);
        person.open("/join");
        person.field("Code of the table").fill(joinCode.toLowerCase(Locale.ROOT));
        person.field("Your name").fill(name);
        person.button("Sit down").click();
        return person;
    }

    static Person sitDown(Laboratory lab, Page page, String url, String name) {
        Person person = lab.person(page);
        page.navigate(url);
        person.field("Your name").fill(name);
        person.button("Sit down").click();
        assertThat(page.getByText("Cup by cup")).isVisible();
        return person;
    }

    static void score(Page page, Person person, String code, String score) {
        code(page, code).click();
        assertThat(code(page, code)).hasAttribute("aria-pressed", "true");
        person.scoreSeated(score, List.of("flat"));
        assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    /** Which of three letters is there once, from 1. */
    static int oddOne(String served) {
        List<String> cups = List.of(served.split(" "));
        return cups.indexOf(cups.stream()
                        .filter(c -> Collections.frequency(cups, c) == 1)
                        .findFirst()
                        .orElseThrow())
                + 1;
    }

    static void picture(Page page, String name) {
        if (Boolean.getBoolean("screenshots")) {
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("..", "docs", "screenshots", name + ".png")));
        }
    }

    /** Puts coffees on the table that is being laid. */
    static void putOn(Person lead, String... bags) {
        for (String bag : bags) {
            lead.field("A coffee that was not roasted here").fill(bag);
            lead.button("Put it on").click();
        }
    }

    static void reveal(Person lead) {
        lead.button("Reveal…").click();
        lead.button("Reveal the table").click();
    }
}
