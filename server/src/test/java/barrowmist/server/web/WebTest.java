package barrowmist.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.LabTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.assertj.MockMvcTester;

@LabTest
class WebTest {

    private final MockMvcTester mvc;

    WebTest(@Autowired MockMvcTester mvc) {
        this.mvc = mvc;
    }

    @Test
    void thePageMaySpeakToThisServerOnly() {
        var response = mvc.get().uri("/api/lots").exchange().getResponse();
        assertThat(response.getStatus()).isEqualTo(200);
        assertThat(response.getHeader("Content-Security-Policy")).startsWith("default-src 'self'");
        assertThat(response.getHeader("Cache-Control")).isEqualTo("no-cache");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/green", "/green/7", "/roast/import", "/roast/7", "/sample/7", "/cupping/7", "/trace/7"})
    void pagesOfTheFrontEndAreAnsweredWithItsDocument(String path) {
        assertThat(mvc.get().uri(path)).hasStatusOk().hasForwardedUrl("/index.html");
    }

    @Test
    void whatIsNoPageIsNotFoundInTheCallersLanguage() {
        assertThat(mvc.get().uri("/nowhere").accept(MediaType.APPLICATION_JSON))
                .hasStatus(404)
                .bodyText()
                .contains("There is nothing at nowhere.");
        assertThat(mvc.get().uri("/api/nowhere")).hasStatus(404);
        assertThat(mvc.get().uri("/green.php")).hasStatus(404);
    }

    @Test
    void aLogUnderTheWrongContentTypeIsRefused() {
        assertThat(mvc.post()
                        .uri("/api/lots/1/roasts")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{}"))
                .hasStatus(415);
    }

    @Test
    void aWordForANumberInTheAddressIsTheCallersMistake() {
        assertThat(mvc.get().uri("/api/lots/seven")).hasStatus(400);
    }
}
