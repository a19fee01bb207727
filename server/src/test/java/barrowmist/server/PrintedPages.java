package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;

/** What stands on paper. */
public final class PrintedPages {

    private PrintedPages() {}

    /** Text of all pages; each page must have some, and every font must be embedded. */
    public static String text(byte[] pdf) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper();
            for (int page = 1; page <= document.getNumberOfPages(); page++) {
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                // its number alone is no page
                assertThat(stripper.getText(document).replaceAll("\\d+ / \\d+", ""))
                        .as("page " + page)
                        .isNotBlank();
                fontsAreEmbedded(document.getPage(page - 1));
            }
            return new PDFTextStripper().getText(document);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void fontsAreEmbedded(PDPage page) throws IOException {
        for (var name : page.getResources().getFontNames()) {
            assertThat(page.getResources().getFont(name).isEmbedded())
                    .as(name.toString())
                    .isTrue();
        }
    }
}
