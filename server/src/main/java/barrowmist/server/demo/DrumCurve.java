package barrowmist.server.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * Makes the log of an invented roast on a small drum: the bean rises by a given rate, the probe first has to cool from
 * the charge, and readings come unevenly, noisy, some of them lost.
 *
 * @param chargeC probe at charge, °C
 * @param earlyRor rate of rise in the first two minutes, °C/min
 * @param crackRor rate of rise at first crack, °C/min
 * @param dropRor rate of rise at the drop, °C/min
 * @param dryC bean temperature at which it is called dry, °C
 * @param crackS first crack, s since charge
 * @param dropS drop, s since charge
 * @param shape what happens otherwise
 */
record DrumCurve(
        double chargeC,
        double earlyRor,
        double crackRor,
        double dropRor,
        double dryC,
        double crackS,
        double dropS,
        Shape shape) {

    /** What happens to the rate of rise. */
    enum Shape {
        /** It falls steadily. */
        STEADY,
        /** The gas is cut hard just before first crack. */
        CRASH,
        /** It lies flat from the middle of browning on. */
        STALL
    }

    private static final double EARLY_S = 120;
    private static final double BEAN_START_C = 61;
    private static final double PROBE_S = 25;
    private static final double NOISE_C = 0.12;
    private static final double LOST_SHARE = 0.02;
    private static final double JITTER_S = 0.3;
    private static final double CRASH_LENGTH_S = 26;
    private static final double CRASH_TO_CPERMIN = 1.6;
    private static final double CRASH_RECOVERY_PER_S = 0.018;
    private static final double STALL_BEFORE_CRACK_S = 220;
    private static final double GAS_CUT_BEFORE_CRACK_S = 12;

    private record Step(double timeS, double value) {}

    /** The log as a CSV file. */
    String csv(String roastedAt, long seed) {
        Random random = new Random(seed);
        StringBuilder csv = new StringBuilder("# machine: Drum 1\n# roasted_at: " + roastedAt + "\n"
                + "time,bean_c,environment_c,gas_pct,airflow_pct,drum_rpm,event\n");
        List<Step> gas = gas();
        List<Step> air = List.of(new Step(0, 30), new Step(dryS() - 60, 45), new Step(crackS - 60, 60));
        double dropoutS = 200 + random.nextInt(250);
        double dropoutLengthS = random.nextInt(3) == 0 ? 6 + random.nextInt(4) : 0;
        double beanC = BEAN_START_C;
        double lastS = 0;
        for (int s = 0; s <= dropS; s++) {
            double t = s == 0 || s == dropS ? s : s + JITTER_S * (random.nextDouble() - 0.5);
            beanC += ror((t + lastS) / 2) / 60 * (t - lastS);
            lastS = t;
            String event = event(s);
            boolean dropout = t > dropoutS && t < dropoutS + dropoutLengthS;
            boolean lost = random.nextDouble() < LOST_SHARE || dropout;
            double probeC = beanC + (chargeC - BEAN_START_C) * Math.exp(-t / PROBE_S) + NOISE_C * random.nextGaussian();
            double environmentC = beanC + 14 + 95 * Math.exp(-t / 130) + 0.4 * random.nextGaussian();
            if (!lost || !event.isEmpty()) {
                csv.append(String.format(
                        Locale.ROOT,
                        "%.1f,%.1f,%.1f,%.0f,%.0f,%.0f,%s%n",
                        t,
                        probeC,
                        environmentC,
                        at(gas, t),
                        at(air, t),
                        62.0,
                        event));
            }
        }
        return csv.toString();
    }

    private String event(int s) {
        if (s == 0) {
            return "charge";
        }
        if (s == (int) dryS()) {
            return "dry_end";
        }
        if (s == (int) crackS) {
            return "first_crack";
        }
        return s == (int) dropS ? "drop" : "";
    }

    private List<Step> gas() {
        List<Step> steps = new ArrayList<>(List.of(new Step(0, 75), new Step(dryS() - 20, 65)));
        switch (shape) {
            case CRASH -> steps.add(new Step(crackS - GAS_CUT_BEFORE_CRACK_S, 30));
            case STALL -> steps.add(new Step(stallFromS() - 25, 35));
            case STEADY -> {
                steps.add(new Step(crackS - 70, 50));
                steps.add(new Step(crackS + 20, 40));
            }
        }
        return steps;
    }

    private static double at(List<Step> steps, double t) {
        double value = steps.get(0).value;
        for (Step step : steps) {
            value = t >= step.timeS ? step.value : value;
        }
        return value;
    }

    /** Rate of rise without the probe's fall, °C/min. */
    private double ror(double t) {
        return switch (shape) {
            case STEADY -> steady(t);
            case CRASH -> crash(t);
            case STALL -> stall(t);
        };
    }

    private double steady(double t) {
        if (t < EARLY_S) {
            return earlyRor;
        }
        if (t < crackS) {
            return earlyRor - (earlyRor - crackRor) * (t - EARLY_S) / (crackS - EARLY_S);
        }
        return crackRor - (crackRor - dropRor) * (t - crackS) / (dropS - crackS);
    }

    private double crash(double t) {
        double fallen = (t - crackS) / CRASH_LENGTH_S;
        if (fallen < 0) {
            return steady(t);
        }
        double low = Math.max(CRASH_TO_CPERMIN, crackRor - fallen * (crackRor - CRASH_TO_CPERMIN));
        return fallen < 1 ? low : CRASH_TO_CPERMIN + CRASH_RECOVERY_PER_S * (t - crackS - CRASH_LENGTH_S);
    }

    private double stallFromS() {
        return crackS - STALL_BEFORE_CRACK_S;
    }

    private double stall(double t) {
        if (t < EARLY_S) {
            return earlyRor;
        }
        if (t < crackS + 30) {
            double falling = earlyRor - (earlyRor - crackRor) * (t - EARLY_S) / (stallFromS() - EARLY_S);
            return Math.max(crackRor, falling);
        }
        return Math.max(dropRor, crackRor - (t - crackS - 30) / 60 * 3);
    }

    /** When the bean reaches {@link #dryC}, s since charge. */
    private double dryS() {
        double c = BEAN_START_C;
        double t = 0;
        while (c < dryC && t < crackS - 30) {
            c += ror(t + 0.5) / 60;
            t++;
        }
        return t;
    }
}
