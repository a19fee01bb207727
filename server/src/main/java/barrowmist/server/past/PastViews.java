package barrowmist.server.past;

import barrowmist.core.trace.Cause;
import barrowmist.core.trace.OverTime;
import barrowmist.core.trace.Together;
import barrowmist.server.trace.TraceRow;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What came before, on the wire. */
final class PastViews {

    private PastViews() {}

    /** A roast whose curve is like another, from 0 for nothing alike to 1, with what came of it. */
    record LikeRoast(double likeness, TraceRow roast) {}

    /** So many cups come from this. */
    record CauseCount(String cause, String label, int cups) {}

    record OverTimeView(List<OverTime.Group> groups, List<OverTime.Trend> trends) {}

    /** A word of a fault, in so many of them. */
    record SharedWord(String word, int in) {}

    /**
     * Several cups at once.
     *
     * @param of so many were cupped
     * @param says what follows for the lot or the table, a sentence; left out where nothing does
     */
    record TogetherView(
            List<TraceRow> roasts,
            List<SharedWord> words,
            List<CauseCount> causes,
            int of,
            @Nullable String says) {

        static TogetherView of(
                List<TraceRow> roasts,
                List<Together.Shared<String>> words,
                List<Together.Shared<Cause>> causes,
                int of,
                Optional<String> says) {
            return new TogetherView(
                    roasts,
                    words.stream().map(w -> new SharedWord(w.what(), w.in())).toList(),
                    causes.stream()
                            .map(c -> new CauseCount(c.what().code(), c.what().label(), c.in()))
                            .toList(),
                    of,
                    says.orElse(null));
        }
    }
}
