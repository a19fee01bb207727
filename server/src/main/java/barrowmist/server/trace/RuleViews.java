package barrowmist.server.trace;

import barrowmist.core.trace.TraceRules.Change;
import barrowmist.core.trace.TraceRules.Rule;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The rules of the trace on the wire. */
public final class RuleViews {

    private RuleViews() {}

    /** All rules, and what was made of them, the newest change first. */
    public record RulesView(int version, List<RuleView> rules, List<RuleChangeView> history) {}

    /**
     * One rule.
     *
     * @param text what it says, in words
     * @param from where a lab begins
     */
    public record RuleView(
            String name,
            String text,
            String station,
            double value,
            String unit,
            String standing,
            String source,
            double from) {
        static RuleView of(Rule r) {
            String standing = r.standing().label();
            return new RuleView(
                    r.name(),
                    r.text(),
                    r.station(),
                    r.value(),
                    r.unit(),
                    standing,
                    r.source().orElse("Barrowmist"),
                    r.begins());
        }
    }

    /** A rule that was changed, by whom, when and why. */
    public record RuleChangeView(int version, String name, double value, String reason, String by, Instant at) {
        static RuleChangeView of(RuleChangeEntity c) {
            return new RuleChangeView(c.version(), c.name(), c.value(), c.reason(), c.changedBy(), c.changedAt());
        }
    }

    /** Rules to be changed; {@code version} is the one they were made from. */
    public record RulesEntry(
            @Nullable Long version,

            @Schema(example = "Our washed lots crack sharper.") @Nullable
            String reason,

            @Nullable List<Change> changes) {}

    /**
     * What changed rules would make of past findings.
     *
     * @param looked at so many cupped roasts, the newest; 0 where the changes concern no cup
     * @param changed those that would be told otherwise
     * @param judged so many of them have a verdict of the lead
     * @param agreeBefore so many of these agree with what is said now
     * @param agreeAfter and with what would be said
     * @param proposals of the newest lots, those for which something else would be proposed
     */
    public record RulesWhatIf(
            int looked,
            List<ChangedFinding> changed,
            int judged,
            int agreeBefore,
            int agreeAfter,
            List<ChangedProposal> proposals) {}

    /** A lot for which something else would be proposed, in words. */
    public record ChangedProposal(long lotId, String lotName, String before, String after) {}

    /** A roast that would be told otherwise: the cause that the cup is said to have, or {@code none}. */
    public record ChangedFinding(long roastId, String lotName, int number, String before, String after) {}
}
