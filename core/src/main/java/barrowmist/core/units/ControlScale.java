package barrowmist.core.units;

import barrowmist.core.check.Checks;
import barrowmist.core.check.Coded;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * What a roaster's own knob or gauge says for what Barrowmist keeps in % of full, or 1/min of the drum. A dial and numbered
 * steps go evenly with it. A gas pressure does not: what flows through a jet goes with the root of the pressure before it
 * (Bernoulli's equation for an orifice, any textbook of fluid mechanics), and the heat with the flow.
 *
 * @param unit what it says
 * @param baseMin the least that can be set, % or 1/min
 * @param baseMax the most, same unit
 * @param lowest what the machine says at the least; a pressure goes from nothing and takes no heed of it
 * @param highest what it says at the most
 * @param step the smallest step of it
 */
public record ControlScale(Unit unit, double baseMin, double baseMax, double lowest, double highest, double step) {

    private static final double MOST = 10_000;
    private static final double MBAR_A_KPA = 10;
    private static final double LEAST_STEP = 0.001;

    /** What a control says; the name of it on the wire is its lower case. */
    public enum Unit implements Coded {
        KPA("kPa"),
        MBAR("mbar"),
        DIAL(""),
        STEPS("");

        private final String symbol;

        Unit(String symbol) {
            this.symbol = symbol;
        }

        boolean isPressure() {
            return this == KPA || this == MBAR;
        }
    }

    /** What the machine says, to its own step. */
    public double shown(double base) {
        return Math.round(exact(base) / step) * step;
    }

    private double exact(double base) {
        if (unit.isPressure()) {
            double share = Math.max(0, base) / baseMax;
            return highest * share * share;
        }
        return lowest + (base - baseMin) / (baseMax - baseMin) * (highest - lowest);
    }

    /** What stands behind what the machine says: % or 1/min, within what can be set. */
    public double base(double shown) {
        double exact = unit.isPressure()
                ? baseMax * Math.sqrt(Math.max(0, shown) / highest)
                : baseMin + (shown - lowest) / (highest - lowest) * (baseMax - baseMin);
        return Math.max(baseMin, Math.min(baseMax, exact));
    }

    /** The same of a pressure in a unit that may be another than the gauge's; empty where this is no pressure gauge. */
    public OptionalDouble ofPressure(double pressure, Unit in) {
        if (!unit.isPressure()) {
            return OptionalDouble.empty();
        }
        double shown = in == unit ? pressure : in == Unit.KPA ? pressure * MBAR_A_KPA : pressure / MBAR_A_KPA;
        return OptionalDouble.of(base(shown));
    }

    /** As a person reads it, such as {@code 2.4 kPa} or {@code 7}; what is on but too little to be read is no 0. */
    public String text(double base) {
        double shown = shown(base);
        boolean tooLittle = shown == 0 && exact(base) > 0;
        return tooLittle ? "under " + number(step) : number(shown);
    }

    private String number(double shown) {
        int decimals = (int) Math.max(0, Math.ceil(-Math.log10(step) - 1e-9));
        return (String.format(Locale.ROOT, "%." + decimals + "f", shown) + " " + unit.symbol).strip();
    }

    /** Adds every problem of it. */
    public void check(Checks checks, String field, String label) {
        checks.range(field, label + " reads at most", highest, LEAST_STEP, MOST, unit.symbol);
        if (!unit.isPressure()) {
            checks.range(field, label + " reads at least", lowest, 0, highest - step, "");
        }
        checks.range(
                field, "Step of " + label.toLowerCase(Locale.ROOT) + " as it reads", step, LEAST_STEP, highest, "");
        if (baseMax <= baseMin) {
            checks.add(field, label + " cannot be moved: it needs a range to have a scale");
        }
    }
}
