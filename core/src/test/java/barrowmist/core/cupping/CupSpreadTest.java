package barrowmist.core.cupping;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A fault in all three cups condemns the batch, in one it can be sorted out: common practice, no published source. */
class CupSpreadTest {

    @ParameterizedTest
    @CsvSource({
        "3, 3, batch",
        "1, 3, sorting",
        "5, 5, batch",
        "1, 5, sorting",
        "2, 5, sorting",
        "3, 5, again",
        "2, 3, again"
    })
    void allCupsAreTheBatchAndOneIsABean(int touched, int cups, String says) {
        assertThat(CupSpread.says(touched, cups).orElseThrow()).contains(says);
    }

    @Test
    void nothingIsSaidOfASingleCupAndOfWhatIsSought() {
        assertThat(CupSpread.says(1, 1)).isEmpty();
        assertThat(CupSpread.says(0, 5)).isEmpty();
        Cup tainted = new Cup(true, false, true, Cup.Defect.TAINT);
        List<Cup> cups = List.of(tainted, Cup.SOUND, Cup.SOUND, Cup.SOUND, Cup.SOUND);
        CuppingSheet sheet = new HundredPointSheet(
                Collections.emptyMap(),
                cups,
                List.of(TasteNote.of("musty", List.of(1, 2, 3, 4, 5)), TasteNote.of("cocoa", List.of(1))));
        assertThat(CupSpread.of(sheet))
                .isEqualTo(Map.of(
                        "defects",
                        "in 1 of 5 cups: a bean, that sorting may remove",
                        "musty",
                        "in every cup: the batch itself"));
    }
}
