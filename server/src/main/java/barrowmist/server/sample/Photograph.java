package barrowmist.server.sample;

import barrowmist.server.web.InputProblems;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;

/**
 * A photograph as it is kept: decoded, turned upright, no larger than a screen needs, and written anew, so that nothing
 * comes along with it, neither where it was taken nor what is no picture.
 */
final class Photograph {

    static final String TYPE = "image/jpeg";

    /** More pixels than any camera in a lab takes; counted before a single one is decoded (house default). */
    private static final long MOST_PIXELS = 60_000_000;

    private static final int LONGEST_SIDE = 2400;
    private static final double QUALITY = 0.88;

    private Photograph() {}

    /** @throws InputProblems if this is no photograph, or one of too many pixels */
    static byte[] keep(byte[] sent) {
        try {
            int longest = Math.min(LONGEST_SIDE, longestSide(sent));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            // of() with a stream reads the direction in which the camera was held
            Thumbnails.of(new ByteArrayInputStream(sent))
                    .size(longest, longest)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .outputFormat("jpg")
                    .outputQuality(QUALITY)
                    .toOutputStream(out);
            return out.toByteArray();
        } catch (IOException | RuntimeException e) {
            if (e instanceof InputProblems told) {
                throw told;
            }
            throw none();
        }
    }

    /** Its longer side, pixels; read from its head alone. */
    private static int longestSide(byte[] sent) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            ImageReader reader = readers.hasNext() ? readers.next() : null;
            if (reader == null || !reader.getFormatName().matches("(?i)jpe?g|png")) {
                throw none();
            }
            reader.setInput(in);
            long width = reader.getWidth(0);
            long height = reader.getHeight(0);
            reader.dispose();
            if (width * height > MOST_PIXELS) {
                throw new InputProblems(
                        "photo",
                        "The photograph has %d × %d pixels: at most %d million are kept"
                                .formatted(width, height, MOST_PIXELS / 1_000_000));
            }
            return (int) Math.max(width, height);
        }
    }

    private static InputProblems none() {
        return new InputProblems("photo", "This is no photograph that can be read: JPEG and PNG can be kept");
    }
}
