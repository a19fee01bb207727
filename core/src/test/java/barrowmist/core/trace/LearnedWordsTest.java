package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.trace.LearnedRules.Cup;
import barrowmist.core.trace.LearnedRules.Offer;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LearnedWordsTest {

    private static final TraceRules RULES = TraceRules.DEFAULTS;
    private static final Map<String, Double> BAKED = new CauseTable(RULES).words(Cause.BAKED);
    private static final double WHOLE =
            BAKED.values().stream().mapToDouble(Double::doubleValue).sum();

    private static Cup baked(Set<String> words, boolean judged) {
        return new Cup(List.of(), Optional.of(Cause.BAKED), judged, words);
    }

    private static List<Offer> of(List<Cup> cups) {
        return new LearnedRules(RULES)
                .of(Cause.BAKED, cups).stream()
                        .filter(o -> o.rule().startsWith("word."))
                        .toList();
    }

    private static List<Cup> times(int n, Set<String> words, boolean judged) {
        return java.util.Collections.nCopies(n, baked(words, judged));
    }

    /** By hand: twenty words by default, thirty of the lab's, all of them "flat". */
    @Test
    void theSharesAreDirichlets() {
        double p = BAKED.get("flat") / WHOLE;
        Offer flat = of(times(30, Set.of("flat", "citrus"), true)).stream()
                .filter(o -> o.rule().equals("word.baked.flat"))
                .findFirst()
                .orElseThrow();
        assertThat(flat.learned() / WHOLE).isCloseTo((20 * p + 30) / 50, within(1e-12));
        assertThat(flat.lower()).isLessThan(flat.learned());
        assertThat(flat.upper()).isGreaterThan(flat.learned());
        assertThat(flat.cups()).isEqualTo(30);
    }

    @Test
    void fewVerdictsAndCupsThatTheLeadHasNotJudgedOfferNothing() {
        assertThat(of(times(4, Set.of("flat"), true))).isEmpty();
        assertThat(of(times(60, Set.of("flat"), false))).isEmpty();
        assertThat(of(times(60, Set.of("citrus"), true)))
                .as("a word of no cause")
                .isEmpty();
    }

    /** Labs whose cuppers speak as the defaults have it are rarely offered anything; others are offered what they say. */
    @Test
    void aLabThatSpeaksAnotherWayIsOfferedItsOwnWords() {
        List<String> words = List.copyOf(BAKED.keySet());
        String own = words.get(words.size() - 1);
        int covered = 0;
        for (int seed = 0; seed < 40; seed++) {
            Random chance = new Random(seed);
            List<Cup> cups = new ArrayList<>();
            for (int i = 0; i < 80; i++) {
                Set<String> said = new HashSet<>();
                said.add(chance.nextDouble() < 0.6 ? own : words.get(chance.nextInt(words.size() - 1)));
                cups.add(baked(said, true));
            }
            Offer offer = of(cups).stream()
                    .filter(o -> o.rule().endsWith("." + own))
                    .findFirst()
                    .orElseThrow();
            assertThat(offer.learned()).isGreaterThan(offer.now());
            covered += offer.upper() / WHOLE >= 0.5 ? 1 : 0;
        }
        assertThat(covered).isGreaterThanOrEqualTo(36);
    }

    @Test
    void takenInTheyMakeTheCauseLikelierForSuchACup() {
        TraceRules taken = RULES;
        for (Offer o : of(times(40, Set.of("flat"), true))) {
            taken = taken.with(Map.of(o.rule(), o.learned()));
        }
        double before = new CupWords(RULES, new CauseTable(RULES)).value(flat(), List.of(Cause.BAKED));
        double after = new CupWords(taken, new CauseTable(taken)).value(flat(), List.of(Cause.BAKED));
        assertThat(after).isGreaterThan(before);
    }

    private static CupFacts flat() {
        return new CupFacts(5, 1, Map.of("flat", new CupFacts.Found(1, 5, 5)), java.util.OptionalDouble.empty());
    }
}
