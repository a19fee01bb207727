package barrowmist.core.trace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.trace.LearnedRules.Cup;
import barrowmist.core.trace.LearnedRules.Offer;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class LearnedRulesTest {

    private final LearnedRules learned = new LearnedRules(TraceRules.DEFAULTS);

    private static Observation seen(Sign sign, double figure, double degree) {
        return new Observation(sign, figure, degree, "", OptionalDouble.empty(), OptionalDouble.empty());
    }

    private static Cup cup(Observation o, Cause called, boolean judged) {
        return new Cup(List.of(o), Optional.ofNullable(called), judged, Set.of());
    }

    /** A lab whose drum scorches from so many spreads above usual on, one call in ten gone wrong. */
    private static List<Cup> lab(double scorchesFrom, int n, long seed) {
        Random chance = new Random(seed);
        List<Cup> out = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double spreads = 8 * chance.nextDouble() - 1;
            boolean scorched = spreads > scorchesFrom ^ chance.nextInt(10) == 0;
            out.add(cup(seen(Sign.HOT_CHARGE, spreads, 0.5), scorched ? Cause.SCORCHED : null, false));
        }
        return out;
    }

    @Test
    void aLabThatScorchesLaterIsOfferedALaterLine() {
        int held = 0;
        for (int seed = 0; seed < 20; seed++) {
            Offer offer = learned.of(Cause.SCORCHED, lab(4.5, 120, seed)).get(0);
            assertThat(offer.rule()).isEqualTo("sign.hot-charge.line");
            assertThat(offer.now()).isEqualTo(2.6);
            assertThat(offer.learned()).isEqualTo(4.5, within(0.8));
            assertThat(offer.text()).isEqualTo("Hot charge: counts half at");
            held += offer.lower() <= 4.5 && offer.upper() >= 4.5 ? 1 : 0;
        }
        assertThat(held).isGreaterThanOrEqualTo(17);
    }

    @Test
    void whatAgreesWithWhatHoldsIsNotOffered() {
        int offered = 0;
        for (int seed = 0; seed < 20; seed++) {
            offered += learned.of(Cause.SCORCHED, lab(2.6, 120, seed)).size();
        }
        assertThat(offered).isLessThanOrEqualTo(3);
    }

    @Test
    void tooFewCupsOfferNothing() {
        assertThat(learned.of(Cause.SCORCHED, lab(4.5, 30, 3))).isEmpty();
    }

    @Test
    void aSignThatSpeaksForAnotherCauseIsNotOffered() {
        assertThat(learned.of(Cause.QUAKERS, lab(4.5, 120, 3))).isEmpty();
    }

    /** Beta and binomial: 20 cups at the default and 15 that all show it. */
    @Test
    void verdictsMoveHowOftenACauseShowsASign() {
        double now = TraceRules.DEFAULTS.value("shows.scorched.scorched-beans");
        List<Cup> cups = new ArrayList<>();
        for (int i = 0; i < 15; i++) {
            cups.add(cup(seen(Sign.SCORCHED_BEANS, 0, 0), Cause.SCORCHED, true));
            // without a verdict it is only what the program thinks itself
            cups.add(cup(seen(Sign.SCORCHED_BEANS, 0, 1), Cause.SCORCHED, false));
        }
        Offer offer = learned.of(Cause.SCORCHED, cups).get(0);
        assertThat(offer.rule()).isEqualTo("shows.scorched.scorched-beans");
        assertThat(offer.learned()).isEqualTo(20 * now / 35, within(1e-9));
        assertThat(offer.lower()).isLessThan(offer.learned());
        assertThat(offer.cups()).isEqualTo(15);
        assertThat(learned.of(Cause.SCORCHED, cups.subList(0, 6))).isEmpty();
    }
}
