package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import barrowmist.core.roast.KnownCurve;
import barrowmist.core.roast.KnownLog;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
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
        addRoasterWhenAsked();
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
        person.button("Begin with 1 sample").click();
        person.score("6.75", List.of("flat", "bread"));
        assertThat(page.getByText("77.25")).isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();

        person.link("Trace").last().click();
        assertThat(person.cause("baked", "supported")).isVisible();
        assertThat(page.getByText(Pattern.compile("^crash, [78]\\.\\d to [12]\\.\\d in 2\\d s$")))
                .isVisible();
        assertThat(page.getByText(Pattern.compile("Cut the gas at 7:1\\d to 50 %, not at 7:4\\d to 30 %")))
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

    /** In an empty lab the import page asks for the roaster's name first. */
    private void addRoasterWhenAsked() {
        if (person.field("Name of the roaster").isVisible()) {
            person.field("Name of the roaster").fill("Drum 1");
            person.button("Add").click();
            assertThat(page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Roaster")))
                    .isVisible();
        }
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
        person.button("Begin with 1 sample").click();
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
        addRoasterWhenAsked();
        person.button("Import").click();
        person.enterBench("58", "63", "0");
        page.reload();
        assertThat(person.field("Weight out")).hasValue("104.4");
        assertThat(person.field("Quakers in 100 g")).hasValue("0");
        assertThat(person.field("one colour through")).isChecked();
        person.button("Cup it").click();
        person.button("Begin with 1 sample").click();
        person.score("8", List.of("citrus", "honey"));
        person.link("Trace").last().click();
        assertThat(page.getByText("Nothing points to baked or scorched or underdeveloped."))
                .isVisible();
    }

    @Test
    void aMissingFirstCrackIsMarkedOnTheChartByMouseAndPutBackWhenRemoved() {
        Map<Integer, String> events = new HashMap<>(KnownLog.EVENTS);
        events.remove(480);
        person.enterLot("Unmarked Hill", "washed");
        person.pasteLog(KnownLog.csv(KnownCurve.steady(), events, 0).replace("bean_c", "BT"));
        addRoasterWhenAsked();
        person.button("Import").click();
        person.choose("BT is", "bean_c");
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

    @Test
    void aHalfFilledSheetSurvivesAReloadAndALostServer() {
        long lot = App.id(LAB.app()
                .send(
                        "POST",
                        "/api/lots",
                        "application/json",
                        "{\"name\":\"Half\",\"supplier\":\"T\",\"origin\":\"Kenya\",\"process\":\"natural\","
                                + "\"arrivalDate\":\"2026-01-05\",\"kg\":1}"));
        long roast = App.id(LAB.app().send("POST", "/api/lots/" + lot + "/roasts", "text/csv", KnownLog.csv(false)));
        long cupping = App.id(LAB.app()
                .send("POST", "/api/cuppings", "application/json", "{\"roastIds\":[" + roast + "],\"cups\":3}"));
        BrowserContext context = LAB.chromium().context(800, 1280, true);
        Page tablet = context.newPage();
        Person wet = new Person(tablet, LAB.app().url());
        wet.open("/cupping/" + cupping);
        wet.button("Flavour, a quarter more").tap();
        wet.button("Flavour, a quarter more").tap();
        wet.button("Cup 2 sweet").tap();
        assertThat(tablet.getByText("6 of 7 attributes to score")).isVisible();
        assertThat(tablet.locator("[role=status]")).hasText("Kept");
        tablet.reload();
        assertThat(wet.slider("Flavour")).hasAttribute("aria-valuetext", "7.25");
        assertThat(wet.button("Cup 2 sweet")).hasAttribute("aria-pressed", "false");

        context.setOffline(true);
        wet.button("Acidity, a quarter more").tap();
        assertThat(tablet.getByText("Kept in this browser")).isVisible();
        context.setOffline(false);
        assertThat(tablet.locator("[role=status]")).hasText("Kept");

        Page second = context.newPage();
        second.navigate(LAB.app().url() + "/cupping/" + cupping);
        new Person(second, LAB.app().url()).button("Body, a quarter more").tap();
        assertThat(second.locator("[role=status]")).hasText("Kept");
        wet.button("Balance, a quarter more").tap();
        assertThat(tablet.getByText("This was changed in another window, or by somebody else."))
                .isVisible();
        wet.button("Take theirs").tap();
        assertThat(wet.slider("Body")).hasAttribute("aria-valuetext", "7.00");
        context.close();
    }

    @Test
    void wrongValuesAreRefusedAtTheirFieldAndNothingIsLost() {
        person.open("/green?new=1");
        person.field("Name").fill("Wrong Hill");
        person.field("Moisture").fill("55");
        person.field("Weight").fill("sixty");
        assertThat(page.getByText("“sixty” is not a number")).isVisible();
        assertThat(person.button("Keep the lot")).isDisabled();
        person.field("Weight").fill("60");
        person.button("Keep the lot").click();
        assertThat(page.getByText("Moisture is 55 %, allowed are 5 to 20 %")).isVisible();
        assertThat(page.getByText("Supplier is empty: write something here")).isVisible();
        assertThat(person.field("Name")).hasValue("Wrong Hill");
    }

    @Test
    void aPageThatCannotBeLoadedSaysSoAndOpensLater() {
        person.open("/");
        assertThat(person.heading("Today")).isVisible();
        page.context().setOffline(true);
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(Pattern.compile("^Green")))
                .click();
        assertThat(page.getByText("That page could not be opened: the Barrowmist server does not answer."))
                .isVisible();
        page.context().setOffline(false);
        person.link("Try again").click();
        assertThat(person.heading("Green")).isVisible();
    }

    @Test
    void manyLogsGoInTogetherAndEachRefusedOneIsReported() {
        long lot = App.id(LAB.app().send("POST", "/api/lots", "application/json", """
                        {"name":"Many Hill","supplier":"Tester","origin":"Burundi","process":"washed",
                         "arrivalDate":"2026-01-05","kg":60}
                        """));
        List<FilePayload> logs = new ArrayList<>();
        for (int i = 1; i <= 12; i++) {
            String log = "# lot: Many Hill\n# log: " + i + "\n# roasted_at: 2026-02-01T09:" + (10 + i) + "\n"
                    + KnownLog.csv(false);
            String text = i == 5
                    ? log.replace("\n7,", "\nseven,")
                    : i == 6 || i == 7 ? log.replace("bean_c", "probe 2") : i == 8 ? log.replace("Many", "No") : log;
            logs.add(new FilePayload("log-" + i + ".csv", "text/csv", text.getBytes(StandardCharsets.UTF_8)));
        }
        person.open("/roast/import");
        page.locator("input[type=file][multiple]").setInputFiles(logs.toArray(FilePayload[]::new));
        person.choose("Lot", "as each log says");
        person.button("Import 12 logs").click();
        assertThat(person.heading("12 logs read")).isVisible();
        assertThat(page.locator(".counts")).hasText(Pattern.compile("8 kept\\s*4 refused"));
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("log-5.csv")))
                .containsText("time is \"seven\"");
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("log-8.csv")))
                .containsText("There is no lot called No Hill");

        // asked once for the two that raise it
        person.button("Say what they mean").click();
        person.choose("probe 2 is", "bean_c");
        person.button("Import with these").click();
        assertThat(page.locator(".counts")).hasText(Pattern.compile("10 kept\\s*2 refused"));
        Download report =
                page.waitForDownload(() -> person.button("Save the report").click());
        Assertions.assertThat(report.path())
                .content()
                .contains("\"log-5.csv\",\"refused\",")
                .contains("\"log-6.csv\",\"kept\"");
        Assertions.assertThat(LAB.app().send("GET", "/api/roasts/search?lotId=" + lot, "application/json", ""))
                .contains("\"total\":10");
    }
}
