package barrowmist.server.rest;

import barrowmist.core.check.Checks;
import barrowmist.core.green.Process;
import barrowmist.core.rest.Age;
import barrowmist.core.rest.Ageing;
import barrowmist.core.rest.Rest;
import barrowmist.core.rest.RestSchool;
import barrowmist.core.sample.BenchJudgement;
import barrowmist.server.rest.RestViews.AgeingEntry;
import barrowmist.server.rest.RestViews.AgeingView;
import barrowmist.server.rest.RestViews.ShelfItem;
import barrowmist.server.rest.RestViews.ShelfView;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.roast.RoastService;
import barrowmist.server.sample.BenchVerdicts;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Knows how far each sample has rested. */
@Service
@KeptInTurn
public class ShelfService {

    private static final Duration ON_THE_SHELF = Duration.ofDays(21);
    private static final double MILLIS_PER_HOUR = 3_600_000;
    private static final double HOURS_PER_DAY = 24;
    private static final int MOST_DAYS = 12;
    private static final int LATEST_DAY = 365;

    private final RoastService roasts;
    private final RoastLists roastLists;
    private final CuppedRoasts cuppings;
    private final BenchVerdicts verdicts;
    private final AgeingRepository studies;
    private final RestSettings settings;
    private final Clock clock;

    ShelfService(
            RoastService roasts,
            RoastLists roastLists,
            CuppedRoasts cuppings,
            BenchVerdicts verdicts,
            AgeingRepository studies,
            RestSettings settings,
            Clock clock) {
        this.roasts = roasts;
        this.roastLists = roastLists;
        this.cuppings = cuppings;
        this.verdicts = verdicts;
        this.studies = studies;
        this.settings = settings;
        this.clock = clock;
    }

    /** What an ageing study keeps of this roast, g; 0 without one. */
    @Transactional(readOnly = true)
    public double keptG(long roastId) {
        return studies.findById(roastId).map(AgeingEntity::keptG).orElse(0.0);
    }

    private Function<Process, RestSchool> schools(@Nullable RestSchool asked) {
        return asked == null ? settings.schools() : process -> asked;
    }

    void keepSchool(@Nullable RestSchool school, @Nullable Process process) {
        settings.keep(school, process);
    }

    @Transactional(readOnly = true)
    public ShelfView shelf(@Nullable RestSchool asked) {
        Function<Process, RestSchool> schools = schools(asked);
        RestSettings.KeptSchools kept = settings.kept();
        Instant now = clock.instant();
        List<RoastEntity> all = roastLists.since(now.minus(ON_THE_SHELF));
        Set<Long> ids = all.stream().map(RoastEntity::id).collect(Collectors.toSet());
        Set<Long> cupped = cuppings.cupped(ids);
        List<RoastEntity> lying =
                all.stream().filter(r -> !cupped.contains(r.id())).toList();
        Map<Long, BenchJudgement.Verdict> fit = verdicts.of(lying);
        List<ShelfItem> items = lying.stream()
                .sorted(Comparator.comparing((RoastEntity r) -> rest(r, schools, now), Rest.TABLE))
                .map(r -> item(r, schools, now, Objects.requireNonNull(fit.get(r.id()))))
                .toList();
        List<AgeingView> ageing = studies.findAll().stream()
                .map(s -> view(s, ids.contains(s.roastId()) ? find(all, s.roastId()) : roasts.get(s.roastId())))
                .toList();
        return new ShelfView(asked == null ? kept.school() : asked, kept.own(), Age.told(), now, items, ageing);
    }

    private static RoastEntity find(List<RoastEntity> all, long id) {
        return all.stream().filter(r -> r.id() == id).findFirst().orElseThrow();
    }

    private static Rest rest(RoastEntity r, Function<Process, RestSchool> schools, Instant now) {
        return Rest.of(schools.apply(r.lot().process()), r.lot().process(), Rest.ageH(r.droppedAt(), now));
    }

    private static ShelfItem item(
            RoastEntity r, Function<Process, RestSchool> schools, Instant now, BenchJudgement.Verdict verdict) {
        Rest rest = rest(r, schools, now);
        return new ShelfItem(
                r.id(),
                r.lot().name(),
                r.numberInLot(),
                r.lot().process(),
                r.droppedAt(),
                rest.state(),
                after(now, rest.opensInH()),
                after(now, rest.bestInH()),
                after(now, rest.closesInH()),
                rest.ageH(),
                verdict,
                false);
    }

    private static Instant after(Instant now, double hours) {
        return now.plusMillis(Math.round(hours * MILLIS_PER_HOUR));
    }

    AgeingView study(long roastId, AgeingEntry entry) {
        RoastEntity roast = roasts.get(roastId);
        double keptG = entry.keptG() == null ? Ageing.USUAL_KEPT_G : entry.keptG();
        List<Integer> days = entry.days() == null ? Ageing.USUAL_DAYS : entry.days();
        Checks checks = new Checks().range("keptG", "Kept back", keptG, 5, 5000, "g");
        if (days.isEmpty()
                || days.size() > MOST_DAYS
                || days.stream().anyMatch(d -> d == null || d < 1 || d > LATEST_DAY)) {
            checks.add("days", "Name 1 to " + MOST_DAYS + " days after the roast, each from 1 to " + LATEST_DAY);
        }
        InputProblems.refuseIfAny(checks.problems());
        AgeingEntity study = studies.findById(roastId).orElseGet(() -> new AgeingEntity(roastId));
        Conflict.ifStale(entry.version(), study.version(), "ageing study");
        study.keep(keptG, days);
        return view(studies.saveAndFlush(study), roast);
    }

    void endStudy(long roastId) {
        studies.deleteById(roastId);
    }

    private AgeingView view(AgeingEntity study, RoastEntity roast) {
        Instant dropped = roast.droppedAt();
        List<Ageing.Point> points = cuppings.scores(roast.id()).stream()
                .map(s -> new Ageing.Point(days(dropped, s.cuppedAt()), s.score()))
                .toList();
        Ageing ageing = new Ageing(points);
        var due = ageing.nextDue(study.days());
        return new AgeingView(
                roast.id(),
                roast.lot().name(),
                roast.numberInLot(),
                study.keptG(),
                study.days(),
                ageing.points(),
                due.isPresent() ? dropped.atZone(clock.getZone()).toLocalDate().plusDays(due.getAsInt()) : null,
                ageing.text(),
                study.version());
    }

    private static double days(Instant dropped, Instant cuppedAt) {
        return Rest.ageH(dropped, cuppedAt) / HOURS_PER_DAY;
    }
}
