package barrowmist.core.decision.batch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.decision.batch.ControlChart.Rule;
import barrowmist.core.decision.batch.ControlChart.Signal;
import barrowmist.core.plan.Aim;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ControlChartTest {

    /** Flow rates of ten batches: NIST/SEMATECH e-Handbook of Statistical Methods, 6.3.2.2, value from memory. */
    private static final double[] FLOW = {49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4, 53.6, 52.1};

    /** Viscosity of fifteen batches of primer: Montgomery, Introduction to Statistical Quality Control, value from memory. */
    private static final double[] PRIMER = {
        33.75, 33.05, 34.00, 33.81, 33.46, 34.02, 33.68, 33.27, 33.49, 33.20, 33.62, 33.00, 33.54, 33.12, 33.84
    };

    /** NIST/SEMATECH e-Handbook, 6.3.2.4: centre 50, standard deviation 2.0539, weight 0.3, value from memory. */
    private static final double[] HANDBOOK = {
        52.0, 47.0, 53.0, 49.3, 50.1, 47.0, 51.0, 50.1, 51.2, 50.5, 49.6, 47.6, 49.9, 51.3, 47.8, 51.2, 52.6, 52.4,
        53.6, 52.1
    };

    private static final double[] HANDBOOK_MEANS = {
        50.60, 49.52, 50.56, 50.18, 50.16, 49.21, 49.75, 49.85, 50.26, 50.33, 50.11, 49.36, 49.52, 50.05, 49.38, 49.92,
        50.73, 51.23, 51.94, 51.99
    };

    private static final BatchFigure LOSS = BatchFigure.LOSS_PCT;

    /** Outside three standard deviations that are known (normal table). */
    private static final double KNOWN = 0.0027;

    /** What is left for one rule of one figure when eleven figures may call at 5 % of the batches. */
    private static final double EACH = 0.05 / 22;

    @Test
    void limitsOfIndividualsAreThoseOfTheHandbook() {
        ControlLimits l = ControlLimits.of(FLOW, KNOWN).orElseThrow();
        assertThat(l.centre()).isEqualTo(50.81, within(0.005));
        assertThat(l.sigma() * ControlLimits.D2).isEqualTo(1.8778, within(0.0001));
        assertThat(l.centre() + 3 * l.sigma()).isEqualTo(55.8041, within(0.01));
        assertThat(l.centre() - 3 * l.sigma()).isEqualTo(45.8159, within(0.01));
    }

    @Test
    void limitsOfIndividualsAreThoseOfTheTextbook() {
        ControlLimits l = ControlLimits.of(PRIMER, KNOWN).orElseThrow();
        assertThat(l.centre()).isEqualTo(33.52, within(0.005));
        assertThat(l.centre() + 3 * l.sigma()).isEqualTo(34.80, within(0.02));
        assertThat(l.centre() - 3 * l.sigma()).isEqualTo(32.24, within(0.02));
    }

    @Test
    void theWeightedMeanIsThatOfTheHandbook() {
        MovingMean mean = new MovingMean(0.3);
        assertThat(means(mean, HANDBOOK, 50)).containsExactly(HANDBOOK_MEANS, within(0.0051));
        assertThat(50 + mean.reach(3 * 2.0539, 1000)).isEqualTo(52.5884, within(0.001));
    }

    private static double[] means(MovingMean of, double[] values, double centre) {
        double[] out = new double[values.length];
        double mean = centre;
        for (int i = 0; i < values.length; i++) {
            mean = of.next(mean, values[i]);
            out[i] = mean;
        }
        return out;
    }

    @Test
    void aDriftIsFoundBeforeTheMeanLeavesItsTolerance() {
        // tolerance 2 °C, standard deviation a quarter of it, 0.15 °C a batch: the mean leaves at the fourteenth
        int found = 0;
        for (int seed = 0; seed < 100; seed++) {
            Random chance = new Random(seed);
            double[] values = IntStream.range(0, 43)
                    .mapToDouble(i -> 205 + 0.5 * chance.nextGaussian() + 0.15 * Math.max(0, i - 29))
                    .toArray();
            List<Signal> signals = chart(values, false).signals();
            boolean inTime = signals.stream().anyMatch(s -> s.roastId() > 30);
            found += inTime ? 1 : 0;
        }
        assertThat(found).isGreaterThanOrEqualTo(97);
    }

    @Test
    void chanceAloneCallsNoMoreOftenThanIsSaid() {
        for (int first : new int[] {12, 30}) {
            for (double rate : new double[] {0.01, EACH}) {
                assertThat(calls(first, rate, Rule.OUTSIDE)).isBetween(0.6 * rate, 1.15 * rate);
                assertThat(calls(first, rate, Rule.DRIFT)).isLessThan(rate);
            }
        }
    }

    @Test
    void manyFiguresTogetherCallNoMoreOftenThanIsAskedFor() {
        Map<BatchFigure, Aim> eleven = new EnumMap<>(BatchFigure.class);
        for (BatchFigure f : BatchFigure.values()) {
            eleven.put(f, new Aim(0, 1));
        }
        Profile profile = new Profile(eleven);
        Profile alone = new Profile(Map.of(LOSS, new Aim(0, 1)));
        List<Batch> batches = SomeBatches.of(FLOW);
        double share = 0.05;
        double each = share / 2 / eleven.size();
        assertThat(spreads(profile, batches, share))
                .isEqualTo(ControlLimits.of(FLOW, each).orElseThrow().spreads(), within(1e-9))
                .isGreaterThan(spreads(alone, batches, share));
        assertThat(spreads(alone, batches, 0.01)).isGreaterThan(spreads(alone, batches, 0.05));
    }

    private static double spreads(Profile of, List<Batch> batches, double falseCalls) {
        return of.charts(batches, falseCalls, false).stream()
                .filter(c -> c.figure() == LOSS)
                .findFirst()
                .flatMap(ControlChart::limits)
                .orElseThrow()
                .spreads();
    }

    /** Of many values and a known centre, 0.27 % lie outside three standard deviations (normal table). */
    @Test
    void limitsFromManyValuesAreThoseOfTheNormalTable() {
        Random chance = new Random(3);
        double[] many = IntStream.range(0, 100_000)
                .mapToDouble(i -> chance.nextGaussian())
                .toArray();
        assertThat(ControlLimits.of(many, KNOWN).orElseThrow().spreads()).isEqualTo(3, within(0.001));
    }

    /** The share of batches after the first so many that a rule calls, over many charts where nothing changes. */
    private static double calls(int first, double rate, Rule rule) {
        Random chance = new Random(11);
        int charts = 3000;
        int after = 40;
        long calls = 0;
        for (int c = 0; c < charts; c++) {
            double[] values = chance.doubles(first + after).toArray();
            for (int i = 0; i < values.length; i++) {
                values[i] = chance.nextGaussian();
            }
            List<Batch> batches = new ArrayList<>(SomeBatches.of(values));
            if (first < ControlLimits.FIRST) {
                // what is held tells nothing of the usual spread
                batches.replaceAll(b ->
                        b.roastId() <= first ? b : SomeBatches.batch((int) b.roastId() - 1, loss(b), "", "", true));
            }
            calls += ControlChart.of(LOSS, batches, rate, false).signals().stream()
                    .filter(s -> s.rule() == rule && s.roastId() > first)
                    .count();
        }
        return (double) calls / charts / after;
    }

    private static double loss(Batch b) {
        return b.lossPct().orElseThrow();
    }

    @Test
    void aJumpIsOutsideAtOnceAndADriftIsNamedOnce() {
        double[] values = new double[60];
        Arrays.setAll(values, i -> 10 + (i % 2) * 0.4 + (i == 35 ? 3 : 0) + (i > 45 ? 1.2 : 0));
        ControlChart chart = chart(values, false);
        assertThat(chart.signals()).contains(new Signal(36, Rule.OUTSIDE));
        assertThat(chart.signals().stream().filter(s -> s.rule() == Rule.DRIFT && s.roastId() > 46))
                .hasSize(1);
        assertThat(chart.driftsNow()).isPresent();
    }

    @Test
    void furtherRulesAreAChoice() {
        double[] values = new double[30];
        Arrays.setAll(values, i -> 10 + (i < 20 ? (i % 2 == 0 ? 0.3 : -0.3) : 0.05));
        assertThat(chart(values, false).signals()).isEmpty();
        assertThat(chart(values, true).signals()).contains(new Signal(29, Rule.RUN));
        Arrays.setAll(values, i -> 10 + (i < 20 ? (i % 2 == 0 ? 0.3 : -0.3) : 0.05 * (i - 20)));
        assertThat(chart(values, true).signals()).contains(new Signal(25, Rule.TREND));
    }

    @Test
    void tooFewBatchesAndEqualOnesHaveNoLimits() {
        assertThat(chart(new double[0], true).limits()).isEmpty();
        assertThat(chart(new double[] {1, 2, 3, 4, 5, 6, 7}, true).limits()).isEmpty();
        assertThat(chart(new double[] {3, 3, 3, 3, 3, 3, 3, 3, 3}, true).limits())
                .isEmpty();
        assertThat(ControlChart.of(BatchFigure.CHARGE_C, SomeBatches.of(FLOW), EACH, true)
                        .points())
                .isEmpty();
    }

    @Test
    void capabilityIsSaidInWords() {
        ControlLimits l = new ControlLimits(205, 0.5, 30, 3);
        assertThat(Capability.of(BatchFigure.DROP_C, l, new Aim(205, 3), Wording.SI)
                        .text())
                .contains("room to spare");
        assertThat(Capability.of(BatchFigure.DROP_C, l, new Aim(205, 1.7), Wording.SI)
                        .text())
                .startsWith("Just holds");
        Capability beside = Capability.of(BatchFigure.DROP_C, l, new Aim(206.5, 2), Wording.SI);
        assertThat(beside.text()).startsWith("Does not hold").contains("1.5 °C below its target");
        assertThat(Capability.of(BatchFigure.DROP_C, l, new Aim(206.5, 2), new Wording(true, false))
                        .text())
                .contains("2.7 °F below its target");
        // one side of a normal value, one standard deviation: 0.1587 (normal table)
        assertThat(beside.missesOneIn()).isEqualTo(1 / 0.1587, within(0.01));
        assertThat(beside.ratio()).isEqualTo(1 / 3.0, within(1e-9));
    }

    private static ControlChart chart(double[] values, boolean further) {
        return ControlChart.of(LOSS, SomeBatches.of(values), EACH, further);
    }
}
