package barrowmist.browser;

import static barrowmist.browser.AtTheTable.code;
import static barrowmist.browser.AtTheTable.codes;
import static barrowmist.browser.AtTheTable.join;
import static barrowmist.browser.AtTheTable.picture;
import static barrowmist.browser.AtTheTable.reveal;
import static barrowmist.browser.AtTheTable.score;
import static barrowmist.browser.AtTheTable.sitDown;
import static barrowmist.browser.Readme.says;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
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

    @Test
    @Order(1)
    void threeCuppersScoreBlindAndTheRevealSaysWhatTheyCouldTellApart() {
        Page lead = LAB.page();
        Person leading = LAB.person(lead);
        leading.open("/cupping");
        says(
                "Tick Batu Sembuyan, roast 1 and Vale do Trelunho, roast 3, write Corner shop bag under A coffee that was not"
                        + " roasted here and press Put it on. Set Who may know to who prepares, and press Begin with 3"
                        + " samples.");
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

        says(
                "Key… says what stands under each code. Both are for whoever prepares; that they looked is noted on the table.");
        leading.button("Key…").click();
        leading.button("Show the key").click();
        assertThat(lead.getByText("Corner shop bag").first()).isVisible();
        assertThat(lead.getByText("The key was looked at")).isVisible();
        leading.button("Hide the key").click();

        says(
                "Write a name and Sit down, and score each code. A cupper with a device of their own opens /join, types the code"
                        + " of the table and a name, and sees that table and nothing else, each in an order of their own.");
        Person ines = sitDown(LAB, lead, url, "Ines");
        Page tablet = LAB.chromium().context(800, 1280, true).newPage();
        Person tobin = sitDown(LAB, tablet, url, "Tobin");
        List<String> codes = codes(lead);
        Page phone = LAB.chromium().context(390, 844, true).newPage();
        Person ruda = join(LAB, phone, lead.locator(".join .code").textContent(), "Ruda");
        says("Pour now starts the table's clock, one for every screen: it says which crust to break at 4:00");
        ines.field("Between two pours").fill("1");
        ines.button("Pour now").click();
        Locator say = tablet.locator("[aria-label='Clock of the table'] [role=status]");
        assertThat(say).hasText("Leave the crust");
        for (int i = 0; i < 3; i++) {
            score(lead, ines, codes.get(i), List.of("7", "7.5", "8").get(i));
            score(tablet, tobin, codes.get(i), List.of("7.25", "7.5", "8.25").get(i));
        }
        score(phone, ruda, codes.get(0), "7");
        assertThat(Chromium.violations(phone)).isEmpty();
        assertThat(phone.getByText("Corner shop bag")).isHidden();
        phone.evaluate("window.scrollTo(0, 0)");
        picture(phone, "seat");
        // a power cut in the middle: who sat here sits here again, and nothing is lost
        LAB.app().restart();
        phone.reload();
        code(phone, codes.get(0)).click();
        assertThat(ruda.slider("Flavour")).hasAttribute("aria-valuetext", "7.00");
        assertThat(tablet.getByText("Ines 3 of 3 scored")).isVisible();
        Page wall = LAB.page();
        wall.navigate(url + "/wall");
        assertThat(wall.getByText("finished", new Page.GetByTextOptions().setExact(true))
                        .first())
                .isVisible();
        assertThat(wall.getByText("1 of 3 scored")).isVisible();
        assertThat(wall.locator("[aria-label='Clock of the table'] .time")).isVisible();

        assertThat(say).hasText(Pattern.compile("crust"));

        ines.button("Reveal…").click();
        assertThat(lead.getByText("2 sheets are not finished")).isVisible();
        assertThat(ines.button("Reveal the table")).isDisabled();
        ines.button("Not yet").click();
        score(phone, ruda, codes.get(1), "7.75");
        score(phone, ruda, codes.get(2), "8");
        assertThat(lead.getByText("Ruda 3 of 3 scored")).isVisible();
        reveal(ines);
        says(
                "Reveal… ends the scoring: every cupper's score as a dot, how far they agree, and whether an order can be said at"
                        + " all.");
        assertThat(lead.getByText("stands apart from the others")).isVisible();
        assertThat(lead.getByText("Corner shop bag").first()).isVisible();
        lead.getByText("Attribute by attribute").click();
        assertThat(lead.getByRole(AriaRole.COLUMNHEADER, new Page.GetByRoleOptions().setName("aftertaste")))
                .isVisible();
        assertThat(lead.locator(".dot")).hasCount(9);
        assertThat(Chromium.violations(lead)).isEmpty();
        picture(lead, "panel");
        assertThat(phone.getByText("over for this device")).isVisible();
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
        sitDown(LAB, page, LAB.app().url() + "/cupping/" + table, "Ines");
        LAB.person(page).open("/cupping");
        assertThat(page.getByText("1 coded sample, not revealed")).isVisible();
        assertThat(LAB.app().send("GET", "/api/cuppings/" + table, "application/json", ""))
                .doesNotContain("roastId\":3");
    }

    @Test
    @Order(3)
    void aTriangleIsLaidTastedAndCounted() {
        Page page = LAB.page();
        Person lead = LAB.person(page);
        lead.open("/cupping");
        says(
                "Set What is asked to is there a difference? Take Batu Sembuyan, roast 1 under Another roast (tick it, where it was"
                        + " not cupped yet), write quakers picked out under and once more, treated how, and 6 under Sets of three cups."
                        + " Press Begin with 2 samples.");
        lead.choose("What is asked", "is there a difference?");
        page.getByLabel("Another roast").fill("Batu Sembuyan, roast 1");
        lead.press(
                page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Batu Sembuyan, roast 1"))
                        .first(),
                lead.field("and once more, treated how"));
        lead.field("and once more, treated how").fill("quakers picked out");
        lead.field("Sets of three cups").fill("6");
        assertThat(page.getByText("5 right of 6 show a difference")).isVisible();
        lead.button("Begin with 2 samples").click();
        says(
                "Key… says what goes into the three cups of each set. Write a name, Sit down, and say of each set which cup is the"
                        + " odd one, by touch or with 1 2 3 and Enter.");
        lead.field("Your name").fill("Ines");
        lead.button("Key…").click();
        lead.button("Show the key").click();
        Locator sets = page.locator(".sets li");
        assertThat(sets).hasCount(6);
        List<Integer> odd = sets.locator("b").allTextContents().stream()
                .map(AtTheTable::oddOne)
                .toList();
        lead.button("Sit down").click();
        assertThat(sets).hasCount(0);
        for (int set = 1; set <= 6; set++) {
            assertThat(page.getByText("Set " + set + ": which cup is not like the other two?"))
                    .isVisible();
            page.keyboard().press(String.valueOf(odd.get(set - 1)));
            if (set % 2 == 0) {
                page.keyboard().press("Enter");
            } else {
                page.getByText("is the odd one").click();
            }
        }
        says("Once every set is answered, Count the answers shows whether a difference is shown, and what no difference"
                + " shown does not mean.");
        lead.button("Count the answers").click();
        assertThat(page.getByText("A difference is shown: 6 of 6 right, 5 would do."))
                .isVisible();
        assertThat(Chromium.violations(page)).isEmpty();
        reveal(lead);
        assertThat(page.getByText("Batu Sembuyan, roast 1, quakers picked out")).isVisible();
        page.evaluate("window.scrollTo(0, 0)");
    }
}
