package barrowmist.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/** A lot is decided, told, and every batch of its profile held to it. */
class DecisionIT {

    @RegisterExtension
    static final Laboratory LAB = Laboratory.ofTheDemo();

    @Test
    void aLotIsDecidedByWhatIsKnownAndToldOnPaper() throws Exception {
        Page page = LAB.page();
        Person person = LAB.person(page);
        person.open("/");
        // at some hours of the day its sample is named on the table's shelf as well
        page.locator("li", new Page.LocatorOptions().setHasText("Batu Sembuyan"))
                .filter(new Locator.FilterOptions().setHasText("Decide"))
                .getByText("Open")
                .click();
        assertThat(person.heading("Batu Sembuyan")).isVisible();
        assertThat(page.getByText("Nothing was cupped, or nothing is revealed yet."))
                .isVisible();
        person.button("Enter what was agreed").click();
        person.field("Score, at least").fill("eighty");
        assertThat(page.getByText("is not a number")).isVisible();
        person.field("Score, at least").fill("82,5");
        person.button("Keep the contract").click();
        assertThat(page.getByText("Score, at least 82.5")).isVisible();
        person.choose("Decide", "hold it");
        person.field("Why, in your words").fill("Waits for its first table");
        // left and come back to, nothing is lost
        person.link("To the lot").click();
        assertThat(page.getByText("60.0 kg left of 60.0 kg")
                        .or(page.getByText("kg left of 60.0 kg"))
                        .first())
                .isVisible();
        person.button("Draw bags").click();
        person.field("Of how many bags").fill("30");
        person.button("Draw them").click();
        assertThat(page.getByText("of 30 bags:")).isVisible();
        person.link("Decide").click();
        assertThat(person.field("Why, in your words")).hasValue("Waits for its first table");
        person.button("Keep the decision").click();
        assertThat(page.getByText("hold it, by the lab")).isVisible();
        page.reload();
        assertThat(page.getByText("Waits for its first table")).isVisible();
        Assertions.assertThat(Chromium.violations(page)).isEmpty();
        Assertions.assertThat(pdf("/api/lots/4/report.pdf")).startsWith("%PDF");
        Assertions.assertThat(pdf("/api/lots/4/claim.pdf")).startsWith("%PDF");
        page.context().close();
    }

    private static String pdf(String path) throws IOException, InterruptedException {
        var request = HttpRequest.newBuilder(URI.create(LAB.app().url() + path)).build();
        byte[] body = HttpClient.newHttpClient()
                .send(request, BodyHandlers.ofByteArray())
                .body();
        return new String(body, 0, Math.min(8, body.length), StandardCharsets.ISO_8859_1);
    }

    @Test
    void aBlendIsChangedKeptAndItsTrialLaidBlind() {
        Page page = LAB.page();
        Person person = LAB.person(page);
        person.open("/decision");
        person.link("Blend").click();
        page.getByText("Slow morning espresso").click();
        assertThat(person.heading("Slow morning espresso")).isVisible();
        person.field("Share").first().fill("55,5");
        assertThat(page.getByText("95.5 % in all")).isVisible();
        person.button("Keep it").click();
        assertThat(page.getByText("The shares come to 96 %, expected 100")).isVisible();
        person.field("Share").first().fill("50");
        person.field("Share").nth(1).fill("35");
        // reloaded half-way, nothing is lost
        page.reload();
        assertThat(person.field("Share").nth(1)).hasValue("35");
        person.button("Keep it").click();
        assertThat(page.getByText("50 % Serra Quimbroa, 35 % Vale do Trelunho, 15 % Gatovu Hill"))
                .isVisible();
        person.button("Lay the trial beside its parts, blind").click();
        assertThat(person.heading("Blind table")).isVisible();
        assertThat(page.getByText("Serra Quimbroa")).hasCount(0);
        page.goBack();
        assertThat(page.getByText("Not revealed yet.")).isVisible();
        page.context().close();
    }

    @Test
    void aDriftIsSeenABatchIsHeldAndItsBagIsFound() {
        Page page = LAB.page();
        Person person = LAB.person(page);
        person.open("/decision/questions?ask=drifting");
        assertThat(page.getByText("Drifting now: dry end of Espresso base")).isVisible();
        page.getByRole(com.microsoft.playwright.options.AriaRole.CELL)
                .getByText("Espresso base")
                .first()
                .click();
        assertThat(page.getByText("2 of 90 held (2.0 kg green)")).isVisible();
        assertThat(page.locator("circle.signal").first()).isVisible();
        Locator newest = page.locator("tbody tr")
                .filter(new Locator.FilterOptions().setHasText("B-130"))
                .first();
        newest.getByText("Change").click();
        person.button("Hold it").click();
        assertThat(page.getByText("A batch that is held back needs a reason")).isVisible();
        person.field("Why, if it is held").fill("first crack far too late");
        person.button("Hold it").click();
        assertThat(page.getByText("3 of 90 held (3.0 kg green)")).isVisible();
        assertThat(page.getByText("held: first crack far too late")).isVisible();
        person.link("To the profiles").click();
        person.link("Which bags?").click();
        person.field("Bucket or bag").fill("b-130");
        person.button("Find its batches").click();
        assertThat(page.locator("tbody tr")).hasCount(3);
        assertThat(page.getByText("held", new Page.GetByTextOptions().setExact(true)))
                .isVisible();
        page.context().close();
    }
}
