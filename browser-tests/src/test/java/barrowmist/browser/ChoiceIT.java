package barrowmist.browser;

import static barrowmist.browser.AtTheTable.code;
import static barrowmist.browser.AtTheTable.codes;
import static barrowmist.browser.AtTheTable.join;
import static barrowmist.browser.AtTheTable.picture;
import static barrowmist.browser.AtTheTable.putOn;
import static barrowmist.browser.AtTheTable.reveal;
import static barrowmist.browser.AtTheTable.score;
import static barrowmist.browser.Readme.says;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Tables where a choice is made, nobody knows, or another form is filled: roast-offs, shuffled bowls, the value form. */
class ChoiceIT {

    @RegisterExtension
    static final Laboratory LAB = Laboratory.ofTheDemo();

    @Test
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
