package barrowmist.core.trace;

import barrowmist.core.trace.CupFacts.Found;
import barrowmist.core.trace.CupWords.Part;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** What it adds how many cuppers found a fault, and in how many of the cups. */
final class CupAgreement {

    private final TraceRules rules;

    CupAgreement(TraceRules rules) {
        this.rules = rules;
    }

    /** A slip of the tongue is one cupper's; where each found a word of their own there is no telling. */
    Optional<Part> agreed(CupFacts cup, Map<String, Found> found) {
        int most = found.values().stream().mapToInt(Found::sheets).max().orElse(0);
        if (cup.sheets() == 1 || most == 1 && found.size() > 1) {
            return Optional.empty();
        }
        double sound = rules.value("cup.lone-sound");
        double faulty = rules.value("cup.lone-faulty");
        return Optional.of(
                most == 1
                        ? new Part(Math.log(faulty / sound), "one cupper found it, the others did not", List.of())
                        : new Part(Math.log((1 - faulty) / (1 - sound)), "more than one cupper found it", List.of()));
    }

    /** In how many of the cups: of the words that are the cause's own where there are such. */
    Optional<Part> extent(
            CupFacts cup, Map<String, Found> found, List<Cause> causes, ToDoubleFunction<String> likelihood) {
        if (causes.isEmpty() || cup.cups() == cup.sheets()) {
            return Optional.empty();
        }
        double weight = 0;
        double sum = 0;
        for (Map.Entry<String, Found> word : found.entrySet()) {
            double w = likelihood.applyAsDouble(word.getKey());
            weight += w;
            sum += w * word.getValue().share();
        }
        double share = sum / weight;
        double few = rules.value("cup.few-share");
        double all = Math.max(0, Math.min(1, (share - few) / (rules.value("cup.all-share") - few)));
        double p = causes.stream().mapToDouble(this::inAll).average().orElse(0.5);
        double value = Math.log((all * p + (1 - all) * (1 - p)) / 0.5);
        return Optional.of(new Part(value, CupSentence.extent(all, causes.get(0).cups()), List.of()));
    }

    private double inAll(Cause cause) {
        return rules.value(
                switch (cause.cups()) {
                    case ALL -> "cup.all";
                    case FEW -> "cup.all-few";
                    case EITHER -> "cup.all-either";
                });
    }
}
