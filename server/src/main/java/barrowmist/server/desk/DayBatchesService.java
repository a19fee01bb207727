package barrowmist.server.desk;

import barrowmist.core.desk.BatchDrift;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.Milestone;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.Series;
import barrowmist.core.units.Wording;
import barrowmist.server.desk.DayBatchViews.DayBatch;
import barrowmist.server.desk.DayBatchViews.DayBatches;
import barrowmist.server.roast.RoastEntity;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.web.Optionals;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The batches of today on one roaster, from the first to the last. */
@Service
class DayBatchesService {

    private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm");

    private final RoastLists roasts;
    private final Clock clock;

    DayBatchesService(RoastLists roasts, Clock clock) {
        this.roasts = roasts;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public DayBatches today(long machineId, Wording wording) {
        var midnight = LocalDate.now(clock).atStartOfDay(clock.getZone()).toInstant();
        List<RoastEntity> today = roasts.since(machineId, midnight);
        List<BatchDrift.Batch> figures = today.stream()
                .map(r -> new BatchDrift.Batch(
                        r.figures().turningPoint().map(Milestone::timeS),
                        r.figures().turningPoint().map(Milestone::beanC),
                        r.figures().environment().dropC().stream().boxed().findFirst()))
                .toList();
        return new DayBatches(
                today.stream().map(this::row).toList(), BatchDrift.of(figures).text(wording));
    }

    private DayBatch row(RoastEntity r) {
        RoastFigures f = r.figures();
        return new DayBatch(
                r.id(),
                r.planId(),
                r.lot().name(),
                HOUR.format(r.roastedAt().atZone(clock.getZone())),
                Optionals.orNull(f.chargeC()),
                environment(r),
                at(f.turningPoint()),
                at(f.dryEnd()),
                at(f.firstCrack()),
                Optionals.orNull(f.totalS()));
    }

    private static @Nullable Double at(Optional<Milestone> m) {
        return m.map(Milestone::timeS).orElse(null);
    }

    private static @Nullable Double environment(RoastEntity r) {
        Series environment = r.log().environmentC();
        double charge = r.events().timeS(EventKind.CHARGE).orElse(0);
        return environment.isEmpty() ? null : environment.interpolated(charge);
    }
}
