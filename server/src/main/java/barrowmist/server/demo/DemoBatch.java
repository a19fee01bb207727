package barrowmist.server.demo;

import barrowmist.core.device.Drum;
import barrowmist.core.device.SimulatedDrum;
import barrowmist.core.device.SimulatedRoast;
import barrowmist.core.green.LotRules;
import barrowmist.core.green.ScreenRange;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastLog;
import java.util.Locale;
import java.util.Objects;
import java.util.Random;
import java.util.stream.Collectors;

/**
 * An invented batch on the simulated drum, and its log: readings come unevenly, noisy, some of them lost.
 *
 * @param coffee what kind
 * @param chargeC bean probe at charge, °C
 * @param gasBias how much more gas than usual throughout, %
 * @param developmentS first crack to drop, s
 * @param hand what the person at the gas does
 */
record DemoBatch(Coffee coffee, double chargeC, double gasBias, double developmentS, Hand hand) {

    private static final double ROOM_C = 22;
    private static final double NOISE_C = 0.12;
    private static final double LOST_SHARE = 0.02;
    private static final double JITTER_S = 0.3;
    private static final double LOSS_DRIFT_SD = 0.02;
    private static final double CALL_SD_C = 0.35;
    private static final double DRUM_RPM = 62;

    /** Kinds of coffee, as the drum meets them. */
    enum Coffee {
        WASHED(1, 194, 158),
        NATURAL(1.06, 190, 151),
        WET_HULLED(1.03, 193, 155);

        private final double uptake;
        private final double crackC;
        private final double dryC;

        Coffee(double uptake, double crackC, double dryC) {
            this.uptake = uptake;
            this.crackC = crackC;
            this.dryC = dryC;
        }
    }

    /** What happens at the gas: pairs of time, s, and gas, %. */
    enum Hand {
        /** Down in small steps. */
        STEADY(new double[][] {
            {0, 80}, {60, 75}, {130, 70}, {390, 68}, {440, 65}, {480, 61}, {515, 57}, {545, 52}, {575, 48}
        }),
        /** Cut hard just before first crack. */
        CRASH(new double[][] {{0, 80}, {60, 75}, {130, 70}, {478, 44}}),
        /** Cut early in browning and left there. */
        STALL(new double[][] {{0, 80}, {60, 75}, {130, 70}, {265, 65}, {290, 61}, {315, 57}}),
        /** Too much from the start. */
        HOT_START(new double[][] {
            {0, 85}, {70, 83}, {140, 75}, {240, 70}, {340, 66}, {390, 62}, {425, 58}, {460, 54}, {490, 50}
        }),
        /** Never taken back, so that the outside runs ahead. */
        HOT_END(new double[][] {{0, 80}, {60, 77}, {130, 76}, {270, 92}});

        private final double[][] gas;

        Hand(double[][] gas) {
            this.gas = gas;
        }
    }

    private static final double[][] AIR = {{0, 40}, {225, 45}, {430, 48}};

    /** Grams of green coffee that go in. */
    double greenG(long seed) {
        return 115 + 5 * (seed % 3);
    }

    /** The log as a CSV file. */
    String csv(String roastedAt, LotRules.Entry lot, long seed) {
        Random random = new Random(seed);
        SimulatedRoast roast = roast(random, lot, seed);
        RoastLog log = roast.log();
        StringBuilder csv = new StringBuilder("# machine: Drum 1\n# roasted_at: " + roastedAt + "\n"
                + "time,bean_c,environment_c,gas_pct,airflow_pct,drum_rpm,event\n");
        int size = log.beanC().size();
        double dropoutS = 200 + random.nextInt(250);
        double dropoutLengthS = random.nextInt(3) == 0 ? 6 + random.nextInt(4) : 0;
        for (int s = 0; s < size; s++) {
            double t = s == 0 || s == size - 1 ? s : s + JITTER_S * (random.nextDouble() - 0.5);
            String event = event(roast, s);
            boolean dropout = t > dropoutS && t < dropoutS + dropoutLengthS;
            boolean lost = random.nextDouble() < LOST_SHARE || dropout;
            if (!lost || !event.isEmpty()) {
                csv.append(String.format(
                        Locale.ROOT,
                        "%.1f,%.1f,%.1f,%.0f,%.0f,%.0f,%s%n",
                        t,
                        log.beanC().interpolated(t),
                        log.environmentC().interpolated(t),
                        log.gasPct().held(t),
                        log.airflowPct().held(t),
                        log.drumRpm().held(t),
                        event));
            }
        }
        return csv.toString();
    }

    private SimulatedRoast roast(Random random, LotRules.Entry lot, long seed) {
        SimulatedDrum drum = new SimulatedDrum(SimulatedDrum.Build.sampleRoaster(), ROOM_C);
        drum.setLossDrift(1 + LOSS_DRIFT_SD * random.nextGaussian());
        double shiftS = random.nextInt(13) - 6;
        double airBias = random.nextInt(5) - 2;
        double early = coffee == Coffee.NATURAL ? NATURAL_EARLIER_S : 0;
        return SimulatedRoast.of(
                drum,
                new Drum.Batch(
                        greenG(seed),
                        lot.moisturePct().orElseThrow(),
                        meanMm(Objects.requireNonNull(lot.screen())),
                        coffee.uptake,
                        coffee.crackC),
                new SimulatedRoast.Orders(
                        chargeC,
                        (t, c) -> new ControlLevels(
                                held(hand.gas, t + early - shiftS) + gasBias,
                                held(AIR, t + early - shiftS) + airBias,
                                DRUM_RPM),
                        coffee.dryC + CALL_SD_C * random.nextGaussian(),
                        coffee.crackC + 0.5 + CALL_SD_C * random.nextGaussian(),
                        (t, c, sinceCrack) -> sinceCrack >= developmentS,
                        NOISE_C,
                        seed));
    }

    private static double meanMm(String screen) {
        ScreenRange range = ScreenRange.parse(screen).orElseThrow();
        return (range.smallest() + range.largest()) / 2.0 * ScreenRange.MM_PER_64TH_INCH;
    }

    private static final double NATURAL_EARLIER_S = 20;

    private static double held(double[][] steps, double t) {
        double value = steps[0][1];
        for (double[] step : steps) {
            value = t >= step[0] ? step[1] : value;
        }
        return value;
    }

    private static String event(SimulatedRoast roast, int s) {
        return roast.events().list().stream()
                .filter(e -> (int) e.timeS() == s)
                .map(RoastEvent::kind)
                .map(EventKind::code)
                .collect(Collectors.joining());
    }
}
