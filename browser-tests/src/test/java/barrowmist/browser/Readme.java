package barrowmist.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** The README as a new user reads it: a test that walks a sentence says which, and it must stand there. */
final class Readme {

    private static final String TEXT = read();

    private Readme() {}

    private static String read() {
        try {
            return plain(Files.readString(Path.of("..", "README.md")));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String plain(String markdown) {
        return markdown.replaceAll("[*`]|</?kbd>", "").replaceAll("\\s+", " ");
    }

    /** The README says this, word by word; emphasis and line breaks aside. */
    static void says(String sentence) {
        assertThat(TEXT).contains(sentence);
    }
}
