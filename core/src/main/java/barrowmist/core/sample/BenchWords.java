package barrowmist.core.sample;

import barrowmist.core.sample.BenchJudgement.Check;
import barrowmist.core.sample.BenchJudgement.Standing;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** What a bench says, in sentences. */
final class BenchWords {

    private BenchWords() {}

    static String of(BenchJudgement j) {
        String ofTheGreen = outside(j, true);
        return roastText(j)
                + (ofTheGreen.isEmpty()
                        ? ""
                        : " Of the green coffee: " + ofTheGreen
                                + ". Another roast will not change that: take it up with the lot.");
    }

    private static String outside(BenchJudgement j, boolean green) {
        return j.checks().stream()
                .filter(c -> c.standing() == Standing.OUTSIDE && c.green() == green)
                .map(Check::words)
                .collect(Collectors.joining("; "));
    }

    private static String roastText(BenchJudgement j) {
        List<String> open = j.checks().stream()
                .filter(c -> c.standing() == Standing.NOT_MEASURED)
                .map(Check::label)
                .toList();
        return switch (j.verdict()) {
            case FIT -> "All that is asked of the roast is inside its limits.";
            case ROAST_AGAIN -> sentence(outside(j, false));
            case MEASURE -> "Still to be measured: " + String.join(", ", open) + ".";
        };
    }

    private static String sentence(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + ".";
    }
}
