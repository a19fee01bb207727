package barrowmist.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.LabTest;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.assertj.MockMvcTester;

/** Every page of the front end can be opened and loaded anew by its address. */
@LabTest
class PagesOfTheFrontEndTest {

    private static final Pattern ROUTE = Pattern.compile("path: '(/[^':][^']*)'");

    private final MockMvcTester mvc;

    PagesOfTheFrontEndTest(@Autowired MockMvcTester mvc) {
        this.mvc = mvc;
    }

    static Stream<String> pages() throws IOException {
        return ROUTE.matcher(Files.readString(Path.of("../web/src/router.ts")))
                .results()
                .map(m ->
                        m.group(1).replaceAll(":\\w+\\([a-z|]+\\)", "lot").replaceAll(":\\w+(\\([^)]*\\))?\\??", "7"));
    }

    @ParameterizedTest
    @MethodSource("pages")
    void isAnsweredWithItsDocument(String path) {
        assertThat(mvc.get().uri(path)).as(path).hasStatusOk().hasForwardedUrl("/index.html");
    }
}
