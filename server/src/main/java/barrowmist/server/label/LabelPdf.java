package barrowmist.server.label;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** Writes labels as a PDF, one a page: a heading, a few lines, and a QR code that opens an address. */
final class LabelPdf {

    private static final float POINTS_PER_MM = 72 / 25.4f;
    private static final float MARGIN = 3 * POINTS_PER_MM;
    private static final float HEADING = 14;
    private static final float TEXT = 9;
    private static final float LINE = 12.5f;
    private static final float CODE_GAP = 2 * POINTS_PER_MM;
    private static final String FONT = "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf";

    private LabelPdf() {}

    /** One label. */
    record Label(String heading, List<String> lines, String address) {}

    /** Size of a label, mm. */
    record Size(float widthMm, float heightMm) {

        /** For a sample tray. */
        static final Size TRAY = new Size(90, 40);

        /** For a bag. */
        static final Size BAG = new Size(100, 62);
    }

    static byte[] write(List<Label> labels, Size size) {
        try (PDDocument document = new PDDocument();
                InputStream font = LabelPdf.class.getResourceAsStream(FONT);
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PDFont loaded = PDType0Font.load(document, font);
            for (Label label : labels) {
                page(document, loaded, label, size);
            }
            document.getDocumentInformation().setTitle(labels.get(0).heading());
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("A label is written in memory and does not fail", e);
        }
    }

    private static void page(PDDocument document, PDFont font, Label label, Size size) throws IOException {
        float width = size.widthMm * POINTS_PER_MM;
        float height = size.heightMm * POINTS_PER_MM;
        PDPage page = new PDPage(new PDRectangle(width, height));
        document.addPage(page);
        float side = Math.min(height - 2 * MARGIN, width / 3);
        float textWidth = width - side - 2 * MARGIN - CODE_GAP;
        try (PDPageContentStream content = new PDPageContentStream(document, page)) {
            float y = height - MARGIN - HEADING;
            text(content, font, HEADING, label.heading, MARGIN, y, textWidth);
            y -= LINE + 2;
            for (String line : label.lines) {
                text(content, font, TEXT, line, MARGIN, y, textWidth);
                y -= LINE;
            }
            code(content, label.address, width - MARGIN - side, height - MARGIN - side, side);
        }
    }

    private static void text(
            PDPageContentStream content, PDFont font, float size, String text, float x, float y, float widest)
            throws IOException {
        String fitted = fitted(font, size, printable(font, text), widest);
        content.beginText();
        content.setFont(font, size);
        content.newLineAtOffset(x, y);
        content.showText(fitted);
        content.endText();
    }

    private static String fitted(PDFont font, float size, String text, float widest) throws IOException {
        String shown = text;
        while (shown.length() > 1 && font.getStringWidth(shown) / 1000 * size > widest) {
            shown = shown.substring(0, shown.endsWith("…") ? shown.length() - 2 : shown.length() - 1) + "…";
        }
        return shown;
    }

    /** A letter that the font lacks is shown as a question mark: a label with a gap is better than none. */
    private static String printable(PDFont font, String text) {
        StringBuilder out = new StringBuilder();
        text.codePoints().forEach(c -> {
            String letter = Character.toString(c);
            try {
                font.encode(letter);
                out.append(letter);
            } catch (IOException | IllegalArgumentException e) {
                out.append('?');
            }
        });
        return out.toString();
    }

    private static void code(PDPageContentStream content, String address, float x, float y, float side)
            throws IOException {
        BitMatrix matrix = matrix(address);
        float cell = side / matrix.getWidth();
        for (int row = 0; row < matrix.getHeight(); row++) {
            for (int column = 0; column < matrix.getWidth(); column++) {
                if (matrix.get(column, row)) {
                    content.addRect(x + column * cell, y + side - (row + 1) * cell, cell, cell);
                }
            }
        }
        content.fill();
    }

    static BitMatrix matrix(String address) {
        try {
            return new QRCodeWriter()
                    .encode(
                            address,
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 0));
        } catch (WriterException e) {
            throw new IllegalArgumentException("The address is too long for a QR code: " + address, e);
        }
    }
}
