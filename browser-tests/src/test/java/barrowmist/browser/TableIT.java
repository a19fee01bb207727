package barrowmist.browser;

import static barrowmist.browser.Readme.says;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A coded table with a cupper at a desk, one at a tablet and one at a phone. */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class TableIT {

    @RegisterExtension
    static final Laboratory LAB = Laboratory.ofTheDemo();

    private static Locator code(Page page, int place) {
        return page.locator("nav[aria-label='Samples on the table'] button").nth(place);
    }

    private static Person sitDown(Page page, String url, String name) {
        Person person = LAB.person(page);
        page.navigate(url);
        person.field("Your name").fill(name);
        person.button("Sit down").click();
        assertThat(page.getByText("Cup by cup")).isVisible();
        return person;
    }

    private static void score(Page page, Person person, int place, String score) {
        code(page, place).click();
        assertThat(code(page, place)).hasAttribute("aria-pressed", "true");
        person.scoreSeated(score, List.of("flat"));
        assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    @Test
    @Order(1)
    void threeCuppersScoreBlindAndTheRevealSaysWhatTheyCouldTellApart() {
        Page lead = LAB.page();
        Person leading = LAB.person(lead);
        leading.open("/cupping");
        says(
                "Tick Batu Sembuyan, roast 1 and Vale do Trelunho, roast 3, write Corner shop bag under A coffee that was not"
                        + " roasted here, and set Who may know to who prepares. Press Begin with 3 samples.");
        lead.getByLabel("Batu Sembuyan, roast 1").check();
        lead.getByLabel("Vale do Trelunho, roast 3").check();
        leading.field("A coffee that was not roasted here").fill("Corner shop bag");
        leading.choose("Who may know", "who prepares");
        assertThat(lead.getByText("Each sample gets a code")).isVisible();
        leading.button("Put it on").click();
        leading.button("Begin with 3 samples").click();
        assertThat(lead.getByText("Who cups here?")).isVisible();
        assertThat(lead.getByText("Corner shop bag")).isHidden();
        assertThat(Chromium.violations(lead)).isEmpty();
        String url = lead.url();

        says("Key… says what stands under it, for whoever prepares; that it was looked at is noted on the table.");
        leading.button("Key…").click();
        leading.button("Show the key").click();
        assertThat(lead.getByText("Corner shop bag")).isVisible();
        assertThat(lead.getByText("The key was looked at")).isVisible();
        leading.button("Hide the key").click();

        says("Write a name and Sit down, and score each code.");
        Person ines = sitDown(lead, url, "Ines");
        Page tablet = LAB.chromium().context(800, 1280, true).newPage();
        Person tobin = sitDown(tablet, url, "Tobin");
        Page phone = LAB.chromium().context(390, 844, true).newPage();
        Person ruda = sitDown(phone, url, "Ruda");
        says("Pour now starts the table's clock, one for every screen: it says which crust to break at 4:00");
        ines.field("Between two pours").fill("1");
        ines.button("Pour now").click();
        Locator say = tablet.locator("[aria-label='Clock of the table'] [role=status]");
        assertThat(say).hasText("Leave the crust");
        for (int i = 0; i < 3; i++) {
            score(lead, ines, i, List.of("7", "7.5", "8").get(i));
            score(tablet, tobin, i, List.of("7.25", "7.5", "8.25").get(i));
        }
        score(phone, ruda, 0, "7");
        // a power cut in the middle: who sat here sits here again, and nothing is lost
        LAB.app().restart();
        phone.reload();
        assertThat(ruda.slider("Flavour")).hasAttribute("aria-valuetext", "7.00");
        assertThat(tablet.getByText("Ines 3 of 3 scored")).isVisible();
        assertThat(say).hasText(Pattern.compile("crust"));

        ines.button("Reveal…").click();
        assertThat(lead.getByText("2 sheets are not finished")).isVisible();
        assertThat(ines.button("Reveal the table")).isDisabled();
        ines.button("Not yet").click();
        score(phone, ruda, 1, "7.75");
        score(phone, ruda, 2, "8");
        assertThat(lead.getByText("Ruda 3 of 3 scored")).isVisible();
        ines.button("Reveal…").click();
        ines.button("Reveal the table").click();
        says(
                "Reveal… ends the scoring: every cupper's score as a dot, how far they agree, and whether an order can be said at"
                        + " all.");
        assertThat(lead.getByText("stands apart from the others")).isVisible();
        assertThat(lead.getByText("Corner shop bag")).isVisible();
        assertThat(lead.locator(".dot")).hasCount(9);
        assertThat(Chromium.violations(lead)).isEmpty();
        if (Boolean.getBoolean("screenshots")) {
            lead.screenshot(new Page.ScreenshotOptions().setPath(Path.of("..", "docs", "screenshots", "panel.png")));
        }
        says("Only now does the cup count for the trace.");
        lead.getByText("Batu Sembuyan, roast 1").last().click();
        assertThat(lead.getByText("flat").first()).isVisible();
    }

    @Test
    @Order(2)
    void untilTheRevealAPageOfThatRoastSaysNothingOfIt() {
        long table = App.id(LAB.app()
                .send(
                        "POST",
                        "/api/cuppings",
                        "application/json",
                        "{\"blind\":\"coded\",\"samples\":[{\"roastId\":3}]}"));
        Page page = LAB.page();
        sitDown(page, LAB.app().url() + "/cupping/" + table, "Ines");
        LAB.person(page).open("/cupping");
        assertThat(page.getByText("1 coded sample, not revealed")).isVisible();
        assertThat(LAB.app().send("GET", "/api/cuppings/" + table, "application/json", ""))
                .doesNotContain("roastId\":3");
    }
}
