package barrowmist.core.green;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;

/**
 * How much one green coffee is like another in what bears on its roast: process, origin, density, size and moisture. The
 * weights and widths are house defaults, no published source.
 *
 * @param pct 100 for the same in all that is known of both, 0 for unlike in everything
 * @param because what is alike and what is not, in words, the heaviest first
 */
public record Likeness(double pct, List<String> because) {

    private static final double PROCESS = 3;
    private static final double ORIGIN = 1.5;
    private static final double DENSITY = 2;
    private static final double SIZE = 1.5;
    private static final double MOISTURE = 1;

    /** So far apart two are unlike: bulk density, g/L; mean screen, mm; moisture, %. */
    private static final double DENSITY_G_PER_L = 80;

    private static final double SIZE_MM = 1.2;
    private static final double MOISTURE_PCT = 2.5;

    /** What is not known of one of the two is neither alike nor unlike. */
    private static final double UNKNOWN = 0.5;

    private static final double PERCENT = 100;

    /** A coffee with where it comes from. */
    public record Green(String origin, GreenFacts facts) {

        private String where() {
            return origin.strip().toLowerCase(Locale.ROOT);
        }
    }

    public Likeness {
        because = List.copyOf(because);
    }

    /** How much {@code other} is like {@code one}. */
    public static Likeness of(Green one, Green other) {
        List<String> because = new ArrayList<>();
        double apart = PROCESS * process(one.facts.process(), other.facts.process(), because);
        boolean same = !one.where().isEmpty() && one.where().equals(other.where());
        because.add(same ? "also from " + other.origin.strip() : "from " + other.origin.strip());
        apart += ORIGIN * (same ? 0 : 1);
        apart += DENSITY
                * apart(
                        one.facts.densityGPerL(),
                        other.facts.densityGPerL(),
                        DENSITY_G_PER_L,
                        "%.0f g/L, this one %.0f",
                        because);
        apart += SIZE
                * apart(meanMm(one.facts), meanMm(other.facts), SIZE_MM, "beans of %.1f mm, this one %.1f", because);
        apart += MOISTURE
                * apart(
                        one.facts.moisturePct(),
                        other.facts.moisturePct(),
                        MOISTURE_PCT,
                        "moisture %.1f %%, this one %.1f",
                        because);
        double all = PROCESS + ORIGIN + DENSITY + SIZE + MOISTURE;
        return new Likeness(PERCENT * (1 - apart / all), because);
    }

    private static double process(Process one, Process other, List<String> because) {
        because.add(one == other ? "also " + other.label() : other.label());
        boolean fruit = fruit(one) && fruit(other);
        return one == other ? 0 : fruit ? UNKNOWN : 1;
    }

    /** Dried with fruit on it: a honey lies nearer to a natural than to a washed coffee. */
    private static boolean fruit(Process process) {
        return process == Process.NATURAL || process == Process.HONEY;
    }

    private static OptionalDouble meanMm(GreenFacts facts) {
        return facts.screen().map(s -> OptionalDouble.of(s.meanMm())).orElse(OptionalDouble.empty());
    }

    private static double apart(
            OptionalDouble one, OptionalDouble other, double wide, String says, List<String> because) {
        if (one.isEmpty() || other.isEmpty()) {
            return UNKNOWN;
        }
        because.add(String.format(Locale.ROOT, says, other.getAsDouble(), one.getAsDouble()));
        return Math.min(1, Math.abs(one.getAsDouble() - other.getAsDouble()) / wide);
    }
}
