package barrowmist.server.label;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import barrowmist.server.label.LabelPdf.Label;
import barrowmist.server.label.LabelPdf.Size;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.LuminanceSource;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import java.awt.image.BufferedImage;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** Labels are read back: their text by PDFBox, their code by ZXing from the picture of the page. */
@LabTest
@TestPropertySource(properties = "lab.of=green")
class LabelTest {

    private static final int DPI = 200;

    private final Lab lab;
    private final MockMvc mvc;

    LabelTest(@Autowired MockMvc mvc) {
        this.mvc = mvc;
        lab = new Lab(mvc);
    }

    private static String code(BufferedImage image) throws Exception {
        LuminanceSource source = new LuminanceSource(image.getWidth(), image.getHeight()) {
            @Override
            public byte[] getRow(int y, byte[] row) {
                byte[] out = new byte[getWidth()];
                for (int x = 0; x < out.length; x++) {
                    out[x] = (byte) (image.getRGB(x, y) & 0xff);
                }
                return out;
            }

            @Override
            public byte[] getMatrix() {
                byte[] out = new byte[getWidth() * getHeight()];
                for (int y = 0; y < getHeight(); y++) {
                    System.arraycopy(getRow(y, null), 0, out, y * getWidth(), getWidth());
                }
                return out;
            }
        };
        return new QRCodeReader()
                .decode(new BinaryBitmap(new HybridBinarizer(source)))
                .getText();
    }

    @Test
    void theTrayLabelNamesTheLotAndItsCodeOpensIt() throws Exception {
        long lotId = lab.lot("natural");
        long sampleId = lab.get("/api/lots/" + lotId + "/samples")
                .body()
                .get(0)
                .get("id")
                .asLong();
        byte[] pdf = mvc.perform(MockMvcRequestBuilders.get("/api/green-samples/" + sampleId + "/label.pdf"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document))
                    .contains("Test Hill", "Burundi, natural", "Arrival sample", "Moisture 10.9 %");
            assertThat(code(new PDFRenderer(document).renderImageWithDPI(0, DPI)))
                    .isEqualTo("http://localhost/green/" + lotId);
        }
        assertThat(lab.get("/api/green-samples/" + sampleId + "/label.pdf?size=wall")
                        .status())
                .isEqualTo(422);
    }

    @Test
    void aLongNameIsShortenedAndAStrangeLetterDoesNotBreakTheLabel() throws Exception {
        byte[] pdf = LabelPdf.write(
                List.of(new Label(
                        "A very long name of a lot that never fits on any tray at all",
                        List.of("雲 Nuage"),
                        "http://x/1")),
                Size.BAG);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document)).contains("A very long name", "…", "? Nuage");
        }
    }

    @Test
    void theCodeIsSquare() {
        BitMatrix matrix = LabelPdf.matrix("http://localhost:8080/green/1");
        assertThat(matrix.getWidth()).isEqualTo(matrix.getHeight()).isGreaterThanOrEqualTo(21);
    }
}
