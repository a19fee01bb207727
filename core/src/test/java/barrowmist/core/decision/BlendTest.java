package barrowmist.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.decision.Blend.Part;
import barrowmist.core.decision.Blend.Suggested;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class BlendTest {

    private static Part part(String name, double share, double score, double density, double loss, String word) {
        return new Part(
                name,
                share,
                OptionalDouble.of(score),
                Map.of(word, 1.0),
                OptionalDouble.of(60),
                OptionalDouble.of(loss),
                OptionalDouble.of(density),
                OptionalDouble.of(11),
                OptionalDouble.of(16.5));
    }

    @Test
    void kilosGoThroughEachPartsWeightLoss() {
        Suggested s = Blend.of(List.of(part("A", 60, 82, 690, 15, "cocoa"), part("B", 40, 86, 700, 12, "berry")), 10);
        // 6 kg roasted at 15 % loss are 6 / 0.85, 4 kg at 12 % are 4 / 0.88
        assertThat(s.needed().get(0).greenKg().orElseThrow()).isEqualTo(7.0588, within(1e-4));
        assertThat(s.needed().get(1).greenKg().orElseThrow()).isEqualTo(4.5455, within(1e-4));
        assertThat(s.score().orElseThrow()).isEqualTo(83.6, within(1e-9));
        assertThat(s.words()).extracting(Blend.Expected::word).containsExactly("cocoa", "berry");
        assertThat(s.apart()).isFalse();
    }

    @Test
    void partsThatDifferAreRoastedApart() {
        Suggested s = Blend.of(List.of(part("A", 50, 82, 660, 15, "cocoa"), part("B", 50, 86, 730, 12, "berry")), 10);
        assertThat(s.apart()).isTrue();
        assertThat(s.why().get(0)).contains("density from 660.0 to 730.0 g/L");
    }

    @Test
    void whatIsNotKnownIsNotEstimated() {
        Part bare = new Part(
                "C",
                100,
                OptionalDouble.empty(),
                Map.of("faint", 0.05),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty(),
                OptionalDouble.empty());
        Suggested s = Blend.of(List.of(bare), 5);
        assertThat(s.score()).isEmpty();
        assertThat(s.words()).isEmpty();
        assertThat(s.needed().get(0).greenKg()).isEmpty();
        assertThat(s.apart()).isTrue();
        assertThat(s.why().get(0)).contains("measure density and moisture");
    }
}
