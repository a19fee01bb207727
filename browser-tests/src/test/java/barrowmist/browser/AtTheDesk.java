package barrowmist.browser;

import static barrowmist.browser.Wire.number;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.jayway.jsonpath.JsonPath;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A desk of the demo with the stand-in roaster at thirty times the speed of life, and what is done at it. */
abstract class AtTheDesk {

    static final int SPEED = 30;
    static final Duration LONG = Duration.ofSeconds(60);
    static final String SLIP = "Two events at once";

    static Roaster roaster;
    static App app;
    static Chromium chromium;

    @RegisterExtension
    static final AfterEachCallback END = test -> Laboratory.endOf(test, chromium);

    @BeforeAll
    static void switchOn() {
        roaster = new Roaster(SPEED);
        app = new App(true);
        chromium = new Chromium();
        // at this speed a reading each second of the roaster's is one each 33 ms
        app.send(
                "PUT",
                "/api/machines/1",
                "application/json",
                Wire.linked(get("/api/machines/1"), roaster.modbusPort(), 33));
    }

    @AfterAll
    static void switchOff() {
        chromium.close();
        app.close();
        roaster.close();
    }

    static String get(String path) {
        return app.send("GET", path, "application/json", "");
    }

    static String state() {
        return get("/api/desks/1?from=1000000");
    }

    static void waitFor(String what, BooleanSupplier come) {
        await(what).atMost(LONG).pollInterval(Duration.ofMillis(30)).until(come::getAsBoolean);
    }

    static double bean() {
        return number(state(), "$.state.figures.beanC");
    }

    /** The moves of the first plan as the stand-in's hand makes them; the gas falls at {@code cutS} when that is given. */
    static String hand(double cutS) {
        List<Map<String, Object>> steps = JsonPath.read(get("/api/plans/1"), "$..steps[?(@.when.kind == 'time')]");
        StringBuilder out = new StringBuilder();
        for (Map<String, Object> step : steps) {
            double atS = number(JsonPath.parse(step).jsonString(), "$.when.timeS");
            if (atS < cutS || step.get("control").equals("air")) {
                out.append("%s,%s,%s\n".formatted(atS, step.get("control"), step.get("value")));
            }
        }
        return out.append(Double.isFinite(cutS) ? cutS + ",gas,28\n" : "").toString();
    }

    static void prepare(Page page, String url) {
        roaster.panel("/speed?x=1");
        roaster.panel("/set?gas=25&air=39");
        page.navigate(url + "/roast/desk/1");
        assertThat(next(page)).isVisible();
        if (next(page).textContent().equals("next batch")) {
            next(page).click();
        }
        page.locator("li", new Page.LocatorOptions().setHasText("Mwendo Slope"))
                .getByText("Prepare")
                .or(page.locator("li", new Page.LocatorOptions().setHasText("Mwendo Slope"))
                        .getByText("Again"))
                .first()
                .click();
        roaster.panel("/preheat?c=192");
        assertThat(page.getByText("Charge now")).isVisible();
    }

    /** Puts the batch into a drum that is as hot as it was planned, and lets time run fast. */
    static void charge(Page page, double cutS, Runnable marks) {
        roaster.panel("/hand", hand(cutS));
        roaster.panel("/preheat?c=192");
        roaster.panel("/set?gas=80&air=39");
        roaster.panel("/charge?g=120&moisture=11");
        marks.run();
        assertThat(next(page)).hasText("dry end");
        roaster.panel("/speed?x=" + SPEED);
    }

    /** A key of the bar, for touching it. */
    static Locator key(Page page, String does) {
        return page.locator(".bar .key-button", new Page.LocatorOptions().setHasText(does))
                .first();
    }

    static Locator kept(Page page) {
        return page.getByRole(
                AriaRole.HEADING, new Page.GetByRoleOptions().setName("Kept").setExact(true));
    }

    static Locator next(Page page) {
        return page.locator(".next-event");
    }

    static void space(Page page, String expected) {
        assertThat(next(page)).hasText(expected);
        // two touches within a moment are one: the finger is given its time
        page.waitForTimeout(950);
        page.keyboard().press(" ");
    }
}
