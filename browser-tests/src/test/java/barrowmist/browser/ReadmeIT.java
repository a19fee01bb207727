package barrowmist.browser;

import static barrowmist.browser.Readme.says;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The README's own sentences, walked. The desk's are walked by {@link DeskIT}. */
class ReadmeIT {

    private static final double FIT_MS = 120_000;

    @RegisterExtension
    static final Laboratory LAB = Laboratory.ofTheDemo();

    private Page page;
    private Person person;

    @BeforeEach
    void sitDown() {
        page = LAB.page();
        person = LAB.person(page);
        person.open("/");
    }

    private void station(String name) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Stations"))
                .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName(Pattern.compile("^" + name + "\\b")))
                .click();
        assertThat(person.heading(name).first()).isVisible();
    }

    private Locator row(String text) {
        return page.locator("tr", new Page.LocatorOptions().setHasText(text)).first();
    }

    @Test
    void fiveMinutesWithTheDemo() {
        says("Today begins with what has a clock time, then what can be decided in a minute.");
        assertThat(person.heading("By the clock")).isVisible();
        assertThat(person.heading("Decided in a minute")).isVisible();
        says("Eight cups wait for an explanation: the number stands at Trace.");
        assertThat(page.locator(".station", new Page.LocatorOptions().setHasText("Trace")))
                .containsText("8");

        says("Choose Green on the line at the top, then Gatovu Hill: a washed lot with two roasts."
                + " The second one says crash in the column Log.");
        station("Green");
        person.link("Gatovu Hill").click();
        assertThat(person.heading("2 roasts")).isVisible();
        assertThat(page.locator(".page-head")).containsText("washed");
        assertThat(row("Roast 2")).containsText("crash");

        says("Open Roast 2. The rate of rise, in the lower pane, falls off just after first crack; a bracket names it:"
                + " crash, and two more the stall and the flick that follow.");
        person.link("Roast 2").click();
        assertThat(page.locator(".bracket").first()).containsText("crash");
        assertThat(page.locator(".bracket").nth(1)).containsText("stall");
        assertThat(page.locator(".bracket").nth(2)).containsText("flick");
        says("Below, the figures stand beside what Drum 1 usually does: the charge was right.");
        assertThat(page.getByText("usual").first()).isVisible();

        says("Press °C at the top right: everything turns to °F. Press it again.");
        person.button("Temperatures in °C; switch").click();
        assertThat(page.getByText("°F").nth(1)).isVisible();
        person.button("Temperatures in °F; switch").click();

        says("Press Bench figures: weight loss 12.4 %, and the verdict Fit to be cupped.");
        person.link("Bench figures").click();
        assertThat(page.getByText("12.4 %").first()).isVisible();
        assertThat(page.getByText("Fit to be cupped").first()).isVisible();
        says(
                "Choose Cupping, and under Earlier choose Gatovu Hill, roast 2: flat, bready, little sweetness, each in all"
                        + " five cups.");
        station("Cupping");
        person.link("Gatovu Hill, roast 2").click();
        for (String word : new String[] {"flat", "bready", "little sweetness"}) {
            assertThat(page.locator(".found li", new Page.LocatorOptions().setHasText(word))
                            .locator(".dot.in"))
                    .hasCount(5);
        }

        says("Press Trace. The words are tied to Baked, very likely and supported, and a thread runs from there to the"
                + " crash.");
        person.link("Trace").last().click();
        assertThat(person.cause("baked", "supported").first()).isVisible();
        assertThat(page.getByText("very likely").first()).isVisible();
        says("16 others, and why not opens the other causes: choose quakers and its own sum says why not.");
        page.getByText("16 others, and why not").click();
        person.button("quakers").click();
        assertThat(page.getByText("Why not quakers: the sum")).isVisible();
        person.cause("baked", "supported").first().click();
        says("On the right, Change one thing: cut the gas less.");
        assertThat(page.getByText("Change one thing")).isVisible();
        assertThat(page.getByText(Pattern.compile("Cut the gas at .* not "))).isVisible();

        says("Plan it makes the plan for the next roast: this one, with that one change, and the plan says so.");
        person.button("Plan it").click();
        page.waitForURL("**/plan/**");
        assertThat(page.getByText("One change").first()).isVisible();

        says("Velquora Hollow, roast 3 is a flat cup with a clean log: the page says what to try next. Kapenda Station,"
                + " roast 2 is a crash that nobody tastes.");
        station("Trace");
        assertThat(row("Velquora Hollow, roast 3")).containsText("not borne out yet");
        assertThat(row("Kapenda Station, roast 2")).containsText("watch");
    }

    @Test
    void fromTheSackToAPlannedDay() {
        says("Choose Green, then Velquora Hollow: its arrival sample is held against the pre-shipment sample.");
        station("Green");
        person.link("Velquora Hollow").click();
        says("It took up water on the way, and it has more defects than was shown.");
        assertThat(page.getByText("it took up water on the way").first()).isVisible();
        assertThat(page.getByText("more defects than was shown").first()).isVisible();

        says("Open Inspection in the row arrival.");
        row("arrival").getByText("Inspection").click();
        Locator broken = page.locator(".kind", new Page.LocatorOptions().setHasText("broken"))
                .locator("b");
        assertThat(broken).isVisible();
        int before = Integer.parseInt(broken.textContent());
        says("Press K a few times: each press is one broken bean more, and the grade follows; ⌫ undoes the last one,"
                + " and Shift K takes one off at any time.");
        for (String key : "kkk".split("")) {
            page.keyboard().press(key);
        }
        assertThat(broken).hasText(String.valueOf(before + 3));
        page.keyboard().press("Backspace");
        assertThat(broken).hasText(String.valueOf(before + 2));
        page.reload();
        assertThat(broken).hasText(String.valueOf(before + 2));
        page.keyboard().press("Shift+K");
        page.keyboard().press("Shift+K");
        assertThat(broken).hasText(String.valueOf(before));
        says("Read fetches a figure from a (simulated) meter, and Undo beside it gives the old one back;"
                + " it stands there where such a meter is set up. Instruments sets what it shows.");
        person.button("Read moisture from the meter").click();
        person.button("Undo: back to 11.8").click();
        assertThat(person.field("Moisture")).hasValue("11.8");
        assertThat(person.link("Instruments")).isVisible();

        says("Choose Plan, then Vale do Trelunho, arrival. The page says where to charge and why: what Drum 1 does with"
                + " washed coffees, and what a natural takes off it, learned from how many roasts.");
        station("Plan");
        person.link("Vale do Trelunho, arrival").click();
        assertThat(page.getByText("Washed coffees on Drum 1")).isVisible();
        assertThat(page.getByText("Naturals on this machine against washed ones, learned"))
                .isVisible();
        says("(Just after the first start the drum's model is still being fitted; give it half a minute.)");
        waitForModel();

        says("Move gas at charge: the curve, first crack and all figures follow.");
        Locator crack = page.locator("tr[data-figure=firstCrackS] b").first();
        String shown = crack.textContent();
        Locator gas = page.getByRole(AriaRole.SLIDER, new Page.GetByRoleOptions().setName("gas at charge"));
        for (int i = 0; i < 5; i++) {
            gas.press("ArrowRight");
        }
        assertThat(crack).not().hasText(shown);
        says("Fit to targets moves the gas, and the charge and the air where that is not enough, until the targets are"
                + " reached, and lists each change; Undo takes them back.");
        person.button("Fit to targets").click();
        assertThat(page.locator(".found li").first()).isVisible();
        person.button("Undo").click();

        says("Choose Plan again, then The day: five roasts with clock times.");
        station("Plan");
        person.link("The day").click();
        assertThat(person.heading("5 roasts")).isVisible();
        says("Drag one, or click it and press the arrow keys.");
        Locator rows = page.locator("ol .row");
        String first = rows.first().locator(".what a").first().textContent();
        rows.first().focus();
        page.keyboard().press("ArrowDown");
        assertThat(rows.nth(1)).containsText(first);
        says("Put more samples in, and Group by charge puts them in an order.");
        page.locator(".open input").first().check();
        person.button("Put 1 sample in").click();
        assertThat(person.heading("6 roasts")).isVisible();
        assertThat(rows.nth(1)).containsText(first);
        person.button("Group by charge").click();
        assertThat(page.getByText("Grouped by charge")).isVisible();
        says("The line above says when the table is ready.");
        assertThat(page.locator(".rest")).containsText("cup");
    }

    private void waitForModel() {
        String plan = page.url();
        person.open("/machines/1");
        assertThat(page.getByText("Roasts left out of the fit in turn").first())
                .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(FIT_MS));
        page.navigate(plan);
        assertThat(page.locator("tr[data-figure=firstCrackS] b").first()).isVisible();
    }

    @Test
    void theTwoCommandsAreThere() {
        says("bin/demo builds what is missing and starts Barrowmist with the demo data on http://localhost:8080");
        says("bin/test installs what the tests need and runs every test: core, server, web, browser");
        Assertions.assertThat(java.nio.file.Path.of("..", "bin", "demo")).isExecutable();
        Assertions.assertThat(java.nio.file.Path.of("..", "bin", "test")).isExecutable();
    }
}
