package barrowmist.server.proof;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Locale;
import java.util.Objects;

/** Changes of one kind, in words. */
final class ChangeWords {

    private ChangeWords() {}

    /** "charge lower by 4 to 6 °C"; all are of one kind and one way. */
    static String of(List<ProofEntity> all) {
        DoubleSummaryStatistics by = all.stream()
                .mapToDouble(p -> Objects.requireNonNull(p.changedTo()) - Objects.requireNonNull(p.changedFrom()))
                .map(Math::abs)
                .summaryStatistics();
        ProofEntity one = all.get(0);
        boolean up = Objects.requireNonNull(one.kind()).endsWith(" up");
        String least = number(by.getMin());
        String most = number(by.getMax());
        String size = least.equals(most) ? least : least + " to " + most;
        String what = Objects.requireNonNull(one.changed()).replace('-', ' ');
        return "%s %s by %s %s"
                .formatted(what, up ? "higher" : "lower", size, Objects.requireNonNullElse(one.unit(), ""))
                .strip();
    }

    private static String number(double x) {
        return String.format(Locale.ROOT, x == Math.rint(x) ? "%.0f" : "%.1f", x);
    }
}
