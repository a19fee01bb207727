package barrowmist.core.roast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.device.SimulatedRoast;
import barrowmist.core.plan.SimulatedLab;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class LiveCurveTest {

    private static final RoastLog LOG = SimulatedLab.roasts(1).get(0).log();
    private static final OptionalDouble NONE = OptionalDouble.empty();

    private static Reading bean(double t, double c) {
        return new Reading(t, OptionalDouble.of(c), NONE, NONE, NONE, NONE);
    }

    private static LiveCurve played(Series s) {
        LiveCurve curve = new LiveCurve();
        for (int i = 0; i < s.size(); i++) {
            curve.add(bean(s.timeS(i), s.value(i)));
        }
        return curve;
    }

    @Test
    void theRateOfRiseIsTheOneThatReviewCouldHaveKnownThen() {
        Series live = played(LOG.beanC()).ror();
        Series trailing = RateOfRise.trailing(LOG.beanC());
        assertThat(live.size()).isEqualTo(trailing.size());
        for (int i = 0; i < live.size(); i++) {
            assertThat(live.timeS(i)).isEqualTo(trailing.timeS(i));
            assertThat(live.value(i)).isCloseTo(trailing.value(i), within(1e-9));
        }
    }

    @Test
    void aRisingLineHasItsOwnSlopeAtAnySpacing() {
        LiveCurve curve = new LiveCurve();
        double[] uneven = {0, 1.3, 2, 4.5, 5, 8, 9.2, 12, 13, 17, 18.4, 22, 25, 28.5, 31};
        for (double t : uneven) {
            curve.add(bean(t, 150 + 0.2 * t));
        }
        assertThat(curve.ror().value(curve.ror().size() - 1)).isCloseTo(12, within(1e-9));
        assertThat(curve.slope(20, false).orElseThrow().slopePerS()).isCloseTo(0.2, within(1e-9));
    }

    @Test
    void howTheRateChangesIsToldOnceTheBeansHaveTurned() {
        LiveCurve curve = new LiveCurve();
        double turnS = BeanCurve.turningPoint(LOG.beanC()).orElseThrow().timeS();
        for (int i = 0; i < LOG.beanC().size() && LOG.beanC().timeS(i) <= 300; i++) {
            double t = LOG.beanC().timeS(i);
            curve.add(bean(t, LOG.beanC().value(i)));
            if (t < turnS + 15) {
                assertThat(curve.rorChange(30)).as("at %.0f s", t).isEmpty();
            }
        }
        Series rates = curve.ror();
        double since = rates.interpolated(curve.lastS()) - rates.interpolated(curve.lastS() - 30);
        assertThat(curve.rorChange(30).orElseThrow())
                .isCloseTo(since, within(1.0))
                .isNegative();
    }

    @Test
    void theTurningPointIsFoundSoonAfterItAndWhereReviewFindsIt() {
        LiveCurve curve = new LiveCurve();
        double foundAt = Double.NaN;
        for (int i = 0; i < LOG.beanC().size() && Double.isNaN(foundAt); i++) {
            curve.add(bean(LOG.beanC().timeS(i), LOG.beanC().value(i)));
            foundAt = curve.turningPoint().isPresent() ? LOG.beanC().timeS(i) : foundAt;
        }
        Milestone reviewed = BeanCurve.turningPoint(LOG.beanC()).orElseThrow();
        assertThat(curve.turningPoint().orElseThrow().timeS()).isCloseTo(reviewed.timeS(), within(3.0));
        assertThat(foundAt - reviewed.timeS()).isBetween(5.0, 25.0);
    }

    @Test
    void beforeTheTurningPointThereIsNoRateOfRiseToShow() {
        LiveCurve curve = new LiveCurve();
        for (int t = 0; t < 40; t++) {
            curve.add(bean(t, 190 - 2 * t));
        }
        assertThat(curve.rorCPerMin()).isEmpty();
    }

    @Test
    void timeDoesNotRunBackwards() {
        LiveCurve curve = new LiveCurve();
        assertThat(curve.add(bean(10, 150))).isTrue();
        assertThat(curve.add(bean(9, 151))).isFalse();
        assertThat(curve.add(bean(10, 152))).isFalse();
        assertThat(curve.add(new Reading(10, NONE, NONE, OptionalDouble.of(60), NONE, NONE)))
                .isTrue();
        assertThat(curve.beanReadings()).isEqualTo(1);
        assertThat(curve.gasPct()).hasValue(60);
    }

    @Test
    void readingsOnTheTwoSidesOfAGapAreNotFittedTogether() {
        LiveCurve curve = new LiveCurve();
        for (int t = 0; t <= 40; t++) {
            curve.add(bean(t, 150));
        }
        for (int t = 80; t <= 84; t++) {
            curve.add(bean(t, 170));
        }
        // five seconds after the gap are too few to speak of a rate
        assertThat(curve.ror().timeS(curve.ror().size() - 1)).isEqualTo(40);
    }

    @Test
    void theLogIsWhatWasTakenIn() {
        SimulatedRoast roast = new SimulatedRoast(LOG, RoastEvents.of());
        assertThat(played(roast.log().beanC()).log().beanC().values())
                .isEqualTo(LOG.beanC().values());
        assertThat(played(LOG.beanC()).ror(100, 600).min()).isPresent();
        assertThat(played(LOG.beanC()).ror(5000, 6000)).isEmpty();
    }
}
