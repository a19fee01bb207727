package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.check.ShareDifference;
import barrowmist.core.cupping.Attribute;
import barrowmist.core.cupping.Cup;
import barrowmist.core.cupping.HundredPointSheet;
import barrowmist.core.cupping.TasteNote;
import barrowmist.core.trace.Proof.Outcome;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BlindProofTest {

    private final BlindProof proofs = new BlindProof(TraceRules.DEFAULTS);

    private static HundredPointSheet sheet(double each, int cups, String word) {
        Map<Attribute, Double> scores = new EnumMap<>(Attribute.class);
        for (Attribute a : Attribute.values()) {
            scores.put(a, each);
        }
        List<Integer> in = IntStream.rangeClosed(1, cups).boxed().toList();
        return new HundredPointSheet(
                scores, Collections.nCopies(5, Cup.SOUND), cups == 0 ? List.of() : List.of(TasteNote.of(word, in)));
    }

    private Proof proof(Cause cause, int[] before, int[] after, String word) {
        return proofs.of(cause, batches(7, before, word), batches(7.5, after, word))
                .orElseThrow();
    }

    /** A roast for each count of cups with the word. */
    private static List<List<HundredPointSheet>> batches(double each, int[] cups, String word) {
        return Arrays.stream(cups)
                .mapToObj(n -> Collections.nCopies(2, sheet(each, n, word)))
                .toList();
    }

    private static int[] counts(String of) {
        return Arrays.stream(of.split(" ")).mapToInt(Integer::parseInt).toArray();
    }

    @ParameterizedTest
    @CsvSource({
        // three roasts of each, wholly apart: 1 way of 20
        "5 5 4, 0 0 1, HELD",
        "5 5 4 5, 0 0 1, HELD",
        // one new roast has it as much as an old one
        "5 5 2, 0 0 2, NOT_SHOWN",
        // apart, and yet most cups have it still
        "5 5 5, 4 4 4, NOT_SHOWN",
        // where the old ones show nothing, the table cannot tell
        "0 0 0, 0 0 0, NOT_SHOWN",
        "0 0 0, 3 4 5, WORSE",
        // with fewer roasts nothing is confirmed, however many cups there are
        "5, 0, ESTIMATE",
        "5 5 5, 0 0, ESTIMATE",
        "0, 5, ESTIMATE",
    })
    void whatATableShowsOfAChange(String before, String after, Outcome outcome) {
        assertThat(proof(Cause.BAKED, counts(before), counts(after), "papery").outcome())
                .isEqualTo(outcome);
    }

    @Test
    void itSaysFromHowManyRoastsAndHowClearly() {
        Proof held = proof(Cause.BAKED, counts("5 5 4"), counts("0 0 1"), "papery");
        assertThat(held.text())
                .isEqualTo("baked in 28 of 30 cups before, in 2 of 30 after; 3 batches before and 3 after: "
                        + "1 of the 20 ways to share these batches out look as clear");
        assertThat(held.scoreChange().orElseThrow()).isEqualTo(3.5, within(1e-9));
        assertThat(held.batchesBefore()).isEqualTo(3);
        Proof one = proof(Cause.BAKED, counts("5"), counts("0"), "papery");
        assertThat(one.text())
                .contains("1 batch before and 1 after: an estimate, 100 % of the cups fewer (")
                .endsWith("3 of each can confirm it");
    }

    @Test
    void theCupsOfOneCupperCountLessWhereTheWholeBatchHasIt() {
        assertThat(lower(Cause.QUAKERS, "peanut")).isGreaterThan(lower(Cause.BAKED, "papery"));
    }

    private int lower(Cause cause, String word) {
        Matcher bounds = Pattern.compile("\\((-?\\d+) to")
                .matcher(proof(cause, counts("4"), counts("0"), word).text());
        assertThat(bounds.find()).isTrue();
        return Integer.parseInt(bounds.group(1));
    }

    @Test
    void anotherFaultInsteadIsWorse() {
        Proof p = proofs.of(Cause.BAKED, batches(7, counts("5 5 5"), "papery"), batches(6, counts("5 5 5"), "sour"))
                .orElseThrow();
        assertThat(p.outcome()).isEqualTo(Outcome.WORSE);
        assertThat(p.text())
                .startsWith("baked in 30 of 30 cups before, in 0 of 30 after; "
                        + "another fault in 0 of 30 cups before, in 30 of 30 after");
    }

    @Test
    void withoutASheetOnBothSidesNothingIsSaid() {
        assertThat(proofs.of(Cause.BAKED, batches(7, counts("5"), "papery"), List.of()))
                .isEmpty();
        assertThat(proofs.of(Cause.BAKED, List.of(List.of()), batches(7, counts("0"), "")))
                .isEmpty();
        // a roast that nobody has cupped yet is not one of those that tell
        assertThat(proofs.of(
                                Cause.BAKED,
                                batches(7, counts("5 5 5"), "papery"),
                                List.of(List.of(sheet(7, 0, "")), List.of(), List.of()))
                        .orElseThrow()
                        .outcome())
                .isEqualTo(Outcome.ESTIMATE);
    }

    /** Newcombe 1998, Statistics in Medicine 17, table II (a), method 10: 56 of 70 against 48 of 80, value from memory. */
    @Test
    void theIntervalOfADifferenceIsThePublishedOne() {
        ShareDifference d = ShareDifference.of(56, 70, 48, 80);
        assertThat(d.by()).isEqualTo(0.2, within(1e-9));
        assertThat(d.lower()).isEqualTo(0.0524, within(0.00005));
        assertThat(d.upper()).isEqualTo(0.3339, within(0.00005));
    }
}
