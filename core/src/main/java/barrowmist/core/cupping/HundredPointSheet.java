package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Predicate;

/**
 * The 100-point form (SCA cupping protocol 2003–2015, values from memory): seven attributes of up to 10 points in
 * quarter steps; uniformity, clean cup and sweetness from the marks of the cups, 2 points for each of five; less 2 for
 * each tainted and 4 for each faulty cup. With three cups or one, the marks are scaled to ten.
 *
 * @param scores scores given so far; an attribute without one is not there
 * @param cups the cups: 1, 3 or 5
 * @param words tastes found
 */
public record HundredPointSheet(Map<Attribute, Double> scores, List<Cup> cups, List<TasteNote> words)
        implements CuppingSheet {

    public static final double SCORE_STEP = 0.25;
    public static final double SCORE_MAX = 10;

    /** Where the scale of specialty coffee begins on paper; a lower score is written beside it. */
    public static final double SPECIALTY_FROM = 6;

    /** Numbers of cups that a sheet may have. */
    public static final Set<Integer> CUP_COUNTS = Set.of(1, 3, 5);

    private static final double MARK_MAX = 10;

    public HundredPointSheet {
        scores = scores.isEmpty() ? Map.of() : new EnumMap<>(scores);
        cups = List.copyOf(cups);
        words = List.copyOf(words);
    }

    /** Points for uniformity, [0, 10]. */
    public double uniformity() {
        return marks(Cup::uniform);
    }

    /** Points for clean cup, [0, 10]. */
    public double cleanCup() {
        return marks(Cup::clean);
    }

    /** Points for sweetness, [0, 10]. */
    public double sweetness() {
        return marks(Cup::sweet);
    }

    /** Points lost by taints and faults. */
    public double defects() {
        return cups.stream().mapToInt(c -> c.defect().points()).sum();
    }

    /** Sum of what is there so far, less defects. */
    public double runningTotal() {
        double scored =
                scores.values().stream().mapToDouble(Double::doubleValue).sum();
        return scored + uniformity() + cleanCup() + sweetness() - defects();
    }

    /** Attributes not scored yet, in order of the form. */
    public List<Attribute> unscored() {
        return Arrays.stream(Attribute.values())
                .filter(a -> !scores.containsKey(a))
                .toList();
    }

    @Override
    public CuppingSheet with(List<TasteNote> otherWords) {
        return new HundredPointSheet(scores, cups, otherWords);
    }

    @Override
    public CuppingForm form() {
        return CuppingForm.HUNDRED_POINT;
    }

    @Override
    public Map<String, Double> attributes() {
        Map<String, Double> out = new LinkedHashMap<>();
        scores.forEach((attribute, score) -> out.put(attribute.code(), score));
        return out;
    }

    @Override
    public List<String> open() {
        return unscored().stream().map(Attribute::code).toList();
    }

    /** The final score; empty until all seven attributes are scored. */
    @Override
    public OptionalDouble finalScore() {
        return unscored().isEmpty() ? OptionalDouble.of(runningTotal()) : OptionalDouble.empty();
    }

    /** The class of the final score; empty until there is one. */
    public Optional<QualityClass> qualityClass() {
        return finalScore().stream().mapToObj(QualityClass::of).findFirst();
    }

    /** Whether the marks of fewer than five cups were scaled to ten. */
    public boolean scaled() {
        return cups.size() < 5;
    }

    public OptionalDouble score(Attribute attribute) {
        Double score = scores.get(attribute);
        return score == null ? OptionalDouble.empty() : OptionalDouble.of(score);
    }

    private double marks(Predicate<Cup> sound) {
        return MARK_MAX * cups.stream().filter(sound).count() / cups.size();
    }

    @Override
    public List<FieldProblem> problems() {
        Checks checks = new Checks();
        scores.forEach((attribute, score) -> checkScore(checks, attribute, score));
        SheetChecks.cups(checks, cups);
        SheetChecks.words(checks, words, cups.size());
        return checks.problems();
    }

    private static void checkScore(Checks checks, Attribute attribute, double score) {
        boolean onStep = Math.rint(score / SCORE_STEP) * SCORE_STEP == score;
        if (!(score >= 0 && score <= SCORE_MAX) || !onStep) {
            checks.add(
                    "attributes." + attribute.code(),
                    "%s is %s, allowed are 0 to 10 in steps of 0.25".formatted(capital(attribute.label()), score));
        }
    }

    private static String capital(String label) {
        return Character.toUpperCase(label.charAt(0)) + label.substring(1);
    }
}
