package barrowmist.core.plan;

import barrowmist.core.green.GreenFacts;
import barrowmist.core.green.GreenLimits;
import barrowmist.core.green.Process;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.roast.Band;
import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * Where to charge, and why: this machine's own reference, then what this coffee and this batch add to it, each on a line
 * of its own.
 *
 * @param base the reference it sets out from
 * @param addends what is added, in order
 * @param chargeC the charge advised, °C: the sum of the lines as they are shown
 * @param spreadC how far this machine's charges spread, °C; empty when none is learned
 */
public record ChargeAdvice(Line base, List<Line> addends, double chargeC, OptionalDouble spreadC) {

    /** Washed coffee on a drum nobody has charged yet, °C (house default). */
    public static final double DEFAULT_C = 190;

    /**
     * A natural takes heat faster and marks more easily: 10 to 15 °F below a washed coffee on the same drum (common
     * practice, no published source); the middle of that, °C.
     */
    public static final double NATURAL_C = -12.5 * 5 / 9;

    /** All addends together move the charge by no more than this, °C (house default). */
    public static final double MOST_C = 12;

    private static final double HONEY_C = -3;
    private static final double WET_HULLED_C = -3;
    private static final double SMALL_C = -2.5;
    private static final double LARGE_C = 1.5;
    private static final double MIXED_C = -1.5;
    private static final double C_PER_10_G_PER_L = 0.5;
    private static final double MOST_DENSITY_C = 3;
    private static final double C_PER_MOISTURE_PCT = 1.5;
    private static final double MOST_MOISTURE_C = 3;
    private static final double C_PER_BATCH_PCT = 0.12;
    private static final double MOST_BATCH_C = 6;
    private static final double LEAST_SHOWN_C = 0.25;
    private static final double TENTHS = 10;

    /**
     * One line of the sum.
     *
     * @param text what and why
     * @param c °C, to the tenth that is shown, so that the lines add up; the base as a temperature, an addend as a difference
     * @param roasts number of this machine's roasts behind it; 0 for a house default
     */
    public record Line(String text, double c, int roasts) {

        public Line {
            c = tenth(c);
        }
    }

    private static double tenth(double c) {
        return Math.rint(c * TENTHS) / TENTHS;
    }

    /**
     * @param machine name, for the text
     * @param references what the machine usually does, by process
     * @param green the coffee
     * @param greenG batch, g
     * @param usualG this machine's usual batch, g; empty when it is not known
     */
    public static ChargeAdvice of(
            String machine,
            Map<Process, MachineReference> references,
            GreenFacts green,
            double greenG,
            OptionalDouble usualG) {
        Band washed = charge(references, Process.WASHED);
        Band own = charge(references, green.process());
        Line base = base(machine, washed);
        List<Line> addends = new ArrayList<>();
        add(addends, process(green.process(), washed, own));
        add(addends, size(green));
        add(addends, density(green));
        add(addends, moisture(green));
        add(addends, batch(greenG, usualG));
        double sum = addends.stream().mapToDouble(Line::c).sum();
        if (Math.abs(sum) > MOST_C) {
            double back = Math.signum(sum) * MOST_C - sum;
            addends.add(new Line("Held: all together they move the charge no further", back, 0));
            sum += back;
        }
        OptionalDouble spread = own instanceof Band.Learned learned
                ? OptionalDouble.of(learned.spread())
                : washed instanceof Band.Learned learned ? OptionalDouble.of(learned.spread()) : OptionalDouble.empty();
        return new ChargeAdvice(base, List.copyOf(addends), tenth(base.c() + sum), spread);
    }

    private static Band charge(Map<Process, MachineReference> references, Process process) {
        return references.getOrDefault(process, MachineReference.NONE).chargeC();
    }

    private static Line base(String machine, Band washed) {
        if (washed instanceof Band.Learned learned) {
            return new Line(
                    "Washed coffees on %s, accepted roasts".formatted(machine), learned.median(), learned.roasts());
        }
        int have = ((Band.NotYetLearned) washed).roasts();
        return new Line(
                "House default: not yet learned on %s (%d of %d accepted washed roasts)"
                        .formatted(machine, have, Band.FEWEST_ROASTS),
                DEFAULT_C,
                0);
    }

    private static void add(List<Line> addends, Line line) {
        if (Math.abs(line.c) >= LEAST_SHOWN_C) {
            addends.add(line);
        }
    }

    private static Line process(Process process, Band washed, Band own) {
        if (process == Process.WASHED) {
            return NOTHING;
        }
        if (washed instanceof Band.Learned w && own instanceof Band.Learned o) {
            return new Line(
                    "%s on this machine against washed ones, learned".formatted(Wording.capital(plural(process))),
                    o.median() - w.median(),
                    o.roasts());
        }
        return switch (process) {
            case NATURAL -> new Line("Natural: takes heat faster and marks more easily", NATURAL_C, 0);
            case HONEY -> new Line("Honey: some fruit left on it, marks a little more easily", HONEY_C, 0);
            case WET_HULLED -> new Line("Wet-hulled: a soft, open bean", WET_HULLED_C, 0);
            default -> NOTHING;
        };
    }

    private static final Line NOTHING = new Line("", 0, 0);

    private static String plural(Process process) {
        return process == Process.NATURAL ? "naturals" : process.label() + " coffees";
    }

    private static Line size(GreenFacts green) {
        if (green.small()) {
            return new Line("Small beans take heat faster", SMALL_C, 0);
        }
        return green.large()
                ? new Line("Large beans take longer to heat through", LARGE_C, 0)
                : green.mixedSizes() ? new Line("Mixed sizes roast unevenly: gently", MIXED_C, 0) : NOTHING;
    }

    private static Line density(GreenFacts green) {
        if (green.densityGPerL().isEmpty()) {
            return NOTHING;
        }
        double density = green.densityGPerL().getAsDouble();
        if (!green.soft() && !green.dense()) {
            return NOTHING;
        }
        double c = bounded((density - green.limits().denseGPerL()) / 10 * C_PER_10_G_PER_L, MOST_DENSITY_C);
        String why = green.soft() ? "Soft bean, %.0f g/L: less heat" : "Dense bean, %.0f g/L: more heat";
        return new Line(String.format(Locale.ROOT, why, density), c, 0);
    }

    private static Line moisture(GreenFacts green) {
        if (green.moisturePct().isEmpty()) {
            return NOTHING;
        }
        double moisture = green.moisturePct().getAsDouble();
        GreenLimits limits = green.limits();
        double beyond = moisture - Math.max(limits.moistureMinPct(), Math.min(limits.moistureMaxPct(), moisture));
        String why = beyond > 0 ? "Moist, %.1f %%: more energy early" : "Dry, %.1f %%: less energy";
        return new Line(
                String.format(Locale.ROOT, why, moisture), bounded(C_PER_MOISTURE_PCT * beyond, MOST_MOISTURE_C), 0);
    }

    private static Line batch(double greenG, OptionalDouble usualG) {
        if (usualG.isEmpty()) {
            return NOTHING;
        }
        double pct = 100 * (greenG / usualG.getAsDouble() - 1);
        String why = pct > 0 ? "%.0f g is more than the usual %.0f g" : "%.0f g is less than the usual %.0f g";
        return new Line(
                String.format(Locale.ROOT, why, greenG, usualG.getAsDouble()),
                bounded(C_PER_BATCH_PCT * pct, MOST_BATCH_C),
                0);
    }

    private static double bounded(double c, double most) {
        return Math.max(-most, Math.min(most, c));
    }
}
