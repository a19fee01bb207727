package barrowmist.core.check;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.HexFormat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Bytes by the tables of the Unicode standard and of the WHATWG's Encoding standard (index windows-1252). */
class TextFileTest {

    private static TextFile read(byte[] bytes) {
        return TextFile.read(bytes).orElseThrow();
    }

    @Test
    void oneByteOfAnOlderEncodingIsItsLetterAndIsSaid() {
        // S ã o ; 0xE3 is ã in Latin-1 and in windows-1252, and breaks UTF-8
        TextFile t = read(HexFormat.of().parseHex("53e36f3b4d6f6e74616e686120446f757261646f"));
        assertThat(t.text()).isEqualTo("São;Montanha Dourado");
        assertThat(t.note().orElseThrow()).startsWith("The file is not in UTF-8 and was read as windows-1252");
    }

    @Test
    void whatProvesItsEncodingIsNotSaid() {
        assertThat(read("São".getBytes(StandardCharsets.UTF_8)).note()).isEmpty();
        assertThat(read("\uFEFFSão".getBytes(StandardCharsets.UTF_8)).text()).isEqualTo("São");
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-16LE", "UTF-16BE"})
    void aMarkOfByteOrderIsFollowed(String charset) {
        TextFile t = read("\uFEFFname;São".getBytes(Charset.forName(charset)));
        assertThat(t.text()).isEqualTo("name;São");
    }

    @Test
    void aPictureIsNoText() {
        assertThat(TextFile.read(HexFormat.of().parseHex("89504e470d0a1a0a0000000d49484452")))
                .isEmpty();
    }
}
