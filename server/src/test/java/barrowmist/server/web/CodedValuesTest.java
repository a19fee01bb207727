package barrowmist.server.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barrowmist.core.check.Coded;
import barrowmist.core.green.Process;
import barrowmist.core.rest.RestSchool;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.format.support.DefaultFormattingConversionService;
import tools.jackson.core.JacksonException;

/** Codes on the wire, in what is stored, and in an address. */
class CodedValuesTest {

    record Kept(@Nullable Process process, Map<Process, RestSchool> byProcess) {}

    @Test
    void aValueAndAKeyAreWrittenByTheirCodes() {
        assertThat(Json.write(new Kept(Process.WET_HULLED, Map.of(Process.NATURAL, RestSchool.LATE))))
                .isEqualTo("{\"process\":\"wet-hulled\",\"byProcess\":{\"natural\":\"late\"}}");
    }

    @Test
    void codesAreReadInCapitalsToo_WithSynonyms_AndAsTheConstantWasStored() {
        for (String written : new String[] {"wet-hulled", "Wet-Hulled", "semi-washed", "WET_HULLED"}) {
            assertThat(Json.read("{\"process\":\"" + written + "\",\"byProcess\":{}}", Kept.class)
                            .process())
                    .as(written)
                    .isEqualTo(Process.WET_HULLED);
        }
        assertThat(Json.read("{\"process\":null,\"byProcess\":{\"honey\":\"drinking\"}}", Kept.class))
                .isEqualTo(new Kept(null, Map.of(Process.HONEY, RestSchool.DRINKING)));
    }

    @Test
    void anUnknownCodeIsRefused() {
        assertThatThrownBy(() -> Json.read("{\"process\":\"boiled\",\"byProcess\":{}}", Kept.class))
                .isInstanceOf(JacksonException.class)
                .hasMessageContaining("boiled");
    }

    @Test
    void anAddressSaysACodeOrNothing() {
        DefaultFormattingConversionService address = new DefaultFormattingConversionService();
        new CodedValues().addFormatters(address);
        assertThat(address.convert("semi-washed", Process.class)).isEqualTo(Process.WET_HULLED);
        assertThat(address.convert(" ", Process.class)).isNull();
        assertThatThrownBy(() -> address.convert("boiled", Process.class)).hasRootCauseMessage("boiled");
    }

    @Test
    void aSentenceListsTheCodes() {
        assertThat(Coded.codes(RestSchool.class)).isEqualTo("protocol, drinking or late");
    }
}
