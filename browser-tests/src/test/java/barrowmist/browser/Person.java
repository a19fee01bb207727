package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.regex.Pattern;

/** A lead at the keyboard: the steps of the path as they are done on screen. */
final class Person {

    private static final double PRESSED_MS = 6000;

    private final Page page;
    private final String url;

    Person(Page page, String url) {
        this.page = page;
        this.url = url;
    }

    void open(String path) {
        page.navigate(url + path);
    }

    Locator button(String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    Locator link(String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator field(String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    Locator heading(String name) {
        return page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }

    /** Opens a list by keyboard and takes an option by mouse. */
    void choose(String label, String option) {
        page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label))
                .press("ArrowDown");
        Locator wanted = page.getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName(option))
                .first();
        Locator open = page.getByRole(AriaRole.OPTION);
        wanted.click();
        // a click into a list that is still opening can be lost on a busy machine: a person clicks again
        try {
            assertThat(open).hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(AGAIN_MS));
        } catch (AssertionError e) {
            wanted.click();
        }
        // a list that is still closing has options of the same names
        assertThat(open).hasCount(0);
    }

    private static final double AGAIN_MS = 2000;

    /** In an empty lab the import page asks for the roaster's name first. */
    void addRoasterWhenAsked() {
        if (field("Name of the roaster").isVisible()) {
            field("Name of the roaster").fill("Drum 1");
            button("Add").click();
            assertThat(page.getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName("Roaster")))
                    .isVisible();
        }
    }

    /** Enters a lot from Today, with a decimal comma on the way, and lands on its page. */
    void enterLot(String name, String process) {
        open("/");
        link("New lot").click();
        field("Name").fill(name);
        field("Supplier").fill("Tester & Sons");
        field("Origin").fill("Burundi");
        if (!process.equals("washed")) {
            choose("Process", process);
        }
        field("Weight").fill("60");
        field("Moisture").fill("10,9");
        field("Density, free-settled").fill("690");
        field("Screen").fill("16/17");
        press(button("Keep the lot"), heading(name));
    }

    /** Presses a button and waits for what it leads to; once more where nothing came of it, as a person would. */
    void press(Locator button, Locator then) {
        button.click();
        try {
            then.waitFor(new Locator.WaitForOptions().setTimeout(PRESSED_MS));
        } catch (TimeoutError nothingCame) {
            if (button.isVisible()) {
                button.click();
            }
        }
        assertThat(then).isVisible();
    }

    /** Pastes a log on the import page of the lot whose page is shown. */
    void pasteLog(String csv) {
        link("Import a roast log").click();
        field("or paste the log").fill(csv);
    }

    void enterBench(String whole, String ground, String scorched) {
        link("Bench figures").click();
        field("Weight in").fill("120");
        field("Weight out").fill("104.4");
        field("Whole beans").fill(whole);
        field("Ground").fill(ground);
        field("Quakers counted").fill("0");
        field("Scorched counted").fill(scorched);
        field("Tipped counted").fill("0");
        field("one colour through").check();
    }

    /** Lays an open table with the one sample that is chosen, and sits down at it. */
    void beginWithOne() {
        press(button("Begin with 1 sample"), field("Cupper"));
    }

    /** Scores a whole sheet by keyboard: every attribute typed, every word found by typing. */
    void score(String score, List<String> words) {
        field("Cupper").fill("Ines K.");
        scoreSeated(score, words);
    }

    /** The same for somebody who sits at a coded table under a name. */
    void scoreSeated(String score, List<String> words) {
        for (String attribute :
                List.of("Fragrance / aroma", "Flavour", "Aftertaste", "Acidity", "Body", "Balance", "Overall")) {
            slider(attribute).focus();
            page.keyboard().type(score);
        }
        page.keyboard().press("/");
        for (String word : words) {
            page.keyboard().type(word);
            page.keyboard().press("Enter");
        }
        assertThat(page.getByText("final score")).isVisible();
        assertThat(page.getByText("Kept", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
    }

    Locator slider(String name) {
        return page.getByRole(
                AriaRole.SLIDER, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    /** A cause on the trace, with how far it is borne out. */
    Locator cause(String cause, String standing) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile(cause + "\\s*" + standing)));
    }
}
