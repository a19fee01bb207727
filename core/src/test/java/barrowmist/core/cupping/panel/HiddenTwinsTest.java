package barrowmist.core.cupping.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

class HiddenTwinsTest {

    /** Peak flow by the Wright meter, 17 people twice, l/min: Bland and Altman, Lancet 1986, table 1 (values from memory). */
    private static final double[][] WRIGHT = {
        {494, 490},
        {395, 397},
        {516, 512},
        {434, 401},
        {476, 470},
        {557, 611},
        {413, 415},
        {442, 431},
        {650, 638},
        {433, 429},
        {417, 420},
        {656, 633},
        {267, 275},
        {478, 492},
        {178, 165},
        {423, 372},
        {427, 421}
    };

    /** 15.3 l/min within a person, Bland and Altman, BMJ 1996. */
    @Test
    void thePublishedStandardDeviationComesOut() {
        Map<String, Double> scores = new HashMap<>();
        List<List<String>> twins = new ArrayList<>();
        for (int i = 0; i < WRIGHT.length; i++) {
            scores.put(i + "a", WRIGHT[i][0]);
            scores.put(i + "b", WRIGHT[i][1]);
            twins.add(List.of(i + "a", i + "b"));
        }
        assertThat(HiddenTwins.spread(scores, twins).getAsDouble()).isCloseTo(15.3, within(0.05));
    }

    @Test
    void aCoffeeThatWasScoredOnceSaysNothing() {
        List<List<String>> twins = List.of(List.of("214", "507"), List.of("831"));
        assertThat(HiddenTwins.spread(Map.of("214", 84.0, "831", 80.0), twins)).isEmpty();
        assertThat(HiddenTwins.spread(Map.of(), List.of())).isEmpty();
        assertThat(HiddenTwins.spread(Map.of("214", 84.0, "507", 84.0), twins)).hasValue(0);
    }
}
