package barrowmist.browser;

import static barrowmist.browser.AtTheTable.code;
import static barrowmist.browser.AtTheTable.codes;
import static barrowmist.browser.AtTheTable.join;
import static barrowmist.browser.AtTheTable.picture;
import static barrowmist.browser.AtTheTable.putOn;
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
        picture(wall, "wall");
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
        page.getByRole(AriaRole.OPTION).first().click();
        lead.field("and once more, treated how").fill("quakers picked out");
        lead.field("Sets of three cups").fill("6");
        assertThat(page.getByText("5 right of 6 show a difference")).isVisible();
        lead.button("Begin with 2 samples").click();
        says(
                "Key… says what goes into the three cups of each set. Write a name, Sit down, and say of each set which cup is the"
                        + " odd one, by touch or with 1 2 3.");
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
            page.getByText("is the odd one").click();
        }
        says(
                "Once every set is answered the page says whether a difference is shown, and what no difference shown does not mean.");
        assertThat(page.getByText("A difference is shown: 6 of 6 right, 5 would do."))
                .isVisible();
        assertThat(Chromium.violations(page)).isEmpty();
        reveal(lead);
        assertThat(page.getByText("Batu Sembuyan, roast 1, quakers picked out")).isVisible();
        page.evaluate("window.scrollTo(0, 0)");
        picture(page, "triangle");
    }

    @Test
    @Order(4)
    void aRoastOffIsRankedByTouchAndNamesNoWinnerWhereThereIsNone() {
        Page page = LAB.chromium().context(800, 1280, true).newPage();
        Person lead = LAB.person(page);
        lead.open("/cupping");
        says(
                "Set What is asked to which is liked best? and lay two to eight samples. Everybody touches them best first; after"
                        + " Reveal… the page says whether there is a winner at all.");
        lead.choose("What is asked", "which is liked best?");
        putOn(lead, "Bag one", "Bag two", "Bag three");
        lead.button("Begin with 3 samples").click();
        for (int guest = 0; guest < 3; guest++) {
            lead.field("Your name").fill("Guest " + guest);
            lead.button("Sit down").tap();
            for (int i = 0; i < 3; i++) {
                // every guest begins with another one
                Locator left = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Not yet in order"))
                        .getByRole(AriaRole.BUTTON);
                left.nth(i == 0 ? guest : 0).tap();
            }
            lead.button("Keep my order").tap();
            assertThat(page.getByText("Kept. Thank you, Guest " + guest)).isVisible();
            lead.button("Next person").tap();
        }
        reveal(lead);
        assertThat(page.getByText("No winner shown: 3 people do not agree enough"))
                .isVisible();
        assertThat(page.getByText("Bag two").first()).isVisible();
        assertThat(Chromium.violations(page)).isEmpty();
    }

    @Test
    @Order(5)
    void aLeadAloneCupsBlindByShufflingTheBowls() {
        Page page = LAB.page();
        Person lead = LAB.person(page);
        lead.open("/cupping");
        says(
                "A lead alone sets Who may know to nobody: the cups are shuffled, puts the marks of Prepare under the bowls, scores by"
                        + " place, and turns the bowls over at the reveal.");
        putOn(lead, "Bag one", "Bag two");
        lead.choose("Who may know", "nobody: the cups are shuffled");
        lead.button("Begin with 2 samples").click();
        page.getByText("Prepare", new Page.GetByTextOptions().setExact(true)).click();
        lead.button("Show the preparation sheet").click();
        String one = mark(page, "Bag one");
        String two = mark(page, "Bag two");
        assertThat(page.getByText("its mark under each")).isVisible();
        lead.button("Ground: the first of it").click();
        assertThat(page.getByText("Pour within 14:5").or(page.getByText("Pour within 15:00")))
                .isVisible();
        assertThat(Chromium.violations(page)).isEmpty();
        picture(page, "prepare");
        page.getByText("To the table").click();
        lead.field("Your name").fill("Ines");
        lead.button("Sit down").click();
        for (String place : List.of("place 1", "place 2")) {
            score(page, lead, place, place.equals("place 1") ? "7" : "8");
        }
        assertThat(page.getByText("Bag one")).isHidden();
        lead.button("Reveal…").click();
        lead.choose("Place 1", two);
        lead.choose("Place 2", one);
        assertThat(page.getByText("Bag one")).isHidden();
        lead.button("So they stand").click();
        lead.button("Reveal the table").click();
        assertThat(page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Bag one")))
                .containsText("86.00");
        assertThat(Chromium.violations(page)).isEmpty();
    }

    @Test
    @Order(6)
    void aRoastOffWithMilkIsVotedOnByGuestsAndTheLeadWhoTastesPutsTheKeyAway() {
        Page page = LAB.chromium().context(800, 1280, true).newPage();
        Person lead = LAB.person(page);
        lead.open("/cupping");
        lead.choose("What is asked", "which is liked best?");
        putOn(lead, "Bag one", "Bag two");
        says("Each person names all in order or the best alone; the roasts may be drunk with milk or as espresso.");
        lead.choose("Each person names", "the best alone");
        lead.choose("Prepared by", "With milk");
        assertThat(page.getByText("Milk is an allergen")).isVisible();
        lead.button("Begin with 2 samples").click();
        says("Put the key away from me keeps it from a lead who tastes too, until it is fetched with a reason.");
        lead.button("Put the key away from me").tap();
        page.getByText("Prepare", new Page.GetByTextOptions().setExact(true)).click();
        lead.button("Show the preparation sheet").click();
        assertThat(page.getByText("The key is put away")).isVisible();
        page.getByText("To the table").click();
        lead.button("Fetch the key…").tap();
        lead.field("Why").fill("A bowl was knocked over");
        lead.button("Fetch the key").tap();
        assertThat(page.getByText("A bowl was knocked over")).isVisible();
        String code = page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Bag two"))
                .locator("b")
                .textContent();
        lead.field("A note on the whole table").fill("The kettle was late");
        for (int guest = 0; guest < 6; guest++) {
            lead.field("Your name").fill("Guest " + guest);
            lead.button("Sit down").tap();
            if (guest == 0) {
                lead.field("Where from").fill("Rwanda");
                lead.button("Keep my guess").tap();
                assertThat(page.getByText("told at the reveal")).isVisible();
            }
            page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Not yet in order"))
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(code))
                    .tap();
            lead.button(guest < 4 ? "a guest" : "of the trade").tap();
            lead.button("Keep my vote").tap();
            assertThat(page.getByText("Kept. Thank you, Guest " + guest)).isVisible();
            lead.button("Next person").tap();
        }
        assertThat(page.getByText("6 votes kept")).isVisible();
        reveal(lead);
        assertThat(page.getByText("Bag two is liked best: 6 of 6 votes.").first())
                .isVisible();
        assertThat(page.getByText("Guests (4)")).isVisible();
        assertThat(page.getByRole(AriaRole.CELL, new Page.GetByRoleOptions().setName("Rwanda")))
                .isVisible();
        assertThat(page.getByLabel("A note on the whole table").last()).hasValue("The kettle was late");
        assertThat(Chromium.violations(page)).isEmpty();
    }

    @Test
    @Order(7)
    void theValueFormIsFilledOnATablet() {
        Page page = LAB.page();
        Person lead = LAB.person(page);
        lead.open("/cupping");
        putOn(lead, "Bag one", "Bag two");
        lead.choose("Form", "value assessment");
        lead.choose("Who may know", "who prepares");
        lead.button("Begin with 2 samples").click();
        Page tablet = LAB.chromium().context(800, 1280, true).newPage();
        Person ines = join(LAB, tablet, page.locator(".join .code").textContent(), "Ines");
        assertThat(tablet.locator("nav[aria-label^='Samples'] button")).hasCount(2);
        code(tablet, codes(tablet).get(0)).tap();
        for (String section : List.of(
                "Fragrance", "Aroma", "Flavour", "Aftertaste", "Acidity", "Sweetness", "Mouthfeel", "Overall")) {
            ines.slider(section).focus();
            tablet.keyboard().type("5");
        }
        assertThat(tablet.getByText("79.00").first()).isVisible();
        ines.button("Map of all words").tap();
        tablet.locator(".map")
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("cocoa"))
                .tap();
        assertThat(tablet.getByText("cocoa powder")).isVisible();
        assertThat(Chromium.violations(tablet)).isEmpty();
        tablet.evaluate("window.scrollTo(0, 0)");
        picture(tablet, "value");
    }

    /** What goes under the cups of a coffee, by the preparation sheet. */
    private static String mark(Page page, String coffee) {
        return page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName(coffee))
                .locator(".code")
                .textContent();
    }
}
