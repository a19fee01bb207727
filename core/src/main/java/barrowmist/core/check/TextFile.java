package barrowmist.core.check;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.mozilla.universalchardet.UniversalDetector;

/**
 * The text of a file that somebody saved, whatever their program writes: UTF-8, UTF-16 or an older encoding.
 *
 * @param text without the mark of byte order
 * @param guessed the encoding it was read in, where the file does not prove it: letters with accents are worth a look
 */
public record TextFile(String text, Optional<Charset> guessed) {

    private static final String BYTE_ORDER_MARK = "\uFEFF";

    /** What spreadsheets of western Europe and America write; it holds all of Latin-1. */
    private static final Charset WESTERN = Charset.forName("windows-1252");

    /** Reads it; empty where it is no text at all. */
    public static Optional<TextFile> read(byte[] file) {
        return decoded(file, StandardCharsets.UTF_8)
                .map(text -> new TextFile(text, Optional.empty()))
                .or(() -> guessed(file))
                .filter(t -> t.text.indexOf('\0') < 0);
    }

    /** What is to be said beside what was read; empty where nothing was guessed. */
    public Optional<String> note() {
        return guessed.map(charset ->
                "The file is not in UTF-8 and was read as %s: look at names with accents.".formatted(charset.name()));
    }

    private static Optional<TextFile> guessed(byte[] file) {
        UniversalDetector detector = new UniversalDetector();
        detector.handleData(file);
        detector.dataEnd();
        Charset charset = Optional.ofNullable(detector.getDetectedCharset())
                .filter(Charset::isSupported)
                .map(Charset::forName)
                .orElse(WESTERN);
        return decoded(file, charset).map(text -> new TextFile(text, Optional.of(charset)));
    }

    private static Optional<String> decoded(byte[] file, Charset charset) {
        try {
            String text = charset.newDecoder().decode(ByteBuffer.wrap(file)).toString();
            return Optional.of(text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text);
        } catch (CharacterCodingException e) {
            return Optional.empty();
        }
    }
}
