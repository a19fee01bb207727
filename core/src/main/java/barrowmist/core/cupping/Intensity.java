package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How much there is of something, apart from how good it is (SCA cupping protocol 2003–2015: marks of 1 to 5 beside aroma,
 * acidity and body; SCA standard 103 of 2024: 0 to 15 for seven sections; both from memory). Always optional.
 */
public enum Intensity {
    AROMA_DRY(CuppingForm.HUNDRED_POINT, "aromaDry", "fragrance, dry"),
    AROMA_CRUST(CuppingForm.HUNDRED_POINT, "aromaCrust", "aroma over the crust"),
    AROMA_BREAK(CuppingForm.HUNDRED_POINT, "aromaBreak", "aroma at the break"),
    ACIDITY_LEVEL(CuppingForm.HUNDRED_POINT, "acidity", "acidity, low to high"),
    BODY_LEVEL(CuppingForm.HUNDRED_POINT, "body", "body, thin to heavy"),
    FRAGRANCE(CuppingForm.VALUE_ASSESSMENT, "fragrance", "fragrance"),
    AROMA(CuppingForm.VALUE_ASSESSMENT, "aroma", "aroma"),
    FLAVOUR(CuppingForm.VALUE_ASSESSMENT, "flavour", "flavour"),
    AFTERTASTE(CuppingForm.VALUE_ASSESSMENT, "aftertaste", "aftertaste"),
    ACIDITY(CuppingForm.VALUE_ASSESSMENT, "acidity", "acidity"),
    SWEETNESS(CuppingForm.VALUE_ASSESSMENT, "sweetness", "sweetness"),
    MOUTHFEEL(CuppingForm.VALUE_ASSESSMENT, "mouthfeel", "mouthfeel");

    private static final int MARKS = 5;
    private static final int POINTS = 15;

    private final CuppingForm form;
    private final String field;
    private final String label;

    Intensity(CuppingForm form, String field, String label) {
        this.form = form;
        this.field = field;
        this.label = label;
    }

    /** Those of a form, in its order. */
    public static List<Intensity> of(CuppingForm form) {
        return Arrays.stream(values()).filter(i -> i.form == form).toList();
    }

    /** The name on the wire. */
    public String field() {
        return field;
    }

    /** The name in running text. */
    public String label() {
        return label;
    }

    /** The least that can be given. */
    public int least() {
        return form == CuppingForm.HUNDRED_POINT ? 1 : 0;
    }

    /** The most that can be given. */
    public int most() {
        return form == CuppingForm.HUNDRED_POINT ? MARKS : POINTS;
    }

    /**
     * How much of it was marked, as a share of the scale from nothing, [0, 1]; two forms with other scales compare so.
     *
     * @param field such as {@code acidity}
     * @param marks those of a sheet, by their names on the wire
     */
    public static OptionalDouble share(CuppingForm form, String field, Map<String, Integer> marks) {
        Integer given = marks.get(field);
        return of(form).stream()
                .filter(i -> i.field.equals(field) && given != null)
                .mapToDouble(i -> (double) Objects.requireNonNull(given) / i.most())
                .findFirst();
    }

    /** What is wrong with these, by their names on the wire. */
    public static List<FieldProblem> problems(CuppingForm form, Map<String, Integer> given) {
        Checks checks = new Checks();
        given.forEach((field, value) -> {
            Optional<Intensity> known =
                    of(form).stream().filter(i -> i.field.equals(field)).findFirst();
            if (known.isEmpty()) {
                checks.add("intensities." + field, field + " has no intensity on this form");
            } else if (value < known.get().least() || value > known.get().most()) {
                checks.add(
                        "intensities." + field,
                        "The intensity of %s is %d, allowed are %d to %d"
                                .formatted(
                                        field,
                                        value,
                                        known.get().least(),
                                        known.get().most()));
            }
        });
        return checks.problems();
    }
}
