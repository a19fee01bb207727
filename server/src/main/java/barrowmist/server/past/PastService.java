package barrowmist.server.past;

import barrowmist.core.roast.RoastFigures;
import barrowmist.core.trace.CurveLikeness;
import barrowmist.core.trace.Finding;
import barrowmist.core.trace.OverTime;
import barrowmist.core.trace.OverTime.Seen;
import barrowmist.server.past.PastRepository.PastRoast;
import barrowmist.server.past.PastViews.LikeRoast;
import barrowmist.server.past.PastViews.OverTimeView;
import barrowmist.server.roast.MachineHistory;
import barrowmist.server.roast.RoastService;
import barrowmist.server.trace.KeptFindings;
import barrowmist.server.trace.TraceRow;
import barrowmist.server.web.InputProblems;
import java.time.Clock;
import java.time.YearMonth;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Looks through what was cupped. */
@Service
@Transactional(readOnly = true)
public class PastService {

    /** So many of the newest cupped roasts are looked through. */
    private static final int LOOKED_AT = 5000;

    /** Of these so many, nearest by their figures, the curves are read. */
    private static final int READ = 40;

    private static final int TOLD = 8;

    private static final List<String> SPOKEN = Finding.Standing.codesTheCupSpeaksFor();

    private final PastRepository past;
    private final MachineHistory history;
    private final RoastService roasts;
    private final KeptFindings findings;
    private final Clock clock;

    PastService(PastRepository past, MachineHistory history, RoastService roasts, KeptFindings findings, Clock clock) {
        this.past = past;
        this.history = history;
        this.roasts = roasts;
        this.findings = findings;
        this.clock = clock;
    }

    /** Cupped roasts whose curve is most like this one, and what came of them; the most like first. */
    List<LikeRoast> like(long roastId) {
        var here = roasts.analyzed(roastId).analysis();
        Optional<double[]> shape = CurveLikeness.shape(here);
        if (shape.isEmpty()) {
            return List.of();
        }
        Map<Long, Double> like = new LinkedHashMap<>();
        for (long id : nearest(roastId, here.figures())) {
            CurveLikeness.shape(roasts.analyzed(id).analysis())
                    .ifPresent(other -> like.put(id, CurveLikeness.of(shape.get(), other)));
        }
        Map<Long, TraceRow> rows =
                findings.of(like.keySet()).stream().collect(Collectors.toMap(TraceRow::roastId, Function.identity()));
        return like.entrySet().stream()
                .filter(e -> rows.containsKey(e.getKey()))
                .sorted(Map.Entry.<Long, Double>comparingByValue().reversed())
                .limit(TOLD)
                .map(e -> new LikeRoast(e.getValue(), Objects.requireNonNull(rows.get(e.getKey()))))
                .toList();
    }

    /** Those whose phases and rates are nearest. */
    private List<Long> nearest(long roastId, RoastFigures here) {
        List<Long> ids = past.newest(SPOKEN, PageRequest.of(0, LOOKED_AT)).stream()
                .map(PastRoast::roastId)
                .filter(id -> id != roastId)
                .toList();
        Map<Long, RoastFigures> figures = history.figures(ids);
        return figures.entrySet().stream()
                .sorted(Comparator.comparingDouble(e -> Likeness.apart(here, e.getValue())))
                .limit(READ)
                .map(Map.Entry::getKey)
                .toList();
    }

    /**
     * How often each cause was found.
     *
     * @param by machine, process, supplier, person or month
     */
    OverTimeView overTime(String by) {
        Function<PastRoast, String> of = switch (by) {
            case "machine" -> PastRoast::machine;
            case "process" -> r -> r.process().label();
            case "supplier" -> PastRoast::supplier;
            case "person" -> r -> Objects.requireNonNullElse(r.person(), "nobody said");
            case "month" ->
                r -> YearMonth.from(r.roastedAt().atZone(clock.getZone())).toString();
            default ->
                throw new InputProblems("by", "by is " + by + ", expected machine, process, supplier, person or month");
        };
        List<Seen> seen = new ArrayList<>();
        for (PastRoast r : past.newest(SPOKEN, PageRequest.of(0, LOOKED_AT))) {
            Optional<String> cause = Optional.ofNullable(r.cause()).filter(c -> !c.equals("none"));
            seen.add(new Seen(of.apply(r), cause, r.roastedAt()));
        }
        return new OverTimeView(OverTime.groups(seen), OverTime.trends(seen));
    }
}
