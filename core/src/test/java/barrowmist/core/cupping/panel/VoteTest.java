package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class VoteTest {

    private static Vote of(int a, int b, int c) {
        List<String> first = new ArrayList<>(Collections.nCopies(a, "A"));
        first.addAll(Collections.nCopies(b, "B"));
        first.addAll(Collections.nCopies(c, "C"));
        return Vote.of(List.of("A", "B", "C"), first);
    }

    /** Newcombe (Statistics in Medicine 1998), table I, score method without continuity correction; values from memory. */
    @ParameterizedTest
    @CsvSource({"81, 263, 0.2553, 0.3662", "15, 148, 0.0624, 0.1605", "0, 20, 0.0000, 0.1611", "1, 29, 0.0061, 0.1718"})
    void theIntervalIsWilsons(int votes, int people, double lower, double upper) {
        Vote vote = of(votes, people - votes, 0);
        assertThat(vote.people()).isEqualTo(people);
        assertThat(vote.shares().get(0).lower()).isCloseTo(lower, within(5e-5));
        assertThat(vote.shares().get(0).upper()).isCloseTo(upper, within(5e-5));
    }

    @Test
    void aClearMajorityWinsAndANarrowOneDoesNot() {
        assertThat(of(18, 4, 3).winner()).contains("A");
        assertThat(of(18, 4, 3).text(c -> c)).isEqualTo("A is liked best: 18 of 25 votes.");
        assertThat(of(10, 8, 7).winner()).isEmpty();
        // of the two with most votes 8 of 9: two-sided 0.039; 7 of 9: 0.18
        assertThat(of(1, 0, 8).winner()).contains("C");
        assertThat(of(2, 0, 7).winner()).isEmpty();
        assertThat(of(10, 8, 7).text(c -> c)).startsWith("No winner shown: the most votes, 10 of 25,");
    }

    @Test
    void withoutVotesNothingIsSaid() {
        assertThat(of(0, 0, 0).text(c -> c)).isEqualTo("Nobody has voted yet.");
        assertThat(of(0, 0, 0).winner()).isEmpty();
        assertThat(of(1, 0, 0).winner()).isEmpty();
        assertThat(Vote.of(List.of("A", "B"), List.of("Z")).people()).isZero();
    }
}
