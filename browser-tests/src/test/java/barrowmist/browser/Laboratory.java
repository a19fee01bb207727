package barrowmist.browser;

import com.microsoft.playwright.Page;
import org.junit.jupiter.api.extension.AfterAllCallback;
import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/** A running application and a browser, for all tests of a class; what a test opened is closed after it. */
final class Laboratory implements BeforeAllCallback, AfterEachCallback, AfterAllCallback {

    private final boolean demo;
    private App app;
    private Chromium chromium;

    private Laboratory(boolean demo) {
        this.demo = demo;
    }

    /** With the demo data. */
    static Laboratory ofTheDemo() {
        return new Laboratory(true);
    }

    /** That begins with nothing. */
    static Laboratory empty() {
        return new Laboratory(false);
    }

    @Override
    public void beforeAll(ExtensionContext context) {
        app = new App(demo);
        chromium = new Chromium();
    }

    @Override
    public void afterEach(ExtensionContext context) {
        endOf(context, chromium);
    }

    /** Closes a test's pages; when it failed, says first what they showed. */
    static void endOf(ExtensionContext test, Chromium chromium) {
        try {
            // a wait that ended says what did not come; what was there instead says why
            test.getExecutionException()
                    .ifPresent(e -> System.out.println(
                            test.getDisplayName() + " ended with this on screen:\n" + chromium.onScreen()));
        } finally {
            chromium.closePages();
        }
    }

    @Override
    public void afterAll(ExtensionContext context) {
        chromium.close();
        app.close();
    }

    App app() {
        return app;
    }

    Chromium chromium() {
        return chromium;
    }

    Page page() {
        return chromium.page();
    }

    /** Somebody who sits down at a page. */
    Person person(Page page) {
        return new Person(page, app.url());
    }
}
