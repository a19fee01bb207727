package barrowmist.server.sample;

import barrowmist.server.web.InputProblems;
import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.concurrent.Semaphore;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;

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
    /** So many times the pixels that are kept make a sharp picture of them. */
    private static final double SHARP = 1.5;

    /** Decoding takes seconds and memory: the desk beside it is not held up. */
    private static final Semaphore ONE_AT_A_TIME = new Semaphore(1);

    private Photograph() {}

    /** @throws InputProblems if this is no photograph, or one of too many pixels */
    static byte[] keep(byte[] sent) {
        try {
            ONE_AT_A_TIME.acquire();
            try {
                return smaller(sent);
            } finally {
                ONE_AT_A_TIME.release();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw none();
        } catch (IOException | RuntimeException e) {
            if (e instanceof InputProblems told) {
                throw told;
            }
            throw none();
        }
    }

    private static byte[] smaller(byte[] sent) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            ImageReader reader = reader(in);
            try {
                reader.setInput(in);
                int longest = longestSide(reader);
                ImageReadParam read = reader.getDefaultReadParam();
                // of a very large one every second or third pixel is enough
                int every = Math.max(1, (int) (longest / (SHARP * LONGEST_SIDE)));
                read.setSourceSubsampling(every, every, 0, 0);
                int size = Math.min(LONGEST_SIDE, Math.max(1, longest / every));
                ByteArrayOutputStream out = new ByteArrayOutputStream();
                Thumbnails.of(ExifFilterUtils.getFilterForOrientation(held(sent))
                                .apply(reader.read(0, read)))
                        .size(size, size)
                        .imageType(BufferedImage.TYPE_INT_RGB)
                        .outputFormat("jpg")
                        .outputQuality(QUALITY)
                        .toOutputStream(out);
                return out.toByteArray();
            } finally {
                reader.dispose();
            }
        }
    }

    /** The direction in which the camera was held; upright where it says nothing. */
    private static Orientation held(byte[] sent) throws IOException {
        try {
            Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(sent))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer said = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
            return said == null || said < 1 || said > ORIENTATIONS ? Orientation.TOP_LEFT : Orientation.typeOf(said);
        } catch (ImageProcessingException e) {
            return Orientation.TOP_LEFT;
        }
    }

    private static final int ORIENTATIONS = 8;

    private static ImageReader reader(ImageInputStream in) {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
        ImageReader reader = readers.hasNext() ? readers.next() : null;
        try {
            if (reader == null || !reader.getFormatName().matches("(?i)jpe?g|png")) {
                throw none();
            }
        } catch (IOException e) {
            throw none();
        }
        return reader;
    }

    /** Its longer side, pixels; read from its head alone. */
    private static int longestSide(ImageReader reader) throws IOException {
        long width = reader.getWidth(0);
        long height = reader.getHeight(0);
        if (width * height > MOST_PIXELS) {
            throw new InputProblems(
                    "photo",
                    "The photograph has %d × %d pixels: at most %d million are kept"
                            .formatted(width, height, MOST_PIXELS / 1_000_000));
        }
        return (int) Math.max(width, height);
    }

    private static InputProblems none() {
        return new InputProblems("photo", "This is no photograph that can be read: JPEG and PNG can be kept");
    }
}
