package barrowmist.core.machine.thermal;

import barrowmist.core.units.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;

/**
 * The roasts a model was fitted to, as ranges; outside them it is not to be trusted.
 *
 * @param chargeC charge, °C
 * @param greenG batch, g
 * @param gasPct gas, %
 * @param airflowPct airflow, %; 0 to 0 where no roast logged it
 * @param totalS total time, s
 */
public record FitRange(Range chargeC, Range greenG, Range gasPct, Range airflowPct, Range totalS) {

    /** How far beyond a range a model is still believed, as a share of the middle of the range (house default). */
    private static final double MARGIN = 0.1;

    /** And at least so many °C for the charge, and % for the controls (house defaults). */
    private static final double LEAST_C = 4;

    private static final double LEAST_PCT = 10;

    /** From {@code min} to {@code max}. */
    public record Range(double min, double max) {

        static Range of(List<FitRoast> roasts, ToDoubleFunction<FitRoast> lowest, ToDoubleFunction<FitRoast> highest) {
            return new Range(
                    roasts.stream().mapToDouble(lowest).min().orElse(0),
                    roasts.stream().mapToDouble(highest).max().orElse(0));
        }

        boolean holds(double value, double margin) {
            return value >= min - margin && value <= max + margin;
        }

        double margin() {
            return MARGIN * (min + max) / 2;
        }
    }

    public static FitRange of(List<FitRoast> roasts) {
        return new FitRange(
                Range.of(roasts, r -> r.batch().chargeC(), r -> r.batch().chargeC()),
                Range.of(roasts, r -> r.batch().greenG(), r -> r.batch().greenG()),
                Range.of(
                        roasts,
                        r -> min(r.log().gasPct().values()),
                        r -> max(r.log().gasPct().values())),
                Range.of(
                        roasts.stream()
                                .filter(r -> !r.log().airflowPct().isEmpty())
                                .toList(),
                        r -> min(r.log().airflowPct().values()),
                        r -> max(r.log().airflowPct().values())),
                Range.of(
                        roasts,
                        r -> r.figures().totalS().orElse(0),
                        r -> r.figures().totalS().orElse(0)));
    }

    /** Why a roast lies outside, a sentence each; empty when it lies inside. */
    public List<String> outside(BatchConditions batch, SimulatedCurve curve, Wording wording) {
        List<String> said = new ArrayList<>();
        if (!chargeC.holds(batch.chargeC(), LEAST_C)) {
            said.add("A charge of %s lies outside the %s to %s of the roasts it was fitted to."
                    .formatted(
                            wording.temperature(batch.chargeC()),
                            wording.temperature(chargeC.min),
                            wording.temperature(chargeC.max)));
        }
        say(said, "A batch of", batch.greenG(), "g", greenG, greenG.margin());
        double[] gas = curve.log().gasPct().values();
        say(said, "Gas at", min(gas), "%", gasPct, LEAST_PCT);
        say(said, "Gas at", max(gas), "%", gasPct, LEAST_PCT);
        if (!airLogged()) {
            said.add(
                    "No roast that it was fitted to has a column of its airflow: what the air does on this roaster is not"
                            + " known.");
            return said.stream().distinct().toList();
        }
        double[] air = curve.log().airflowPct().values();
        say(said, "Airflow at", min(air), "%", airflowPct, LEAST_PCT);
        say(said, "Airflow at", max(air), "%", airflowPct, LEAST_PCT);
        return said.stream().distinct().toList();
    }

    /** Whether any of the roasts logged its airflow. */
    public boolean airLogged() {
        return airflowPct.max > 0;
    }

    private static void say(List<String> said, String what, double value, String unit, Range range, double margin) {
        if (!range.holds(value, margin)) {
            said.add(String.format(
                    Locale.ROOT,
                    "%s %.0f %s lies outside the %.0f to %.0f %s of the roasts it was fitted to.",
                    what,
                    value,
                    unit,
                    range.min,
                    range.max,
                    unit));
        }
    }

    private static double min(double[] values) {
        return java.util.Arrays.stream(values).min().orElse(0);
    }

    private static double max(double[] values) {
        return java.util.Arrays.stream(values).max().orElse(0);
    }
}
