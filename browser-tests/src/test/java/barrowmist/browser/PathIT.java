package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.KnownLog;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** The whole path on the packaged application, by a lab that begins with nothing. */
class PathIT {

    @RegisterExtension
    static final Laboratory LAB = Laboratory.empty();

    private Page page;
    private Person person;

    @BeforeEach
    void sitDown() {
        page = LAB.page();
        person = LAB.person(page);
    }

    @Test
    void aCrashedRoastIsReadAsBakedAndFoundAgainAfterARestart() {
        person.enterLot("Crash Hill", "washed");
        person.pasteLog(KnownLog.csv(true).replace("\n7,", "\nseven,"));
        person.addRoasterWhenAsked();
        person.button("Import").click();
        assertThat(page.getByRole(AriaRole.CELL, new Page.GetByRoleOptions().setName("time is \"seven\"")))
                .isVisible();
        assertThat(page.getByText("Nothing was kept.", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();

        person.field("or paste the log").fill(KnownLog.csv(true));
        person.button("Import").click();
        assertThat(person.heading("Crash Hill, roast 1")).isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();

        person.slider("first crack").focus();
        page.keyboard().press("ArrowRight");
        page.keyboard().press("ArrowRight");
        assertThat(page.getByText("moved, was 8:00")).isVisible();
        assertThat(person.field("Time of first crack, minutes and seconds")).hasValue("8:02");
        assertThat(page.getByRole(AriaRole.CELL, new Page.GetByRoleOptions().setName("1:58")))
                .isVisible();

        person.enterBench("58", "62", "0");
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
        person.button("Cup it").click();
        person.beginWithOne();
        person.score("6.75", List.of("flat", "bread"));
        assertThat(page.getByText("77.25")).isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();

        person.link("Trace").last().click();
        assertThat(person.cause("baked", "supported")).isVisible();
        assertThat(page.getByText(Pattern.compile("^crash, [78]\\.\\d to [12]\\.\\d in 2\\d s$")))
                .isVisible();
        assertThat(page.getByText(Pattern.compile(
                        "Cut the gas at 7:(1\\d to 50 %, not at 7:4\\d|4\\d to \\d\\d %, not) to 30 %")))
                .isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
        String traced = page.url();

        LAB.app().restart();
        page.navigate(traced);
        assertThat(person.cause("baked", "supported")).isVisible();
        person.open("/roast");
        person.link("Crash Hill, roast 1").click();
        assertThat(page.getByText("moved, was 8:00")).isVisible();
    }

    @Test
    void aHotChargeIsReadAsScorched() {
        long machine = App.id(LAB.app().send("POST", "/api/machines", "application/json", "{\"name\":\"Hot drum\"}"));
        long lot = App.id(LAB.app()
                .send(
                        "POST",
                        "/api/lots",
                        "application/json",
                        "{\"name\":\"Usual\",\"supplier\":\"T\",\"origin\":\"Kenya\",\"process\":\"washed\","
                                + "\"arrivalDate\":\"2026-01-05\",\"kg\":60}"));
        for (int i = 0; i < 5; i++) {
            long roast = App.id(LAB.app()
                    .send(
                            "POST",
                            "/api/lots/" + lot + "/roasts?machineId=" + machine,
                            "text/csv",
                            "# batch: " + i + "\n" + KnownLog.csv(false)));
            LAB.app().send("PUT", "/api/roasts/" + roast + "/accepted", "application/json", "{\"accepted\":true}");
        }
        person.enterLot("Hot Hill", "washed");
        person.pasteLog(KnownLog.csv(KnownCurve.steady(), KnownLog.EVENTS, 11));
        person.choose("Roaster", "Hot drum");
        person.button("Import").click();
        assertThat(page.getByText(Pattern.compile("^195\\.\\d °C in 5 roasts$")))
                .isVisible();
        person.enterBench("56", "61", "9");
        person.button("Cup it").click();
        person.beginWithOne();
        person.score("6.5", List.of("burnt", "ash"));
        person.link("Trace").last().click();
        assertThat(person.cause("scorched", "supported")).isVisible();
        assertThat(page.getByText("Charge at 195 °C, not at 206 °C.")).isVisible();
        person.button("Temperatures in °C; switch").click();
        assertThat(page.getByText("Charge at 383 °F, not at 403 °F.")).isVisible();
    }

    @Test
    void aCleanRoastHasNothingToExplain() {
        person.enterLot("Sound Hill", "washed");
        person.pasteLog(KnownLog.csv(false));
        person.addRoasterWhenAsked();
        person.button("Import").click();
        person.enterBench("58", "63", "0");
        page.reload();
        assertThat(person.field("Weight out")).hasValue("104.4");
        assertThat(person.field("Quakers counted")).hasValue("0");
        assertThat(person.field("one colour through")).isChecked();
        person.button("Cup it").click();
        person.beginWithOne();
        person.score("8", List.of("citrus", "honey"));
        person.link("Trace").last().click();
        assertThat(page.getByText("Nothing is wrong with it: likely.")).isVisible();
    }

    @Test
    void aMissingFirstCrackIsMarkedOnTheChartByMouseAndPutBackWhenRemoved() {
        Map<Integer, String> events = new HashMap<>(KnownLog.EVENTS);
        events.remove(480);
        person.enterLot("Unmarked Hill", "washed");
        person.pasteLog(KnownLog.csv(KnownCurve.steady(), events, 0).replace("bean_c", "BT"));
        person.addRoasterWhenAsked();
        person.button("Import").click();
        person.choose("BT is", "bean probe, °C");
        person.button("Import with these").click();
        assertThat(page.getByText("First crack is not marked: browning and development hang on it."))
                .isVisible();
        page.locator(".roast-chart").focus();
        page.keyboard().press("End");
        for (int i = 0; i < 12; i++) {
            page.keyboard().press("Shift+ArrowLeft");
        }
        page.keyboard().press("f");
        assertThat(person.slider("first crack")).isVisible();
        assertThat(person.field("Time of first crack, minutes and seconds")).hasValue("8:00");

        var handle = person.slider("first crack").boundingBox();
        page.mouse().move(handle.x + 4, handle.y + 8);
        page.mouse().down();
        page.mouse().move(handle.x - 20, handle.y + 8);
        page.mouse().up();
        assertThat(page.getByText("moved, was 8:00")).isVisible();
        person.button("Remove first crack").click();
        assertThat(page.getByText("First crack is not marked: browning and development hang on it."))
                .isVisible();
        person.button("Put it back").click();
        assertThat(person.slider("first crack")).isVisible();
    }
}
