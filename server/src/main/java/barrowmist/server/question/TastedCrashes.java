package barrowmist.server.question;

import barrowmist.core.check.ShareInterval;
import barrowmist.core.trace.Cause;
import barrowmist.server.question.QuestionRepository.Faulty;
import barrowmist.server.question.QuestionViews.AnswerRow;
import barrowmist.server.question.QuestionViews.AnswerView;
import barrowmist.server.question.QuestionViews.Asked;
import java.time.Clock;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import org.springframework.stereotype.Component;

/** Which crashes were tasted: of those that were cupped, how many are held to be baked. */
@Component
class TastedCrashes implements Question {

    private final QuestionRepository roasts;
    private final Clock clock;

    TastedCrashes(QuestionRepository roasts, Clock clock) {
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
        List<Faulty> all = roasts
                .withFault(
                        "%crash%",
                        asked.from().atStartOfDay(zone).toInstant(),
                        asked.to().plusDays(1).atStartOfDay(zone).toInstant(),
                        asked.machineId())
                .stream()
                .filter(f -> asked.supplier() == null || f.supplier().equals(asked.supplier()))
                .filter(f -> asked.process() == null || f.process().label().equals(asked.process()))
                .filter(f -> asked.person() == null || Objects.equals(f.person(), asked.person()))
                .toList();
        List<Faulty> cupped = all.stream().filter(f -> f.score() != null).toList();
        int tasted = (int) cupped.stream().filter(TastedCrashes::baked).count();
        return new AnswerView(
                id(),
                text(),
                said(all.size(), cupped.size(), tasted),
                sure(tasted, cupped.size()),
                List.of("Roast", "Roasted", "Roaster", "Of the curve", "Score", "Held to be"),
                all.stream().map(f -> row(f, zone)).toList(),
                List.of());
    }

    private static boolean baked(Faulty f) {
        return Cause.BAKED.code().equals(f.cause());
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

    private static AnswerRow row(Faulty f, ZoneId zone) {
        return new AnswerRow(
                (f.score() == null ? "/roast/" : "/trace/") + f.roastId(),
                List.of(
                        f.lotName() + ", roast " + f.number(),
                        f.roastedAt().atZone(zone).toLocalDate().toString(),
                        f.machine(),
                        f.faults().replace(",", ", "),
                        f.score() == null ? "not cupped" : String.format(Locale.ROOT, "%.2f", f.score()),
                        f.cause() == null
                                ? ""
                                : Cause.parse(f.cause()).map(Cause::label).orElse(f.cause())));
    }
}
