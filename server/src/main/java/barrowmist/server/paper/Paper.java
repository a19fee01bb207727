package barrowmist.server.paper;

import barrowmist.core.check.Names;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.samskivert.mustache.Escapers;
import com.samskivert.mustache.Mustache;
import com.samskivert.mustache.Template;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;

/** Pages as PDF: a template of the folder {@code paper}, filled and laid out. */
public final class Paper {

    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";
    private static final String FONT_NAME = "Liberation Sans";

    private static final Mustache.Compiler TEMPLATES = Mustache.compiler()
            .withLoader(Paper::template)
            .emptyStringIsFalse(true)
            .nullValue("")
            // what was kept before such characters were refused must not spoil a page
            .withEscaper(text -> Escapers.HTML.escape(Names.printableOnly(text)));

    private Paper() {}

    /**
     * @param template its name without ending; what it is filled with is escaped
     * @param model a record: the template names its components
     */
    public static byte[] write(String template, Object model) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PdfRendererBuilder page = new PdfRendererBuilder();
            page.useFastMode();
            // what the font does not have, such as an emoji, is left out: a # would read as something
            page.useReplacementText("");
            page.useObjectDrawerFactory(Drawing.drawers());
            page.useFont(() -> resource(FONT), FONT_NAME);
            page.withHtmlContent(filled(template, model), "");
            page.toStream(out);
            page.run();
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("A page is written in memory and does not fail", e);
        }
    }

    /** The same as an answer that a browser shows. */
    public static ResponseEntity<byte[]> answer(String name, byte[] pdf) {
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=\"" + name + ".pdf\"")
                .body(pdf);
    }

    private static String filled(String template, Object model) throws IOException {
        try (Reader text = template(template)) {
            Template compiled = TEMPLATES.compile(text);
            return compiled.execute(model);
        }
    }

    private static Reader template(String name) {
        return new InputStreamReader(resource("/paper/" + name + ".html"), StandardCharsets.UTF_8);
    }

    private static InputStream resource(String path) {
        return Objects.requireNonNull(Paper.class.getResourceAsStream(path), path);
    }
}
