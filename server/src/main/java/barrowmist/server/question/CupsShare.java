package barrowmist.server.question;

import barrowmist.core.trace.Cause;
import barrowmist.core.trace.CupMetric;
import barrowmist.core.trace.Pattern;
import barrowmist.core.trace.Pattern.Standing;
import barrowmist.server.machine.MachineService;
import barrowmist.server.machine.MachineView;
import barrowmist.server.question.QuestionViews.AnswerBar;
import barrowmist.server.question.QuestionViews.AnswerRow;
import barrowmist.server.question.QuestionViews.AnswerView;
import barrowmist.server.question.QuestionViews.Asked;
import barrowmist.server.trace.PatternService;
import barrowmist.server.web.InputProblems;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** What the cups that are called so share, on each roaster. */
@Component
class CupsShare implements Question {

    private final PatternService patterns;
    private final MachineService machines;

    CupsShare(PatternService patterns, MachineService machines) {
        this.patterns = patterns;
        this.machines = machines;
    }

    @Override
    public String id() {
        return "cups-share";
    }

    @Override
    public String text() {
        return "What do cups that are called so share?";
    }

    @Override
    public List<String> filters() {
        return List.of("machineId", "cause");
    }

    @Override
    public AnswerView answer(Asked asked) {
        Cause cause = asked.cause() == null
                ? Cause.BAKED
                : Cause.parse(asked.cause())
                        .orElseThrow(() -> new InputProblems(
                                "cause", "cause is " + asked.cause() + ", which is none of the trace's"));
        List<AnswerRow> rows = new ArrayList<>();
        List<AnswerBar> bars = new ArrayList<>();
        List<String> said = new ArrayList<>();
        int called = 0;
        int cupped = 0;
        for (MachineView m : machines.list()) {
            if (asked.machineId() != null && m.id() != asked.machineId()) {
                continue;
            }
            List<Pattern> all = patterns.of(m.id(), cause);
            called += all.stream().mapToInt(Pattern::called).max().orElse(0);
            cupped += all.stream().mapToInt(Pattern::n).max().orElse(0);
            for (Pattern p : all) {
                if (p.standing() != Standing.NOT_YET) {
                    said.add(sentence(p) + " on " + m.name());
                    rows.add(row(m, p, cause));
                    bars.add(new AnswerBar(
                            name(p) + ", " + m.name(), p.auc(), String.format(Locale.ROOT, "%.2f", p.auc())));
                }
            }
        }
        return new AnswerView(
                id(),
                "What do cups called " + cause.label() + " share?",
                said.isEmpty() ? "Nothing yet that could be told from chance." : String.join("; ", said) + ".",
                "From %d cups called %s of %d that were cupped; corrected for having looked at many figures."
                        .formatted(called, cause.label(), cupped),
                List.of("Roaster", "Figure", "Called so", "Threshold", "95 %", "Area under the curve", "Standing"),
                rows,
                bars);
    }

    private static String name(Pattern p) {
        return CupMetric.parse(p.metric()).map(CupMetric::label).orElse(p.metric());
    }

    private static String side(Pattern p) {
        String unit = CupMetric.parse(p.metric()).map(CupMetric::unit).orElse("");
        return String.format(Locale.ROOT, "%s %.1f %s", p.above() ? "above" : "below", p.threshold(), unit)
                .strip();
    }

    private static String sentence(Pattern p) {
        return name(p) + " " + side(p) + " (" + p.standing().code() + ")";
    }

    private static AnswerRow row(MachineView m, Pattern p, Cause cause) {
        return new AnswerRow(
                "/trace/patterns?machine=" + m.id() + "&cause=" + cause.code(),
                List.of(
                        m.name(),
                        name(p),
                        p.called() + " of " + p.n(),
                        side(p),
                        String.format(Locale.ROOT, "%.1f to %.1f", p.lower(), p.upper()),
                        String.format(Locale.ROOT, "%.2f", p.auc()),
                        p.standing().code()));
    }
}
