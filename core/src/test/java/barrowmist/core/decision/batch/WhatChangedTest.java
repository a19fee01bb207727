package barrowmist.core.decision.batch;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.core.decision.batch.WhatChanged.Done;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class WhatChangedTest {

    private static final double EACH = 0.002;
    private static final int BATCHES = 60;
    private static final Done SERVICED = new Done(SomeBatches.FIRST.plusDays(8), "the burner was serviced");
    private static final Done CLEANED = new Done(SomeBatches.FIRST.minusDays(30), "the fan was cleaned");

    private static List<String> said(List<Batch> batches, Done... done) {
        return WhatChanged.of(
                ControlChart.of(BatchFigure.LOSS_PCT, batches, EACH, false), batches, List.of(done), Wording.SI);
    }

    private static List<Batch> batches(IntToDoubleFunction loss) {
        return IntStream.range(0, BATCHES)
                .mapToObj(i -> SomeBatches.batch(i, loss.applyAsDouble(i), "Lot", "", false))
                .toList();
    }

    @Test
    void whatWasDoneToTheRoasterIsNamedWhereTheFigureMovedWithIt() {
        Random chance = new Random(8);
        List<Batch> batches = batches(i -> 14 + (i >= 32 ? 0.5 : 0) + 0.2 * chance.nextGaussian());
        assertThat(said(batches, SERVICED, CLEANED))
                .anyMatch(s -> s.startsWith("Since the burner was serviced (2026-03-10) it lies 0.")
                        && s.endsWith("% higher than before (32 and 28 batches)."))
                .noneMatch(s -> s.contains("fan"));
    }

    @Test
    void aDayThatNobodyNamedIsSearchedFor() {
        Random chance = new Random(8);
        List<Batch> batches = batches(i -> 14 + (i >= 40 ? 0.6 : 0) + 0.2 * chance.nextGaussian());
        assertThat(said(batches))
                .hasSize(1)
                .allMatch(s -> s.matches("From about 2026-03-1[12] on it lies .*searched for\\."));
        assertThat(said(batches, new Done(SomeBatches.FIRST.plusDays(9), "the probe was moved")))
                .anyMatch(s -> s.endsWith("searched for. Just before, the probe was moved (2026-03-11)."));
    }

    @Test
    void anotherGreenAndAnotherPersonAreNamedFromTheirFirstBatchOn() {
        Random chance = new Random(2);
        List<Batch> batches = new ArrayList<>();
        for (int i = 0; i < BATCHES; i++) {
            boolean late = i >= 36;
            double loss = 14 + (late ? 0.6 : 0) + 0.2 * chance.nextGaussian();
            batches.add(SomeBatches.batch(i, loss, late ? "New" : "Old", late ? "Bo" : "Ada", false));
        }
        assertThat(said(batches))
                .anyMatch(s -> s.startsWith("Since green was changed to New (2026-03-11) it lies"))
                .anyMatch(s -> s.startsWith("Since it is roasted by Bo (2026-03-11) it lies"));
    }

    @Test
    void nothingIsSaidOfChance() {
        // a tenth of what is said may be chance: where nothing is, a tenth of the charts say something
        assertThat(chartsThatSaySomething(0)).isLessThanOrEqualTo(17);
    }

    @Test
    void batchesThatFollowEachOtherAlikeAreNoChangeOfADay() {
        assertThat(chartsThatSaySomething(0.6)).isLessThanOrEqualTo(24);
    }

    /** Of a hundred charts where nothing has changed, and each value is that part of the one before. */
    private static int chartsThatSaySomething(double alike) {
        int said = 0;
        for (int seed = 0; seed < 100; seed++) {
            Random chance = new Random(1000L * (seed + 7));
            double[] value = new double[BATCHES];
            for (int i = 0; i < BATCHES; i++) {
                value[i] = (i == 0 ? 0 : alike * value[i - 1]) + Math.sqrt(1 - alike * alike) * chance.nextGaussian();
            }
            said += said(batches(i -> value[i]), SERVICED).isEmpty() ? 0 : 1;
        }
        return said;
    }

    @Test
    void figuresThatFewBatchesOrEqualOnesHaveSayNothing() {
        assertThat(said(batches(i -> 14), SERVICED)).isEmpty();
        assertThat(said(SomeBatches.of(14, 15, 14.2, 15.1), SERVICED)).isEmpty();
        assertThat(said(List.of(), SERVICED)).isEmpty();
    }
}
