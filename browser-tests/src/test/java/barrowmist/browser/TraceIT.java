package barrowmist.browser;

import static barrowmist.browser.AtTheTable.reveal;
import static barrowmist.browser.AtTheTable.sitDown;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import barrowmist.core.roast.KnownLog;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** Causes in the green, and a change from the word to the proof. */
class TraceIT {

    @RegisterExtension
    static final Laboratory LAB = Laboratory.empty();

    private Page page;
    private Person person;

    @BeforeEach
    void sitDownAtTheDesk() {
        page = LAB.page();
        person = LAB.person(page);
    }

    private void importLog(String log) {
        person.pasteLog(log);
        person.addRoasterWhenAsked();
        person.button("Import").click();
    }

    /** Leaves a word in these cups alone. */
    private void only(String word, int... cups) {
        List<Integer> kept = java.util.Arrays.stream(cups).boxed().toList();
        for (int cup = 1; cup <= 5; cup++) {
            Locator mark = page.getByLabel(word + " in cup " + cup);
            boolean marked = "true".equals(mark.getAttribute("aria-pressed"));
            if (marked != kept.contains(cup)) {
                mark.click();
            }
        }
    }

    @Test
    void oatsInTwoCupsAndCountedQuakersAreQuakers() {
        person.enterLot("Pale Hill", "washed");
        importLog(KnownLog.csv(false));
        person.enterBench("58", "63", "0");
        person.field("Quakers counted").fill("6");
        person.button("Cup it").click();
        person.beginWithOne();
        person.score("7.25", List.of("oats", "bread"));
        only("oats", 2, 4);
        only("bready", 2);
        assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        person.link("Trace").last().click();
        assertThat(person.cause("quakers", "supported")).isVisible();
        assertThat(person.cause("quakers", "supported")
                        .getByText("likely", new Locator.GetByTextOptions().setExact(true)))
                .isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
        page.getByText(Pattern.compile("\\d+ others, and why not")).click();
        person.button("baked").click();
        assertThat(page.getByText("Why not baked: the sum")).isVisible();
    }

    @Test
    void aMustySampleAndAMustyCupAreMouldAndNoRoastIsToBlame() {
        person.enterLot("Damp Hill", "washed");
        person.link("Inspect").first().click();
        person.field("Moisture").fill("13,4");
        page.getByText("musty", new Page.GetByTextOptions().setExact(true)).click();
        assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        person.open("/green");
        person.link("Damp Hill").first().click();
        importLog(KnownLog.csv(false));
        person.enterBench("58", "63", "0");
        person.button("Cup it").click();
        person.beginWithOne();
        person.score("6.5", List.of("musty", "earthy"));
        person.link("Trace").last().click();
        assertThat(person.cause("mould in the green", "supported")).isVisible();
        assertThat(person.button("Plan it")).isHidden();
    }

    @Test
    void aBakedCupIsPlannedRoastedProvenBlindAndHeld() {
        person.enterLot("Proof Hill", "washed");
        importLog(KnownLog.csv(true));
        person.enterBench("58", "62", "0");
        person.button("Cup it").click();
        person.beginWithOne();
        person.score("6.75", List.of("flat", "papery"));
        person.link("Trace").last().click();
        assertThat(person.cause("baked", "supported")).isVisible();
        String trace = page.url();
        person.button("Plan it").click();
        assertThat(page.getByText(Pattern.compile("Cut the gas at 7:")).first()).isVisible();

        person.open("/green");
        person.link("Proof Hill").first().click();
        importLog("# the next one\n" + KnownLog.csv(false));
        assertThat(person.heading("Proof Hill, roast 2")).isVisible();
        page.navigate(trace);
        person.button("It followed this plan").click();
        assertThat(page.getByText("Roast 2, by this plan:")).isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
        // double click: one table
        person.button("Lay both, blind").dblclick();
        assertThat(page.getByText("Who cups here?")).isVisible();
        String table = page.url();
        Assertions.assertThat(page.content()).doesNotContain("roast 2");
        Person ines = sitDown(LAB, page, table, "Ines");
        score(ines, table);
        page.navigate(trace);
        assertThat(page.getByText("on the table", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.navigate(table);
        reveal(ines);
        assertThat(page.getByText("Proof Hill, roast 2").first()).isVisible();

        LAB.app().restart();
        page.navigate(trace);
        assertThat(page.locator("b.estimate")).hasText("estimate");
        assertThat(page.getByText(Pattern.compile("baked in 5 of 5 cups before, in 0 of 5 after")))
                .isVisible();
        assertThat(person.button("Done with this one")).isVisible();
        person.open("/trace/record");
        assertThat(page.getByText("1 by too few roasts to confirm")).isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
    }

    /** The old one as it was, the new one clean: whoever prepared knows which is which. */
    private void score(Person cupper, String table) {
        String id = table.replaceAll(".*/", "");
        String key = LAB.app().send("GET", "/api/cuppings/" + id + "/key", "application/json", "");
        List<String> codes = AtTheTable.codes(page);
        for (String code : codes) {
            AtTheTable.code(page, code).click();
            assertThat(AtTheTable.code(page, code)).hasAttribute("aria-pressed", "true");
            boolean old = isFirst(key, code);
            cupper.scoreSeated(old ? "6.75" : "8", old ? List.of("flat", "papery") : List.of("citrus"));
        }
    }

    /** The roast that was entered first has the lower number. */
    private static boolean isFirst(String key, String code) {
        long[] roasts = Pattern.compile("\"roastId\":(\\d+)")
                .matcher(key)
                .results()
                .mapToLong(m -> Long.parseLong(m.group(1)))
                .toArray();
        String sample = key.substring(key.indexOf("\"code\":\"" + code + "\""));
        long here = Long.parseLong(sample.replaceAll("(?s)^.*?\"roastId\":(\\d+).*$", "$1"));
        return here == Math.min(roasts[0], roasts[1]);
    }
}
