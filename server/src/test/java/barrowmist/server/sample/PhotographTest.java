package barrowmist.server.sample;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab;
import barrowmist.server.LabTest;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.HexFormat;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;

/** Photographs of roasted samples, on the demo laboratory. */
@LabTest
@TestPropertySource(properties = "barrowmist.demo=true")
class PhotographTest {

    private static final byte[] PNG = HexFormat.of()
            .parseHex(
                    "89504e470d0a1a0a0000000d49484452000000010000000108060000001f15c4890000000a49444154789c63000100000500010d0a"
                            + "2db40000000049454e44ae426082");
    private final Lab lab;
    private final MockMvc mvc;
    private long newest;

    PhotographTest(@Autowired MockMvc mvc) {
        this.mvc = mvc;
        lab = new Lab(mvc);
    }

    @BeforeEach
    void findNewest() {
        newest = lab.get("/api/roasts").body().get(0).get("id").asLong();
    }

    private int photo(byte[] content) throws Exception {
        return photo("/api/roasts/" + newest, content);
    }

    private int photo(String of, byte[] content) throws Exception {
        return mvc.perform(MockMvcRequestBuilders.post(of + "/photos")
                        .contentType("image/png")
                        .content(content))
                .andReturn()
                .getResponse()
                .getStatus();
    }

    private long lastPhoto() {
        JsonNode all = lab.get("/api/roasts/" + newest + "/photos").body();
        return all.get(all.size() - 1).get("id").asLong();
    }

    @Test
    void aGreenSampleHasPhotographsOfItsOwnAndTheyGoWithTheClaim() throws Exception {
        long lot = lab.lot("washed");
        long sample =
                lab.get("/api/lots/" + lot + "/samples").body().get(0).get("id").asLong();
        String of = "/api/green-samples/" + sample;
        int without = images(lab.bytes("/api/lots/" + lot + "/claim.pdf"));
        assertThat(photo(of, PNG)).isEqualTo(201);
        assertThat(photo(of, "no picture".getBytes(StandardCharsets.UTF_8))).isEqualTo(422);
        assertThat(photo("/api/green-samples/999999", PNG)).isEqualTo(404);
        JsonNode kept = lab.get(of + "/photos").body();
        assertThat(kept).hasSize(1);
        assertThat(lab.get("/api/roasts/" + newest + "/photos").body().toString())
                .doesNotContain("\"id\":" + kept.get(0).get("id").asLong() + "}");
        assertThat(images(lab.bytes("/api/lots/" + lot + "/claim.pdf"))).isEqualTo(without + 1);
        assertThat(images(lab.bytes("/api/lots/" + lot + "/report.pdf"))).isEqualTo(1);
        assertThat(lab.delete("/api/photos/" + kept.get(0).get("id").asLong()).status())
                .isEqualTo(204);
        assertThat(lab.get(of + "/photos").body()).isEmpty();
    }

    private static int images(byte[] pdf) throws IOException {
        int found = 0;
        try (PDDocument page = Loader.loadPDF(pdf)) {
            for (PDPage p : page.getPages()) {
                for (COSName name : p.getResources().getXObjectNames()) {
                    found += p.getResources().isImageXObject(name) ? 1 : 0;
                }
            }
        }
        return found;
    }

    @Test
    void photographsAreKeptAndOnlyPhotographs() throws Exception {
        assertThat(photo(PNG)).isEqualTo(201);
        assertThat(photo("<script>".getBytes(StandardCharsets.UTF_8))).isEqualTo(422);
        assertThat(photo(new byte[0])).isEqualTo(422);
        long id = lastPhoto();
        var answer = mvc.perform(MockMvcRequestBuilders.get("/api/photos/" + id))
                .andReturn()
                .getResponse();
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(answer.getContentAsByteArray()));
        assertThat(kept.getWidth()).isEqualTo(1);
        assertThat(answer.getContentType()).isEqualTo("image/jpeg");
        assertThat(lab.delete("/api/photos/" + id).status()).isEqualTo(204);
        assertThat(lab.get("/api/photos/" + id).status()).isEqualTo(404);
    }

    private static byte[] jpeg(int width, int height) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "jpg", out);
        return out.toByteArray();
    }

    /** An EXIF segment that says: turned by a quarter; and where it was taken, in a comment that must not be kept. */
    private static byte[] heldUpright(byte[] jpeg) {
        byte[] exif = HexFormat.of()
                .parseHex("ffe10022457869660000" + "4d4d002a00000008" + "0001" + "0112" + "0003" + "00000001"
                        + "00060000" + "00000000");
        byte[] comment = "\u00ff\u00fe\0\u0010SECRET-PLACE!!".getBytes(StandardCharsets.ISO_8859_1);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(jpeg, 0, 2);
        out.writeBytes(exif);
        out.writeBytes(comment);
        out.write(jpeg, 2, jpeg.length - 2);
        return out.toByteArray();
    }

    @Test
    void aPhotographIsTurnedUprightMadeSmallerAndStrippedOfWhatItSays() throws Exception {
        assertThat(photo(heldUpright(jpeg(3000, 1500)))).isEqualTo(201);
        long id = lastPhoto();
        byte[] bytes = mvc.perform(MockMvcRequestBuilders.get("/api/photos/" + id))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(bytes));
        assertThat(kept.getWidth()).isEqualTo(1200);
        assertThat(kept.getHeight()).isEqualTo(2400);
        assertThat(new String(bytes, StandardCharsets.ISO_8859_1))
                .doesNotContain("SECRET")
                .doesNotContain("Exif");
    }

    @Test
    void whatOnlyBeginsLikeAPhotographOrIsTooManyPixelsIsRefused() throws Exception {
        assertThat(photo(new byte[] {(byte) 0xFF, (byte) 0xD8, 1, 2, 3, 4})).isEqualTo(422);
        byte[] huge = PNG.clone();
        // a header that claims 100,000 pixels each way; no byte of them is there
        huge[17] = 1;
        huge[18] = (byte) 0x86;
        huge[19] = (byte) 0xA0;
        huge[21] = 1;
        huge[22] = (byte) 0x86;
        huge[23] = (byte) 0xA0;
        assertThat(photo(huge)).isEqualTo(422);
    }
}
