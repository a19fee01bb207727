package barrowmist.core.sample;

import barrowmist.core.check.Checks;
import barrowmist.core.check.Coded;
import barrowmist.core.check.FieldProblem;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * An instrument of the lab, and when it was last calibrated.
 *
 * @param name as it is called
 * @param kind what it measures
 * @param calibratedOn the last time; empty where nobody said so
 * @param everyDays it is due again so many days later, 1 to 1095
 * @param scale of a colour meter: which scale its figures are of, in its maker's words; empty otherwise
 * @param counts of a colour meter: which way it counts
 */
public record Meter(
        String name, Kind kind, Optional<LocalDate> calibratedOn, int everyDays, String scale, Counts counts) {

    /** What is measured. */
    public enum Kind implements Coded {
        SCALE("scale"),
        MOISTURE("moisture meter"),
        WATER_ACTIVITY("water activity meter"),
        DENSITY("density cup"),
        COLOUR("colour meter"),
        THERMOMETER("thermometer");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** In running text. */
        @Override
        public String label() {
            return label;
        }
    }

    /** Which way a colour meter counts. Colours are kept so that more is lighter, as the cupping protocol's figures are. */
    public enum Counts implements Coded {
        MORE_IS_LIGHTER("more is lighter"),
        MORE_IS_DARKER("more is darker");

        private final String label;

        Counts(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }

        /** A reading as it is kept, and back again: both are of 0 to 100. */
        public double kept(double reading) {
            return this == MORE_IS_DARKER ? WHOLE - reading : reading;
        }
    }

    private static final double WHOLE = 100;
    private static final int MOST = 30;
    private static final int LONGEST = 60;
    private static final int LONGEST_DAYS = 1095;

    /** The first day on which it is due; empty where it was never calibrated: it is due now. */
    public Optional<LocalDate> dueOn() {
        return calibratedOn.map(d -> d.plusDays(everyDays));
    }

    public boolean overdue(LocalDate today) {
        return dueOn().map(due -> !due.isAfter(today)).orElse(true);
    }

    /** What is to be said of it today; empty while it is in time. */
    public Optional<String> note(LocalDate today) {
        if (!overdue(today)) {
            return Optional.empty();
        }
        return Optional.of(calibratedOn
                .map(on -> "%s: calibrated on %s, due since %s.".formatted(name, on, dueOn().orElseThrow()))
                .orElse(name + ": nobody said when it was calibrated."));
    }

    /** Every problem of a lab's meters. */
    public static List<FieldProblem> problems(List<Meter> all, LocalDate today) {
        Checks checks = new Checks();
        if (all.size() > MOST) {
            checks.add("meters", "There are " + all.size() + " meters, at most " + MOST + " are kept");
        }
        List<String> seen = new ArrayList<>();
        for (Meter m : all) {
            checks.name("meters", "The name of a meter", m.name, LONGEST);
            if (seen.contains(m.name.toLowerCase(Locale.ROOT))) {
                checks.add("meters", "\"" + m.name + "\" is there twice");
            }
            seen.add(m.name.toLowerCase(Locale.ROOT));
            checks.range("meters", m.name + " is calibrated every", m.everyDays, 1, LONGEST_DAYS, "days");
            if (m.calibratedOn.filter(on -> on.isAfter(today)).isPresent()) {
                checks.add("meters", m.name + " was calibrated on " + m.calibratedOn.get() + ", a day to come");
            }
            if (m.scale.length() > LONGEST) {
                checks.add("meters", "The scale of " + m.name + " has at most " + LONGEST + " characters");
            }
        }
        return checks.problems();
    }
}
