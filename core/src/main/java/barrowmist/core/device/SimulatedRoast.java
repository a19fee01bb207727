package barrowmist.core.device;

import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.machine.thermal.Controls;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.ToDoubleFunction;

/**
 * A whole batch on a simulated drum, as a logger would have kept it.
 *
 * @param log readings, s since charge
 * @param events charge, dry end, first crack and drop, as a person would have called them
 */
public record SimulatedRoast(RoastLog log, RoastEvents events) {

    private static final double LATEST_S = 1500;

    /** A reading this long after charge may be a falling one; what rises past a mark before it does not count, s. */
    private static final double FALLING_S = 90;

    /**
     * How a batch is roasted.
     *
     * @param chargeC bean probe at charge, °C
     * @param controls gas, air and drum
     * @param dryEndC where dry end is called, °C
     * @param firstCrackC where first crack is called, °C
     * @param drop when it is dropped
     * @param noiseC standard deviation of a bean reading, °C; the environment has twice that
     * @param seed of the noise
     * @param calledBy what dry end and first crack are called by, °C: the probe, or what the beans themselves show
     */
    public record Orders(
            double chargeC,
            Controls controls,
            double dryEndC,
            double firstCrackC,
            Drop drop,
            double noiseC,
            long seed,
            ToDoubleFunction<Drum> calledBy) {

        /** Called by the probe. */
        public Orders(
                double chargeC,
                Controls controls,
                double dryEndC,
                double firstCrackC,
                Drop drop,
                double noiseC,
                long seed) {
            this(chargeC, controls, dryEndC, firstCrackC, drop, noiseC, seed, Drum::probeC);
        }
    }

    /** When a batch is dropped. */
    @FunctionalInterface
    public interface Drop {
        /** @param sinceCrackS s since first crack; negative before it */
        boolean now(double timeS, double probeC, double sinceCrackS);
    }

    /** Roasts one batch in a drum brought to the same state first. */
    public static SimulatedRoast of(Drum drum, Drum.Batch batch, Orders orders) {
        return new Run(drum, orders).roast(batch);
    }

    private static final class Run {
        private final Drum drum;
        private final Orders orders;
        private final Random noise;
        private final List<double[]> readings = new ArrayList<>();
        private final List<RoastEvent> events = new ArrayList<>(List.of(RoastEvent.at(EventKind.CHARGE, 0)));
        private double crackS = Double.POSITIVE_INFINITY;
        private boolean dry;

        Run(Drum drum, Orders orders) {
            this.drum = drum;
            this.orders = orders;
            this.noise = new Random(orders.seed());
        }

        SimulatedRoast roast(Drum.Batch batch) {
            drum.preheated(orders.chargeC());
            drum.charge(batch, orders.controls().at(0, orders.chargeC()).gasPct());
            for (int s = 0; s < LATEST_S; s++) {
                ControlLevels levels = orders.controls().at(s, drum.probeC());
                readings.add(new double[] {
                    s,
                    drum.probeC() + orders.noiseC() * noise.nextGaussian(),
                    drum.environmentC() + 2 * orders.noiseC() * noise.nextGaussian(),
                    levels.gasPct(),
                    levels.airflowPct(),
                    levels.drumRpm()
                });
                mark(s);
                if (orders.drop().now(s, drum.probeC(), s - crackS)) {
                    events.add(RoastEvent.at(EventKind.DROP, s));
                    break;
                }
                for (double passed = 0; passed < 1; passed += Drum.STEP_S) {
                    drum.step(Drum.STEP_S, levels);
                }
            }
            return new SimulatedRoast(
                    new RoastLog(column(1), column(2), column(3), column(4), column(5)), new RoastEvents(events));
        }

        private void mark(int s) {
            if (s > FALLING_S && !dry && orders.calledBy().applyAsDouble(drum) >= orders.dryEndC()) {
                dry = true;
                events.add(RoastEvent.at(EventKind.DRY_END, s));
            }
            if (s > FALLING_S
                    && Double.isInfinite(crackS)
                    && orders.calledBy().applyAsDouble(drum) >= orders.firstCrackC()) {
                crackS = s;
                events.add(RoastEvent.at(EventKind.FIRST_CRACK, s));
            }
        }

        private Series column(int i) {
            return new Series(
                    readings.stream().mapToDouble(r -> r[0]).toArray(),
                    readings.stream().mapToDouble(r -> r[i]).toArray());
        }
    }
}
