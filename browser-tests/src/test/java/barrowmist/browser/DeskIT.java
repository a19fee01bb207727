package barrowmist.browser;

import static barrowmist.browser.Readme.says;
import static barrowmist.browser.Wire.number;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.jayway.jsonpath.JsonPath;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;

/** Roasts at the desk, on the stand-in roaster by Modbus TCP at thirty times the speed of life. */
@Tag("alone")
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class DeskIT extends AtTheDesk {

    @Test
    @Order(1)
    void aWholeRoastFromTheChargeGateToTheShelfWithAWarningBeforeTheCrash() {
        Page page = chromium.page();
        page.addInitScript("localStorage.setItem('barrowmist.light', 'dark')");
        List<Page> watching =
                List.of(chromium.page(), chromium.context(800, 1280, true).newPage());
        watching.forEach(w -> w.navigate(app.url() + "/roast/desk/1"));
        // just after the first start the drum's model is still being fitted
        waitFor("the model", () -> get("/api/machines/1/model").contains("\"fitted\""));
        prepare(page, app.url());
        page.locator("body").click();
        says(
                "On the panel set gas to 25 and press Heat at once to 192 °C. The desk says Charge now: press Charge 120 g on"
                        + " the panel and C at the desk, and set gas to 80.");
        charge(page, 515, () -> page.keyboard().press("c"));
        says(
                "The turning point is found by itself; the desk says when dry end and first crack will come, and counts down"
                        + " the next planned move.");
        says("space at 158 °C is dry end, space at 195 °C is first crack. Then cut the gas to 25 on the panel: the desk"
                + " warns that a crash is coming, before the rate of rise falls.");
        waitFor("dry end", () -> number(state(), "$.state.nowS") > 120 && bean() > 158);
        space(page, "dry end");
        waitFor("first crack", () -> bean() > 194.5);
        space(page, "first crack");
        // at this speed the warning turns into what it foretold within a second
        assertThat(page.getByText(Pattern.compile("A crash is coming|It is crashing")))
                .isVisible();
        double warnedS = number(state(), "$.state.warning.sinceS");
        if (Boolean.getBoolean("screenshots")) {
            page.screenshot(new Page.ScreenshotOptions().setPath(Path.of("..", "docs", "screenshots", "desk.png")));
        }
        waitFor("the low", () -> number(state(), "$.state.nowS") > warnedS + 70);
        watching.forEach(w -> assertThat(w.getByText("first crack").first()).isVisible());
        says("W puts the warning away.");
        page.keyboard().press("w");
        says("space drops; press Drop on the panel. The roast is kept.");
        space(page, "drop");
        roaster.panel("/drop");
        assertThat(kept(page)).isVisible();
        watching.forEach(w -> assertThat(kept(w)).isVisible());
        watching.forEach(w -> w.context().close());

        String desk = get("/api/desks/1");
        long roastId = (long) number(desk, "$.state.batch.roastId");
        String analysis = get("/api/roasts/" + roastId + "/analysis");
        List<Number> lowS = JsonPath.read(analysis, "$.faults[?(@.kind == 'crash')].toS");
        assertThat(lowS).as(analysis).isNotEmpty();
        assertThat(lowS.get(0).doubleValue() - warnedS)
                .as("warned ahead of its low")
                .isGreaterThan(20);

        says("To the bench: count with Q S T H. Rest says when it may be cupped.");
        page.getByText("To the bench").click();
        Person person = new Person(page, app.url());
        assertThat(page.getByText("Not judged yet")).isVisible();
        person.field("Weight out").fill("105,2");
        person.field("Whole beans").fill("58");
        person.field("Ground").fill("63");
        person.heading("A bean broken open").click();
        page.keyboard().press("q");
        page.keyboard().press("Backspace");
        person.button("The rest: none found").click();
        person.field("one colour through").check();
        assertThat(page.getByText("Fit to be cupped").first()).isVisible();

        person.open("/rest");
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("Mwendo Slope, roast 3")))
                .containsText("opens in");
        person.open("/roast/" + roastId);
        assertThat(page.getByText("Against its plan")).isVisible();
        assertThat(page.getByText("warned: crash")).isVisible();
        if (Boolean.getBoolean("screenshots")) {
            page.addInitScript("localStorage.setItem('barrowmist.light', 'light')");
            page.reload();
            page.getByText("Against its plan").scrollIntoViewIfNeeded();
            page.screenshot(new Page.ScreenshotOptions()
                    .setFullPage(true)
                    .setPath(Path.of("..", "docs", "screenshots", "review.png")));
        }
        person.open("/trace/" + roastId);
        assertThat(page.getByText("crash").first()).isVisible();
        page.context().close();
    }

    @Test
    @Order(2)
    void aDeskThatLosesTheNetworkAndAServerThatIsKilledLoseNothing() throws IOException {
        Cable cable = new Cable(app.port());
        // a tablet on the wall: from here on nothing but touch
        Page page = chromium.context(800, 1280, true).newPage();
        prepare(page, cable.url());
        assertThat(Chromium.violations(page)).isEmpty();
        charge(page, Double.POSITIVE_INFINITY, () -> key(page, "charge").tap());
        waitFor("the turning point", () -> state().contains("\"turning\""));

        cable.pull();
        assertThat(page.getByText("does not reach the server")).isVisible();
        double pressedS = number(state(), "$.state.nowS");
        key(page, "lone pop").tap();
        assertThat(page.getByText("1 key waits here")).isVisible();
        waitFor("a minute of the roast", () -> number(state(), "$.state.nowS") > pressedS + 60);
        cable.putBack();
        assertThat(page.getByText("does not reach the server")).isHidden();
        assertThat(page.getByText("1 lone pop noted")).isVisible();
        List<Number> pops = JsonPath.read(state(), "$..[?(@.kind == 'pop')].timeS");
        double popS = pops.get(pops.size() - 1).doubleValue();
        assertThat(popS).as("where it was pressed").isBetween(pressedS - 5, pressedS + 25);

        String before = state();
        app.restart();
        waitFor("the roaster", () -> state().contains("\"status\":\"ok\""));
        String after = state();
        assertThat(number(after, "$.state.link.kept")).isGreaterThanOrEqualTo(number(before, "$.state.link.kept"));
        assertThat(after).contains("\"phase\":\"roasting\"").contains("\"kind\":\"pop\"");
        assertThat(number(after, "$.state.nowS")).isGreaterThan(number(before, "$.state.nowS"));
        // readings up to the kill are there to the last second
        String all = get("/api/desks/1");
        List<Number> times = JsonPath.read(all, "$.readings.timeS");
        double seenS = number(before, "$.state.nowS");
        assertThat(times.stream().mapToDouble(Number::doubleValue))
                .anyMatch(t -> t > seenS - SPEED / 10.0 - 1 && t < seenS + 1);
        assertThat(next(page)).hasText("dry end", new LocatorAssertions.HasTextOptions().setTimeout(30_000));
        next(page).tap();
        waitFor("marked", () -> state().contains("dry_end"));
        page.waitForTimeout(1000);
        key(page, "undo “dry end").tap();
        assertThat(next(page)).hasText("dry end");
        page.waitForTimeout(1000);
        key(page, "other event").tap();
        key(page, "drop").tap();
        waitFor("the roast in the database", () -> state().contains("\"roastId\""));
        assertThat(kept(page)).isVisible();
        roaster.panel("/drop");
        assertThat(page.getByText(SLIP)).isHidden();
        page.getByText("Exclude it…").tap();
        page.getByLabel("Why is it excluded?").fill("only a trial");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Exclude").setExact(true))
                .tap();
        assertThat(page.getByText("only a trial")).isVisible();
        page.getByText("Take it back").tap();
        assertThat(page.getByText("Exclude it…")).isVisible();
        page.context().close();
        cable.close();
    }
}
