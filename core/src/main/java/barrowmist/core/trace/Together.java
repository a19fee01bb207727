package barrowmist.core.trace;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Several cups at once: the roasts of a lot, or the samples of a table, and whether they share what is wrong. Pure. */
public final class Together {

    /** Of fewer nothing is said together. */
    private static final int FEWEST = 2;

    /** A table is suspected from so many samples on. */
    private static final int FEWEST_OF_A_TABLE = 3;

    private final TraceRules rules;
    private final CupWords words;

    public Together(TraceRules rules) {
        this.rules = rules;
        this.words = new CupWords(rules, new CauseTable(rules));
    }

    /**
     * A roast, or a sample of a table.
     *
     * @param cause what its cup is said to come from; empty for nothing
     */
    public record Cupped(CupFacts cup, Optional<Cause> cause) {}

    /** So many of them have it. */
    public record Shared<T>(T what, int in) {}

    /** Words of faults, those of most cups first. */
    public List<Shared<String>> words(List<Cupped> all) {
        return shared(all, c -> words.found(c.cup).keySet());
    }

    /** What they are said to come from, the most frequent first. */
    public List<Shared<Cause>> causes(List<Cupped> all) {
        return shared(all, c -> c.cause.stream().toList());
    }

    private static <T> List<Shared<T>> shared(List<Cupped> all, Function<Cupped, ? extends Collection<T>> of) {
        Map<T, Integer> in = new LinkedHashMap<>();
        all.forEach(c -> of.apply(c).forEach(what -> in.merge(what, 1, Integer::sum)));
        List<Shared<T>> out = new ArrayList<>();
        in.forEach((what, n) -> out.add(new Shared<>(what, n)));
        out.sort(Comparator.comparingInt((Shared<T> s) -> s.in).reversed());
        return List.copyOf(out);
    }

    /** Whether it is the lot or one roast of it, a sentence; empty where nothing is wrong or there is one roast alone. */
    public Optional<String> ofLot(List<Cupped> all) {
        int of = all.size();
        return causes(all).stream().findFirst().filter(s -> of >= FEWEST).map(s -> {
            String what = "%s in %d of %d cupped roasts: ".formatted(s.what.label(), s.in, of);
            if (s.in >= FEWEST && (double) s.in / of >= rules.value("sign.whole-lot.line")) {
                return what + "it goes with the lot, or with how it is always roasted.";
            }
            return what + (s.in == 1 ? "that roast, and not the lot." : "some of its roasts, and not the lot.");
        });
    }

    /** Whether the table itself is to be suspected, a sentence; empty where its samples share no fault. */
    public Optional<String> ofTable(List<Cupped> all) {
        int of = all.size();
        return words(all).stream()
                .findFirst()
                .filter(s -> of >= FEWEST_OF_A_TABLE && (double) s.in / of >= rules.value("sign.others-too.line"))
                .map(s -> "%s in %d of %d samples: look at water, dose and grinder before any roast."
                        .formatted(s.what, s.in, of));
    }
}
