package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.trace.OverTime.Group;
import barrowmist.core.trace.OverTime.Seen;
import barrowmist.core.trace.OverTime.Trend;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.distribution.continuous.BetaDistribution;
import org.junit.jupiter.api.Test;

class OverTimeTest {

    private static final Instant FIRST = Instant.parse("2026-01-05T09:00:00Z");

    private static Seen seen(String group, String cause, int day) {
        return new Seen(group, Optional.ofNullable(cause), FIRST.plusSeconds(86_400L * day));
    }

    @Test
    void countsByGroupAndCause() {
        List<Group> groups = OverTime.groups(List.of(
                seen("Drum 2", null, 1),
                seen("Drum 1", "baked", 2),
                seen("Drum 1", "baked", 3),
                seen("Drum 1", null, 4)));
        assertThat(groups)
                .containsExactly(new Group("Drum 1", 3, Map.of("baked", 2)), new Group("Drum 2", 1, Map.of()));
    }

    @Test
    void whatWasInTheOlderHalfAndIsNotInTheNewerGotRarer() {
        List<Seen> all = new ArrayList<>();
        for (int day = 0; day < 40; day++) {
            all.add(seen("x", day < 20 && day % 2 == 0 ? "scorched" : day % 4 == 1 ? "baked" : null, day));
        }
        List<Trend> trends = OverTime.trends(all);
        assertThat(trends).extracting(Trend::cause).containsExactly("baked", "scorched");
        assertThat(trends.get(0).rarer()).isEqualTo(0.5, within(0.01));
        assertThat(trends.get(1)).extracting(Trend::before, Trend::after).containsExactly(10, 0);
        assertThat(trends.get(1).rarer()).isGreaterThan(0.99);
    }

    @Test
    void oneRoastHasNoTrend() {
        assertThat(OverTime.trends(List.of(seen("x", "baked", 1)))).isEmpty();
    }

    /** For whole numbers the probability has a closed form (Cook 2005; value computed by hand for Beta(2,1) and Beta(1,1)). */
    @Test
    void theProbabilityThatOneShareIsMoreIsThatOfTheClosedForm() {
        // P(X > Y), X ~ Beta(2,1), Y ~ Beta(1,1): E[X] = 2/3
        assertThat(OverTime.more(new BetaDistribution(2, 1), new BetaDistribution(1, 1)))
                .isEqualTo(2.0 / 3, within(1e-3));
        assertThat(OverTime.more(new BetaDistribution(3, 3), new BetaDistribution(3, 3)))
                .isEqualTo(0.5, within(1e-6));
    }
}
