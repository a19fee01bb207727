package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.LoadState;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** From the sack to a planned day, in the demo laboratory. */
class PlanIT {

    private static final int MOST_TABS = 120;
    private static final double FIT_MS = 60_000;

    @RegisterExtension
    static final Laboratory LAB = Laboratory.ofTheDemo();

    private Page page;
    private Person person;

    @BeforeEach
    void sitDown() {
        page = LAB.page();
        person = LAB.person(page);
    }

    /** Presses Tab until {@code wanted} has the focus, as somebody without a mouse does. */
    private void tabTo(Locator wanted) {
        for (int i = 0; i < MOST_TABS; i++) {
            if ((boolean) wanted.evaluate("e => e === document.activeElement")) {
                return;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError("The keyboard does not get to " + wanted);
    }

    private void type(String label, String text) {
        tabTo(person.field(label));
        page.keyboard().type(text);
    }

    private Locator figure(String field) {
        return page.locator("tr[data-figure=" + field + "] b").first();
    }

    private void waitForModel() {
        person.open("/machines/1");
        assertThat(page.getByText("Roasts left out of the fit in turn").first())
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(FIT_MS));
    }

    @Test
    void aLotIsInspectedAndGradedWithTheKeyboardAlone() {
        person.open("/green/10");
        assertThat(person.heading("Zaramonde Bench")).isVisible();
        tabTo(person.link("Inspect"));
        page.keyboard().press("Enter");
        assertThat(person.heading("Defects")).isVisible();
        type("Moisture", "12,6");
        type("Water activity", "0.58");
        type("Filled cup, net", "178");
        type("Cup holds", "250");
        type("Put on the sieves", "300");
        type("Contracted screen", "16");
        type("On screen 17", "200");
        type("On screen 16", "99");
        assertThat(page.getByText("Density 712 g/L")).isVisible();
        assertThat(page.getByText("it may mould in the bag")).isVisible();
        tabTo(page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("full black.* one more"))));
        for (String key : "kkkkkkkkkkjq".split("")) {
            page.keyboard().press(key);
        }
        assertThat(page.getByText("Full defects of category 1: 1 full black. None allowed."))
                .isVisible();
        page.keyboard().press("Backspace");
        assertThat(page.getByText("not fully inspected")).isVisible();
        assertThat(page.locator(".kind.some .more b")).hasText(new String[] {"1", "10"});
        assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.reload();
        assertThat(person.field("Moisture")).hasValue("12.6");
        assertThat(page.getByText("No defect of category 1, 2 full of category 2"))
                .isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
    }

    @Test
    void badFiguresAreSaidAndNothingIsLost() {
        person.open("/green/samples/1");
        person.field("Moisture").fill("55");
        assertThat(page.getByText("Moisture is 55 %, allowed are 5 to 20 %").first())
                .isVisible();
        person.field("Water activity").fill("0,55");
        assertThat(person.field("Moisture")).hasValue("55");
        person.field("Moisture").fill("11");
        assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        person.field("Put on the sieves").fill("300");
        person.field("On screen 16").fill("280");
        assertThat(page.getByText("The sieves hold 6.7 % less than the sample weighed"))
                .isVisible();

        BrowserContext other = LAB.chromium().page().context();
        Page second = other.pages().get(0);
        second.navigate(LAB.app().url() + "/green/samples/1");
        assertThat(second.getByLabel("Water activity", new Page.GetByLabelOptions().setExact(true)))
                .hasValue("0.55");
        second.getByLabel("Water activity", new Page.GetByLabelOptions().setExact(true))
                .fill("0.6");
        assertThat(second.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        person.field("Water activity").fill("0.52");
        assertThat(page.getByText("This was changed in another window")).isVisible();
        assertThat(person.field("Water activity")).hasValue("0.52");
        other.close();
    }

    @Test
    void anInstrumentIsReadOrSaysWhyNot() {
        person.open("/instruments");
        Locator meter = page.locator("form").filter(new Locator.FilterOptions().setHasText("Moisture meter"));
        meter.getByLabel("Shows").fill("10.4");
        meter.getByText("Set", new Locator.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText("Moisture meter is set.")).isVisible();
        person.open("/green/samples/2");
        person.button("Read moisture from the meter").click();
        assertThat(person.field("Moisture")).hasValue("10.4");
        LAB.app()
                .send(
                        "PUT",
                        "/api/instruments/moisture",
                        "application/json",
                        "{\"value\":10.4,\"behaviour\":\"silent\"}");
        person.button("Read moisture from the meter").click();
        assertThat(page.getByText("Moisture meter does not answer.", new Page.GetByTextOptions().setExact(false)))
                .isVisible();
        assertThat(person.field("Moisture")).hasValue("10.4");
    }

    @Test
    void aNaturalIsPlannedAndThePageSaysWhyItsChargeIsLower() {
        person.open("/green/5");
        person.link("Plan").last().click();
        assertThat(page.getByText("left open: fruit-forward natural")).isVisible();
        person.button("Begin the plan").click();
        assertThat(person.heading("Charge advised: 18")).isVisible();
        Locator advice = page.locator("section.advice");
        assertThat(advice).containsText("Washed coffees on Drum 1, accepted roasts");
        assertThat(advice).containsText("Naturals on this machine against washed ones, learned");
        assertThat(advice).containsText(Pattern.compile("−[5-8]\\.\\d °C"));
    }

    @Test
    void aSliderMovesFirstCrackAndTheChangeIsKept() {
        waitForModel();
        person.open("/plan/5");
        Locator crack = figure("firstCrackS");
        assertThat(crack).hasText(Pattern.compile("\\d:\\d\\d"));
        String before = crack.innerText();
        person.slider("gas at charge").focus();
        for (int i = 0; i < 8; i++) {
            page.keyboard().press("ArrowRight");
        }
        assertThat(crack).not().hasText(before);
        assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.waitForLoadState(LoadState.NETWORKIDLE);
        String after = crack.innerText();
        Assertions.assertThat(seconds(after)).isLessThan(seconds(before));
        assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.reload();
        assertThat(crack).hasText(after);

        person.button("Fit to targets").click();
        assertThat(page.locator(".found li").first()).isVisible();
        person.button("Undo").click();
        assertThat(crack).hasText(after);
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
    }

    private static int seconds(String clock) {
        String[] parts = clock.split(":");
        return Integer.parseInt(parts[0]) * 60 + Integer.parseInt(parts[1]);
    }

    @Test
    void eightSamplesBecomeADayThatIsMovedByKeyAndByMouse() {
        person.open("/plan/day?on=2027-03-01");
        assertThat(person.heading("Put samples in")).isVisible();
        assertThat(page.getByRole(AriaRole.CHECKBOX).nth(7)).isVisible();
        List<Locator> boxes = page.getByRole(AriaRole.CHECKBOX).all();
        boxes.subList(0, 8).forEach(Locator::check);
        person.button("Put 8 samples in").click();
        Locator rows = page.locator("li.row");
        assertThat(rows).hasCount(8);
        assertThat(person.heading("8 roasts")).isVisible();
        assertThat(rows.first().locator(".time")).hasText("08:30–08:40");
        assertThat(page.getByText(Pattern.compile("can be cupped on one table|cup them on two tables")))
                .isVisible();

        String third = rows.nth(2).locator("a").innerText();
        rows.nth(2).focus();
        page.keyboard().press("ArrowUp");
        page.keyboard().press("ArrowUp");
        assertThat(rows.first().locator("a")).hasText(third);
        rows.first().dragTo(rows.nth(3));
        assertThat(rows.nth(3).locator("a")).hasText(third);
        assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.reload();
        assertThat(rows.nth(3).locator("a")).hasText(third);
        Assertions.assertThat(person.link("Calendar file").getAttribute("href"))
                .isEqualTo("/api/days/2027-03-01/calendar.ics");
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
    }

    @Test
    void aProtocolStepThatCannotBeReachedIsSaid() {
        person.open("/machines/1");
        Locator step = page.locator(".step").last();
        step.getByLabel("value").fill("120");
        assertThat(page.getByText("Step 8: it waits for the bean probe to rise to 120 °C")
                        .first())
                .isVisible();
        assertThat(step.getByLabel("value")).hasValue("120");
    }
}
