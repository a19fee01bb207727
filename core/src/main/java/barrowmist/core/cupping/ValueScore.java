package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * The affective part of the value-assessment form (SCA standards 103 and 104 of 2024, values from memory): eight sections
 * of 1 to 9, where 5 is neither high nor low; less 2 for each cup that is not like the others and 4 for each defective one.
 *
 * @param sections what was given so far
 * @param cups cups of the sample
 * @param nonUniform cups that are not like the others
 * @param defective cups with a defect
 */
public record ValueScore(Map<Section, Integer> sections, int cups, int nonUniform, int defective) {

    public static final int LEAST = 1;
    public static final int MOST = 9;

    private static final double PER_POINT = 0.65625;
    private static final double BASE = 52.75;
    private static final double PER_NON_UNIFORM = 2;
    private static final double PER_DEFECTIVE = 4;
    private static final double STEP = 0.25;

    /** A section of the form, in its order. */
    public enum Section {
        FRAGRANCE,
        AROMA,
        FLAVOUR,
        AFTERTASTE,
        ACIDITY,
        SWEETNESS,
        MOUTHFEEL,
        OVERALL;

        /** Its name on the wire. */
        public String field() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public ValueScore {
        sections = sections.isEmpty() ? Map.of() : new EnumMap<>(sections);
    }

    /** The score, to the nearest quarter; empty until all eight are given. */
    public OptionalDouble score() {
        if (sections.size() < Section.values().length) {
            return OptionalDouble.empty();
        }
        int sum = sections.values().stream().mapToInt(Integer::intValue).sum();
        double exact = PER_POINT * sum + BASE - PER_NON_UNIFORM * nonUniform - PER_DEFECTIVE * defective;
        return OptionalDouble.of(Math.rint(exact / STEP) * STEP);
    }

    /** Every problem of it, by its names on the wire. */
    public List<FieldProblem> problems() {
        Checks checks = new Checks();
        sections.forEach((section, given) -> {
            if (given < LEAST || given > MOST) {
                checks.add(
                        "attributes." + section.field(),
                        "%s is %d, allowed are %d to %d".formatted(section.field(), given, LEAST, MOST));
            }
        });
        checks.range("cups", "Cups not like the others", nonUniform, 0, cups, "")
                .range("cups", "Defective cups", defective, 0, cups, "");
        return checks.problems();
    }
}
