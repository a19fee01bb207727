package barrowmist.core.cupping;

import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * Final scores by the form that they stand on. The 100-point form and the affective form are two scales: they have no mean
 * together, and each is held against a line of its own.
 *
 * @param byForm one score for each finished sheet; forms without one are not there
 */
public record FormScores(Map<CuppingForm, List<Double>> byForm) {

    public static final FormScores NONE = new FormScores(Map.of());

    /** Of all sheets that have a final score. */
    public static FormScores of(Collection<? extends CuppingSheet> sheets) {
        Map<CuppingForm, List<Double>> out = new EnumMap<>(CuppingForm.class);
        for (CuppingSheet s : sheets) {
            s.finalScore().ifPresent(score -> out.merge(s.form(), List.of(score), FormScores::joined));
        }
        return new FormScores(out);
    }

    /** Both together, form by form. */
    public FormScores and(FormScores other) {
        Map<CuppingForm, List<Double>> out = new EnumMap<>(CuppingForm.class);
        Stream.of(byForm, other.byForm)
                .forEach(m -> m.forEach((form, list) -> out.merge(form, list, FormScores::joined)));
        return new FormScores(out);
    }

    private static List<Double> joined(List<Double> one, List<Double> other) {
        return Stream.concat(one.stream(), other.stream()).toList();
    }

    /** The scores on this form, one for each sheet. */
    public List<Double> on(CuppingForm form) {
        return byForm.getOrDefault(form, List.of());
    }

    public boolean isEmpty() {
        return byForm.isEmpty();
    }

    /** The form that is spoken of where there is room for one: the 100-point form before the affective one. */
    public Optional<CuppingForm> main() {
        return byForm.keySet().stream().sorted().findFirst();
    }

    /** Mean on the main form; empty where nothing was scored. */
    public OptionalDouble mean() {
        return main().map(this::mean).orElse(OptionalDouble.empty());
    }

    public OptionalDouble mean(CuppingForm form) {
        return on(form).stream().mapToDouble(Double::doubleValue).average();
    }
}
