package barrowmist.core.trace;

import barrowmist.core.cupping.Vocabulary;
import barrowmist.core.cupping.WordGroup;
import barrowmist.core.trace.CupFacts.Found;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * How likely the words of the cups are under a cause. Each word that names a fault is drawn from the words of the cause, or is
 * noise; whether there is any, and in how many of the cups, counts once each.
 */
final class CupWords {

    private static final Set<WordGroup> PLEASANT = Set.of(WordGroup.SWEET, WordGroup.FRUIT, WordGroup.DEEP);

    private final TraceRules rules;
    private final CauseTable table;
    private final CupAgreement spread;
    private final Set<String> faults = new HashSet<>();
    private final Map<Cause, Double> shares = new HashMap<>();

    CupWords(TraceRules rules, CauseTable table) {
        this.rules = rules;
        this.table = table;
        this.spread = new CupAgreement(rules);
        for (Cause cause : Cause.values()) {
            faults.addAll(table.words(cause).keySet());
            shares.put(
                    cause,
                    table.words(cause).values().stream()
                            .mapToDouble(Double::doubleValue)
                            .sum());
        }
    }

    /**
     * What one thing about the words adds.
     *
     * @param value log likelihood ratio against a sound roast
     * @param text a sentence
     * @param words the words behind it
     */
    record Part(double value, String text, List<String> words) {}

    /** Whether a word names a fault. */
    boolean names(String word) {
        return faults.contains(word);
    }

    /** The words of faults that were found. */
    Map<String, Found> found(CupFacts cup) {
        Map<String, Found> out = new LinkedHashMap<>();
        cup.found().forEach((word, f) -> {
            if (names(word)) {
                out.put(word, f);
            }
        });
        return out;
    }

    /**
     * Log likelihood ratio of the words against a sound roast.
     *
     * @param causes one, or two at once; none where nothing known explains the cup
     */
    double value(CupFacts cup, List<Cause> causes) {
        return parts(cup, causes).stream().mapToDouble(Part::value).sum();
    }

    /** The same, one thing after another. */
    List<Part> parts(CupFacts cup, List<Cause> causes) {
        if (!cup.cupped()) {
            return List.of();
        }
        Map<String, Found> found = found(cup);
        if (found.isEmpty()) {
            return List.of(new Part(howMany(0, causes), "no word of a fault in the cup", List.of()));
        }
        List<Part> parts = new ArrayList<>();
        parts.add(pleasant(cup));
        List<String> own = new ArrayList<>();
        List<String> strange = new ArrayList<>();
        parts.add(new Part(howMany(found.size(), causes), "words of a fault in the cup", List.of()));
        spread.agreed(cup, found).ifPresent(parts::add);
        double ownValue = 0;
        double strangeValue = 0;
        for (Map.Entry<String, Found> word : found.entrySet()) {
            double value = Math.log(likelihood(word.getKey(), causes) / chance()) * counts(cup, word.getValue());
            if (value > 0) {
                own.add(word.getKey());
                ownValue += value;
            } else {
                strange.add(word.getKey());
                strangeValue += value;
            }
        }
        if (!own.isEmpty()) {
            parts.add(new Part(ownValue, CupSentence.found(cup, own), List.copyOf(own)));
        }
        if (strangeValue != 0) {
            parts.add(new Part(strangeValue, String.join(", ", strange) + ": of something else", List.of()));
        }
        spread.extent(cup, found, causes, word -> own(word, causes) + rules.value("cup.noise") * chance())
                .ifPresent(parts::add);
        return parts;
    }

    /** A sound cup is mostly given a pleasant word too. */
    private Part pleasant(CupFacts cup) {
        List<String> found =
                cup.found().keySet().stream().filter(CupWords::isPleasant).toList();
        double sound = rules.value("cup.pleasant-sound");
        double faulty = rules.value("cup.pleasant-faulty");
        return found.isEmpty()
                ? new Part(Math.log((1 - faulty) / (1 - sound)), "no pleasant word beside it", List.of())
                : new Part(
                        Math.log(faulty / sound), String.join(", ", found) + ": a sound cup has such words", List.of());
    }

    private static boolean isPleasant(String word) {
        return Vocabulary.find(word).map(w -> PLEASANT.contains(w.group())).orElse(false);
    }

    /** A sound cup has few words of faults, most have none; how many there are, against a sound cup. */
    private double howMany(int n, List<Cause> causes) {
        String what = causes.isEmpty() ? "none" : "faulty";
        double any = rules.value("cup.words-" + what);
        double anySound = rules.value("cup.words-sound");
        if (n == 0) {
            return Math.log((1 - any) / (1 - anySound));
        }
        double more = rules.value("cup.more-" + what);
        double moreSound = rules.value("cup.more-sound");
        return Math.log(any / anySound) + (n - 1) * Math.log(more / moreSound) + Math.log((1 - more) / (1 - moreSound));
    }

    private double chance() {
        return 1 / rules.value("cup.vocabulary");
    }

    /** How likely the next word of a faulty cup is this one. */
    private double likelihood(String word, List<Cause> causes) {
        double noise = causes.isEmpty() ? 1 : rules.value("cup.noise");
        return (1 - noise) * own(word, causes) + noise * chance();
    }

    private double own(String word, List<Cause> causes) {
        return causes.stream()
                .mapToDouble(c -> table.words(c).getOrDefault(word, 0.0) / shares.getOrDefault(c, 1.0))
                .average()
                .orElse(0);
    }

    /** A word that one of many cuppers found counts less than one that all found. */
    private double counts(CupFacts cup, Found f) {
        double one = rules.value("cup.one-of-many");
        return cup.sheets() == 1
                ? 1
                : one + (rules.value("cup.all-of-many") - one) * (f.sheets() - 1) / (cup.sheets() - 1);
    }
}
