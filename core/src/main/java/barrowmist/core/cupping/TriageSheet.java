package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.Coded;
import barrowmist.core.check.FieldProblem;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * One line on one of many offers: out, look again, or through (common practice, no published source).
 *
 * @param verdict what was said; empty until it is
 * @param cups the cups, usually one
 * @param words tastes found
 */
public record TriageSheet(Optional<Verdict> verdict, List<Cup> cups, List<TasteNote> words) implements CuppingSheet {

    /** What becomes of an offer. */
    public enum Verdict implements Coded {
        OUT("out"),
        AGAIN("look again"),
        THROUGH("through");

        private final String label;

        Verdict(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    public TriageSheet {
        cups = List.copyOf(cups);
        words = List.copyOf(words);
    }

    @Override
    public CuppingSheet with(List<TasteNote> otherWords) {
        return new TriageSheet(verdict, cups, otherWords);
    }

    @Override
    public CuppingForm form() {
        return CuppingForm.TRIAGE;
    }

    @Override
    public Map<String, Double> attributes() {
        return Map.of();
    }

    @Override
    public OptionalDouble finalScore() {
        return OptionalDouble.empty();
    }

    @Override
    public List<String> open() {
        return verdict.isPresent() ? List.of() : List.of("verdict");
    }

    @Override
    public List<FieldProblem> problems() {
        Checks checks = new Checks();
        SheetChecks.cups(checks, cups);
        SheetChecks.words(checks, words, cups.size());
        return checks.problems();
    }
}
