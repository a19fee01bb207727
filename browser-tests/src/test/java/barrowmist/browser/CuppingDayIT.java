package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Cupping day: five samples of five cups, three cuppers with wet fingers, one of them without a network for a while. */
class CuppingDayIT {

    @RegisterExtension
    static final Laboratory LAB = Laboratory.empty();

    private static final List<String> BAGS = List.of("Bag A", "Bag B", "Bag C", "Bag D", "Bag E");
    private static final List<String> ATTRIBUTES =
            List.of("Fragrance / aroma", "Flavour", "Aftertaste", "Acidity", "Body", "Balance", "Overall");
    /** What may be touched for all five, when everything is ordinary and there are no words. */
    private static final int MOST_TOUCHES = 50;

    private int touches;

    /** Touches a scale at this score; the drawn scale goes from 6 to 10 in seventeen cells. */
    private void touch(Person person, Page page, String attribute, double score) {
        Locator scale = person.slider(attribute);
        scale.scrollIntoViewIfNeeded();
        BoundingBox box = scale.boundingBox();
        double cell = (score - 6) / 0.25 + 0.5;
        page.touchscreen().tap(box.x + box.width * cell / 17, box.y + 16);
        touches++;
        assertThat(scale).hasAttribute("aria-valuetext", String.format(Locale.ROOT, "%.2f", score));
    }

    private static List<String> codes(Page page) {
        List<String> codes = AtTheTable.codes(page);
        assertThat(codes).hasSize(BAGS.size());
        return codes;
    }

    private static Page tablet() {
        return LAB.chromium().context(800, 1280, true).newPage();
    }

    @Test
    void fiveSamplesOfFiveCupsFromThePourToThePanel() {
        Page head = LAB.page();
        Person lead = LAB.person(head);
        lead.open("/cupping");
        AtTheTable.putOn(lead, BAGS.toArray(String[]::new));
        lead.choose("Who may know", "who prepares");
        lead.button("Begin with 5 samples").click();
        String joinCode = head.locator(".join .code").textContent();
        Page first = tablet();
        Person ines = AtTheTable.join(LAB, first, joinCode, "Ines");
        Page second = tablet();
        Person tobin = AtTheTable.join(LAB, second, joinCode, "Tobin");
        Page third = tablet();
        Person ruda = AtTheTable.join(LAB, third, joinCode, "Ruda");
        assertThat(third.locator("nav[aria-label^='Samples'] button")).hasCount(5);
        Page wall = LAB.page();
        wall.navigate(head.url().replaceAll("\\?.*", "") + "/wall");
        assertThat(wall.getByText("not begun").first()).isVisible();
        lead.field("Between two pours").fill("1");
        lead.button("Pour now").click();
        assertThat(second.locator("[aria-label='Clock of the table'] [role=status]"))
                .hasText("Leave the crust");

        inesScoresAllByTouch(first, ines);
        assertThat(wall.getByText("finished", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        tobinIsWithoutANetworkForAWhile(second, tobin);
        LAB.app().restartAfter(Duration.ofMinutes(6));
        head.reload();
        Locator broken = head.getByText("Broken: ").first();
        String latest = broken.textContent().strip().replace("Broken: ", "");
        broken.click();
        assertThat(head.getByText(latest + " was broken late, at")).isVisible();
        // one attribute across all samples, after the power cut
        third.reload();
        ruda.button("Side by side, one attribute at a time").tap();
        for (String attribute : ATTRIBUTES) {
            third.locator(".attribute")
                    .filter(new Locator.FilterOptions().setHasText(attribute.toLowerCase(Locale.ROOT)))
                    .tap();
            for (int i = 0; i < BAGS.size(); i++) {
                String code = third.getByRole(AriaRole.SLIDER).nth(i).getAttribute("aria-label");
                touch(ruda, third, code, 7 + i * 0.25);
            }
        }
        assertThat(wall.getByText("Everybody has finished.")).isVisible();
        head.reload();
        AtTheTable.reveal(lead);
        assertThat(head.getByText("Bag E").first()).isVisible();
        assertThat(head.locator(".dot")).hasCount(15);
        assertThat(first.getByText("over for this device")).isVisible();
        assertThat(Chromium.violations(head)).isEmpty();
    }

    private void inesScoresAllByTouch(Page page, Person ines) {
        touches = 0;
        List<String> codes = codes(page);
        for (int i = 0; i < codes.size(); i++) {
            AtTheTable.code(page, codes.get(i)).tap();
            touches++;
            assertThat(AtTheTable.code(page, codes.get(i))).hasAttribute("aria-pressed", "true");
            for (String attribute : ATTRIBUTES) {
                touch(ines, page, attribute, 7.25 + i * 0.25);
            }
            assertThat(page.getByText("final score")).isVisible();
        }
        assertThat(touches).isLessThanOrEqualTo(MOST_TOUCHES);
        assertThat(Chromium.violations(page)).isEmpty();
    }

    private void tobinIsWithoutANetworkForAWhile(Page page, Person tobin) {
        List<String> codes = codes(page);
        AtTheTable.code(page, codes.get(0)).tap();
        touch(tobin, page, "Flavour", 7);
        page.context().setOffline(true);
        for (String code : codes) {
            AtTheTable.code(page, code).tap();
            assertThat(AtTheTable.code(page, code)).hasAttribute("aria-pressed", "true");
            for (String attribute : ATTRIBUTES) {
                touch(tobin, page, attribute, 7.5);
            }
        }
        assertThat(page.getByText("Kept in this browser; goes to the server when it answers"))
                .isVisible();
        page.context().setOffline(false);
        for (String code : codes) {
            assertThat(AtTheTable.code(page, code)).containsText("✓");
        }
    }
}
