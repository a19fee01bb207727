package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

class PreferenceTest {

    private static final List<String> CODES = List.of("214", "507", "831");

    private static String said(List<List<String>> orders) {
        return Preference.of(CODES, orders).text(UnaryOperator.identity());
    }

    /**
     * Ten people, rank sums 11, 20 and 29. Without ties Friedman's statistic is Σ(R − n(k+1)/2)² · 12/(nk(k+1)), worked by
     * hand: (81 + 0 + 81) · 12/120 = 16.2.
     */
    @Test
    void sumsAndStatisticAreThoseWorkedByHand() {
        List<List<String>> orders = new ArrayList<>(Collections.nCopies(8, List.of("214", "507", "831")));
        orders.add(List.of("507", "214", "831"));
        orders.add(List.of("214", "831", "507"));
        Preference preference = Preference.of(CODES, orders);
        assertThat(preference.rankSums()).containsExactly(11.0, 20.0, 29.0);
        assertThat(preference.ranking().orElseThrow().q()).isCloseTo((81 + 81) * 12.0 / 120, within(1e-9));
        assertThat(preference.text(UnaryOperator.identity()))
                .isEqualTo("214 leads; it is not shown to be preferred to 507.");
    }

    @Test
    void whoIsAlwaysFirstIsPreferredAndWhereNobodyAgreesThereIsNoWinner() {
        List<List<String>> clear = new ArrayList<>(Collections.nCopies(8, List.of("831", "507", "214")));
        clear.addAll(Collections.nCopies(8, List.of("831", "214", "507")));
        assertThat(said(clear)).isEqualTo("831 is preferred to every other.");
        assertThat(said(List.of(
                        List.of("214", "507", "831"), List.of("507", "831", "214"), List.of("831", "214", "507"))))
                .isEqualTo("No winner shown: 3 people do not agree enough for that.");
    }

    @Test
    void casesWithoutAnAnswerSaySo() {
        assertThat(said(List.of())).contains("Nobody");
        assertThat(said(List.of(CODES))).contains("One person's order");
        assertThat(Preference.of(CODES, List.of()).rankSums()).containsExactly(0.0, 0.0, 0.0);
    }
}
