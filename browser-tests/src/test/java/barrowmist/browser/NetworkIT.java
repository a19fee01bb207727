package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.net.Inet4Address;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** A lab that other devices reach, over HTTPS: the first account, roles, a session that ends, and a cupper's phone. */
class NetworkIT {

    private static final String PASSWORD = "fog on the moor";
    private static final String TOBINS = "heather after rain";

    /** An address of this machine as another device would use it; where it is in no network, one that is not the usual. */
    private static String address() throws SocketException {
        return NetworkInterface.networkInterfaces()
                .flatMap(NetworkInterface::inetAddresses)
                .filter(a -> a instanceof Inet4Address && !a.isLoopbackAddress())
                .map(a -> a.getHostAddress())
                .findFirst()
                .orElse("127.0.0.2");
    }

    private static void signIn(Person person, String name, String password) {
        person.field("Your name").fill(name);
        person.field("Password").fill(password);
        person.button("Sign in").click();
    }

    @Test
    void aLabLetsItsPeopleInAndNobodyElse() throws SocketException {
        try (App app = App.inTheNetwork(address());
                Chromium chromium = new Chromium()) {
            Page page = chromium.trusting(1280, 800).newPage();
            Person maren = new Person(page, app.url());
            theFirstAccount(app, page, maren);
            maren.open("/people");
            maren.field("Name").fill("Tobin");
            maren.field("First password, at least 10 characters").fill(TOBINS);
            maren.button("Add").click();
            assertThat(page.getByText("Tobin may sign in.")).isVisible();
            assertThat(page.getByText(Pattern.compile("([0-9A-F]{2}:){31}"))).isVisible();
            assertThat(Chromium.violations(page)).isEmpty();

            Page tablet = chromium.trusting(800, 1280).newPage();
            Person tobin = new Person(tablet, app.url());
            tobin.open("/green");
            signIn(tobin, "tobin", "not his password");
            assertThat(tablet.getByText("Nobody has this name with this password"))
                    .isVisible();
            signIn(tobin, "tobin", TOBINS);
            assertThat(tobin.link("Tobin: account and people")).isVisible();
            tobin.enterLot("Beyond Hill", "washed");
            theServerIsKilledAndASessionEnds(app, page, maren, tablet, tobin);
            aPhoneJoinsATable(chromium, app, page, maren);
        }
    }

    private static void theFirstAccount(App app, Page page, Person maren) {
        maren.open("/");
        assertThat(maren.heading("The first account")).isVisible();
        maren.field("Your name").fill("Maren");
        maren.field("New password, at least 10 characters").fill(PASSWORD);
        Locator code = maren.field("Code that Barrowmist printed when it started");
        if (code.isVisible()) {
            code.fill("AAAAA AAAAA");
            maren.button("Make the account").click();
            assertThat(page.getByText("This is not the code")).isVisible();
            code.fill(printedCode(app));
        }
        maren.button("Make the account").click();
        assertThat(maren.link("New lot")).isVisible();
    }

    private static String printedCode(App app) {
        Pattern line = Pattern.compile("first account from another device: (\\w+)");
        await().until(() -> line.matcher(app.printed()).find());
        Matcher found = line.matcher(app.printed());
        assertThat(found.find()).isTrue();
        return found.group(1);
    }

    private static void theServerIsKilledAndASessionEnds(App app, Page page, Person maren, Page tablet, Person tobin) {
        app.restart();
        tablet.reload();
        assertThat(tobin.heading("Beyond Hill")).isVisible();
        // half-way through a lot the lead signs him out
        tobin.open("/green");
        tobin.button("New lot").click();
        tobin.field("Name").fill("Half typed");
        page.reload();
        page.getByRole(AriaRole.ROW, new Page.GetByRoleOptions().setName("Tobin"))
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Sign out"))
                .click();
        assertThat(page.getByText("Tobin is signed out everywhere.")).isVisible();
        tobin.field("Supplier").fill("Tester & Sons");
        tobin.field("Origin").fill("Burundi");
        tobin.field("Weight").fill("60");
        tobin.button("Keep the lot").click();
        signIn(tobin, "Tobin", TOBINS);
        assertThat(tobin.link("Tobin: account and people")).isVisible();
        assertThat(tobin.field("Name")).hasValue("Half typed");
        tobin.button("Keep the lot").click();
        assertThat(tobin.heading("Half typed")).isVisible();
    }

    private static void aPhoneJoinsATable(Chromium chromium, App app, Page page, Person maren) {
        maren.open("/cupping");
        AtTheTable.putOn(maren, "Bag one", "Bag two");
        maren.choose("Who may know", "who prepares");
        maren.button("Begin with 2 samples").click();
        String code = page.locator(".join .code").textContent();
        Page phone = chromium.trusting(390, 780).newPage();
        Person ines = new Person(phone, app.url());
        ines.open("/join#" + code);
        ines.field("Your name").fill("Ines");
        ines.button("Sit down").click();
        assertThat(phone.locator("nav[aria-label^='Samples on the table'] button"))
                .hasCount(2);
        // and nothing but the table
        ines.open("/green");
        assertThat(ines.heading("Sign in")).isVisible();
    }
}
