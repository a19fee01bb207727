package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import barrowmist.core.roast.KnownLog;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.LoadState;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** What goes wrong on an ordinary day, on the packaged application: nothing is lost, and it is said. */
class MishapIT {

    @RegisterExtension
    static final Laboratory LAB = Laboratory.empty();

    /** What reaches over the right edge. */
    private static final String STICKING_OUT = """
            [...document.querySelectorAll('body *')]
              .filter((e) => e.getBoundingClientRect().right > innerWidth)
              .map((e) => e.tagName + '.' + e.className).slice(0, 12).join(' | ')""";

    private Page page;
    private Person person;

    @BeforeEach
    void sitDown() {
        page = LAB.page();
        person = LAB.person(page);
    }

    @Test
    void aLongNameBreaksNoPageOfAPhone() {
        String name = "Xylophonfarm".repeat(10);
        long lot = App.id(LAB.app()
                .send(
                        "POST",
                        "/api/lots",
                        "application/json",
                        "{\"name\":\"%1$s\",\"supplier\":\"%1$s\",\"origin\":\"Kenya\",\"process\":\"natural\",\"arrivalDate\":\"2026-01-05\",\"kg\":1}"
                                .formatted(name)));
        long roast = App.id(LAB.app().send("POST", "/api/lots/" + lot + "/roasts", "text/csv", KnownLog.csv(false)));
        long cupping = App.id(LAB.app()
                .send("POST", "/api/cuppings", "application/json", "{\"roastIds\":[" + roast + "],\"cups\":3}"));
        BrowserContext context = LAB.chromium().context(390, 844, true);
        Page phone = context.newPage();
        List<String> tooWide = new ArrayList<>();
        for (String path : List.of(
                "/",
                "/green",
                "/green/" + lot,
                "/plan/new",
                "/roast",
                "/roast/" + roast,
                "/sample",
                "/sample/" + roast,
                "/rest",
                "/cupping",
                "/cupping/" + cupping,
                "/decision",
                "/decision/" + lot)) {
            phone.navigate(LAB.app().url() + path);
            assertThat(phone.getByText("Xylophon").first()).isAttached();
            phone.waitForLoadState(LoadState.NETWORKIDLE);
            Object wide = phone.evaluate("document.documentElement.scrollWidth");
            if (!wide.equals(390)) {
                tooWide.add(path + " is " + wide + ": " + phone.evaluate(STICKING_OUT));
            }
        }
        Assertions.assertThat(tooWide).isEmpty();
        context.close();
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
        person.addRoasterWhenAsked();
        person.button("Import 12 logs").click();
        assertThat(person.heading("12 logs read")).isVisible();
        assertThat(page.locator(".counts")).hasText(Pattern.compile("8 kept\\s*4 refused"));
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("log-5.csv")))
                .containsText("time is \"seven\"");
        assertThat(page.locator("tr", new Page.LocatorOptions().setHasText("log-8.csv")))
                .containsText("There is no lot called No Hill");

        // asked once for the two that raise it
        person.button("Say what they mean").click();
        person.choose("probe 2 is", "bean probe, °C");
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
