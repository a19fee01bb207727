package barrowmist.core.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.cupping.ValueScore.Section;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/**
 * The value-assessment form (SCA standards 103 and 104 of 2024, values from memory): how much it is liked, in eight
 * sections, apart from what it is, in words and {@link Intensity intensities}. A cup counts as not uniform, as defective, or
 * as both, as it is marked.
 *
 * @param sections what was given so far
 * @param cups the cups: 1, 3 or 5
 * @param words tastes found
 */
public record ValueSheet(Map<Section, Integer> sections, List<Cup> cups, List<TasteNote> words)
        implements CuppingSheet {

    public ValueSheet {
        sections = sections.isEmpty() ? Map.of() : new EnumMap<>(sections);
        cups = List.copyOf(cups);
        words = List.copyOf(words);
    }

    @Override
    public CuppingSheet with(List<TasteNote> otherWords) {
        return new ValueSheet(sections, cups, otherWords);
    }

    @Override
    public CuppingForm form() {
        return CuppingForm.VALUE_ASSESSMENT;
    }

    /** The sections with the cups that count against them. */
    public ValueScore score() {
        return new ValueScore(sections, cups.size(), nonUniform(), defective());
    }

    private int nonUniform() {
        return (int) cups.stream().filter(c -> !c.uniform()).count();
    }

    private int defective() {
        return (int) cups.stream().filter(c -> c.defect() != Cup.Defect.NONE).count();
    }

    @Override
    public Map<String, Double> attributes() {
        Map<String, Double> out = new LinkedHashMap<>();
        sections.forEach((section, given) -> out.put(section.field(), given.doubleValue()));
        return out;
    }

    @Override
    public OptionalDouble finalScore() {
        return score().score();
    }

    @Override
    public List<String> open() {
        return Arrays.stream(Section.values())
                .filter(s -> !sections.containsKey(s))
                .map(Section::field)
                .toList();
    }

    @Override
    public List<FieldProblem> problems() {
        Checks checks = new Checks();
        SheetChecks.cups(checks, cups);
        SheetChecks.words(checks, words, cups.size());
        List<FieldProblem> problems = new ArrayList<>(score().problems());
        problems.addAll(checks.problems());
        return problems;
    }
}
