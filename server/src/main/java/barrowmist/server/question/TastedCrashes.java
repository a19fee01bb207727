package barrowmist.server.question;

import barrowmist.core.check.ShareInterval;
import barrowmist.core.cupping.CupUse;
import barrowmist.core.trace.Cause;
import barrowmist.server.cupping.CuppedSheets;
import barrowmist.server.question.QuestionRepository.Faulty;
import barrowmist.server.question.QuestionViews.AnswerRow;
import barrowmist.server.question.QuestionViews.AnswerView;
import barrowmist.server.question.QuestionViews.Asked;
import barrowmist.server.trace.SpokenCauses;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Component;

/** Which crashes were tasted: of those that were cupped, how many are held to be baked. */
@Component
class TastedCrashes implements Question {

    /** So many of the newest are answered for. */
    private static final int MOST = 500;

    private final QuestionRepository roasts;
    private final CuppedSheets sheets;
    private final SpokenCauses causes;
    private final Clock clock;

    TastedCrashes(QuestionRepository roasts, CuppedSheets sheets, SpokenCauses causes, Clock clock) {
        this.sheets = sheets;
        this.causes = causes;
        this.roasts = roasts;
        this.clock = clock;
    }

    @Override
    public String id() {
        return "tasted-crashes";
    }

    @Override
    public String text() {
        return "Which crashes were tasted?";
    }

    @Override
    public List<String> filters() {
        return List.of("from", "to", "machineId", "supplier", "process", "person");
    }

    @Override
    public AnswerView answer(Asked asked) {
        ZoneId zone = clock.getZone();
        List<Tasted> all = roasts
                .withFault(
                        "%crash%",
                        asked.from().atStartOfDay(zone).toInstant(),
                        asked.to().plusDays(1).atStartOfDay(zone).toInstant(),
                        asked.machineId(),
                        PageRequest.of(0, MOST))
                .stream()
                .filter(f -> asked.supplier() == null || f.supplier().equals(asked.supplier()))
                .filter(f -> asked.process() == null || f.process() == asked.process())
                .filter(f -> asked.person() == null || Objects.equals(f.person(), asked.person()))
                .map(this::tasted)
                .toList();
        List<Tasted> cupped = all.stream().filter(t -> t.score().isPresent()).toList();
        int tasted = (int) cupped.stream()
                .filter(t -> t.cause().filter(c -> c == Cause.BAKED).isPresent())
                .count();
        return new AnswerView(
                id(),
                text(),
                said(all.size(), cupped.size(), tasted),
                sure(tasted, cupped.size()),
                List.of("Roast", "Roasted", "Roaster", "Of the curve", "Score", "Held to be"),
                all.stream().map(t -> row(t, zone)).toList(),
                List.of());
    }

    /** Such a roast with what its cup says; without a score where it was not cupped, or its table is not revealed. */
    private record Tasted(Faulty roast, OptionalDouble score, Optional<Cause> cause) {}

    private Tasted tasted(Faulty f) {
        OptionalDouble score =
                sheets.ofRoast(f.roastId(), CupUse.OVER_TIME).scores().mean();
        return new Tasted(f, score, score.isPresent() ? causes.of(f.roastId()).cause() : Optional.empty());
    }

    private static String said(int all, int cupped, int tasted) {
        if (all == 0) {
            return "No roast of that time crashed.";
        }
        return "%d of %d that crashed were cupped; %d of those %s baked."
                .formatted(cupped, all, tasted, tasted == 1 ? "tastes" : "taste");
    }

    private static String sure(int tasted, int cupped) {
        if (cupped == 0) {
            return "Nothing can be said before one is cupped.";
        }
        ShareInterval i = ShareInterval.of(tasted, cupped);
        return String.format(
                Locale.ROOT,
                "Of crashes like these, between %.0f and %.0f %% would be tasted (95 %%, from %d).",
                100 * i.lower(),
                100 * i.upper(),
                cupped);
    }

    private static AnswerRow row(Tasted t, ZoneId zone) {
        Faulty f = t.roast();
        return new AnswerRow(
                (t.score().isEmpty() ? "/roast/" : "/trace/") + f.roastId(),
                List.of(
                        f.lotName() + ", roast " + f.number(),
                        f.roastedAt().atZone(zone).toLocalDate().toString(),
                        f.machine(),
                        f.faults().replace(",", ", "),
                        t.score().isEmpty()
                                ? "not cupped"
                                : String.format(Locale.ROOT, "%.2f", t.score().getAsDouble()),
                        t.cause().map(Cause::label).orElse("")));
    }
}
