package barrowmist.server.roast;

import barrowmist.core.check.Coded;
import barrowmist.core.green.Process;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.roast.RoastKind;
import barrowmist.server.green.LotService;
import barrowmist.server.machine.MachineService;
import barrowmist.server.web.Pages;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Finds roasts: lists, pages and stretches of time. Those that are excluded are in none but the search. */
@Service
@Transactional(readOnly = true)
public class RoastLists {

    private static final int LARGEST_PAGE = 200;

    private final RoastRepository roasts;
    private final LotService lots;
    private final MachineService machines;
    private final Clock clock;

    RoastLists(RoastRepository roasts, LotService lots, MachineService machines, Clock clock) {
        this.roasts = roasts;
        this.lots = lots;
        this.machines = machines;
        this.clock = clock;
    }

    /** A roast by its name, and how many marks it lacks. */
    public record Begun(long id, String lotName, int number, int missingMarks) {
        public String name() {
            return lotName + ", roast " + number;
        }
    }

    /** What was roasted since a moment, oldest first. */
    public List<Begun> begun(Instant since) {
        return roasts.begun(since);
    }

    /** A page of roasts, newest first. */
    public record RoastPage(List<RoastView> roasts, long total, int page, int size) {}

    private final RoastSearch.Names names = new RoastSearch.Names() {
        @Override
        public List<Long> lots(String word) {
            return lots.withWord(word);
        }

        @Override
        public List<Long> machines(String word) {
            return machines.withWord(word);
        }
    };

    RoastPage search(RoastSearch sought, int page, int size) {
        PageRequest at = Pages.of(page, size, LARGEST_PAGE).withSort(sought.order());
        var found = roasts.findAll(sought.specification(clock.getZone(), names), at);
        return new RoastPage(
                found.getContent().stream().map(RoastView::of).toList(),
                found.getTotalElements(),
                found.getNumber(),
                at.getPageSize());
    }

    /** Batches of a roaster since a moment, oldest first; without warm-ups and pulls. */
    public List<RoastEntity> since(long machineId, Instant since) {
        return roasts
                .findAllByMachineIdAndRoastedAtGreaterThanEqualAndDiscardedReasonIsNullOrderByRoastedAt(
                        machineId, since)
                .stream()
                .filter(r -> r.kind().teaches())
                .toList();
    }

    /** All sample roasts since a moment that may be tasted, oldest first. */
    public List<RoastEntity> since(Instant since) {
        return roasts.findAllByRoastedAtGreaterThanEqualAndDiscardedReasonIsNullOrderByRoastedAt(since).stream()
                .filter(r -> r.kind().isTasted() && !r.production())
                .toList();
    }

    /** All batches from a moment on and before another, oldest first; without warm-ups and pulls. */
    public List<RoastEntity> between(Instant from, Instant before) {
        return roasts
                .findAllByRoastedAtGreaterThanEqualAndRoastedAtLessThanAndDiscardedReasonIsNullOrderByRoastedAt(
                        from, before)
                .stream()
                .filter(r -> r.kind().teaches())
                .toList();
    }

    /** The roasts of these ids that are there. */
    public List<RoastEntity> all(Collection<Long> ids) {
        return roasts.findAllByIdIn(ids);
    }

    /** Roasts of a lot that may be tasted, in the order of their numbers. */
    public List<RoastEntity> tastedOfLot(long lotId) {
        return roasts.findAllByLotIdAndDiscardedReasonIsNullOrderByNumberInLot(lotId).stream()
                .filter(r -> r.kind().isTasted())
                .toList();
    }

    /** Roasts that followed a plan, oldest first. */
    public List<RoastEntity> ofPlan(long planId) {
        return roasts.findAllByPlanIdAndKindIsNullAndDiscardedReasonIsNullOrderByRoastedAt(planId);
    }

    /** What is known of a cupped roast beside its cup, without its readings. */
    public record CuppedRoast(
            long id,
            @Nullable String kindCode,
            boolean production,
            Instant roastedAt,
            @Nullable StoredFigures stored,
            Process process,
            @Nullable LocalDate reworkedOn) {

        public RoastKind kind() {
            return Coded.find(RoastKind.class, kindCode).orElse(RoastKind.BATCH);
        }

        /** When it was dropped: from here on it rests. */
        public Instant droppedAt() {
            double totalS = stored == null ? 0 : stored.figures().totalS().orElse(0);
            return roastedAt.plusMillis(Math.round(1000 * totalS));
        }
    }

    /** What was roasted on a day. */
    public List<RoastEntity> onDay(LocalDate day, ZoneId zone) {
        return between(
                day.atStartOfDay(zone).toInstant(),
                day.plusDays(1).atStartOfDay(zone).toInstant());
    }

    /** The cupped roasts of these ids. */
    public List<CuppedRoast> cupped(Collection<Long> ids) {
        return ids.isEmpty() ? List.of() : roasts.cupped(ids);
    }

    /** A batch that followed a plan, without its readings. */
    public record Followed(
            long roastId,
            Instant roastedAt,
            int number,
            long lotId,
            String lotName,
            @Nullable String roastedBy,
            @Nullable StoredFigures stored) {

        public RoastFigures figures() {
            return stored == null ? RoastFigures.NONE : stored.figures();
        }

        public String title() {
            return lotName + ", roast " + number;
        }
    }

    /** What followed a plan, oldest first; without warm-ups and pulls, thousands at once. */
    public List<Followed> followed(long planId) {
        return roasts.followed(planId);
    }

    /** What the desk kept of the newest roasts of a roaster. */
    public List<DeskRecord> deskRecords(long machineId) {
        return roasts.deskRecords(machineId).stream()
                .map(RoastRecord.DESK::read)
                .toList();
    }

    /** The newest roasts that count; the list for choosing from. */
    public List<RoastView> list() {
        return roasts.findTop500ByDiscardedReasonIsNullOrderByRoastedAtDescIdDesc().stream()
                .map(RoastView::of)
                .toList();
    }

    List<RoastView> ofLot(long lotId) {
        lots.get(lotId);
        return roasts.findAllByLotIdAndDiscardedReasonIsNullOrderByNumberInLot(lotId).stream()
                .map(RoastView::of)
                .toList();
    }
}
