package barrowmist.server.cupping;

import barrowmist.core.cupping.CupCounting;
import barrowmist.core.cupping.CupCounting.Answer;
import barrowmist.core.cupping.CupUse;
import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.FormScores;
import barrowmist.server.roast.RoastLists;
import barrowmist.server.roast.RoastLists.CuppedRoast;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The cups that a roast is traced by. */
@Service
@Transactional(readOnly = true)
public class TracedCups {

    private final CuppedSheets sheets;
    private final SheetRepository repository;
    private final RoastLists roasts;

    TracedCups(CuppedSheets sheets, SheetRepository repository, RoastLists roasts) {
        this.sheets = sheets;
        this.repository = repository;
        this.roasts = roasts;
    }

    /**
     * What was cupped of one roast for its trace.
     *
     * @param acidity how much of it was marked, mean share of its scale
     * @param cuppedAt when it was first on a table that counts
     * @param counts for what else a trace by these sheets counts
     * @param leftOut why others are told apart or not used, a line each
     */
    public record Cupped(
            List<CuppingSheet> sheets,
            OptionalDouble acidity,
            Instant cuppedAt,
            Set<CupUse> counts,
            List<String> leftOut) {

        public FormScores scores() {
            return FormScores.of(sheets);
        }
    }

    /**
     * What a roast is traced by: sheets that count. Where all of them were cupped too young or long after, those of the first
     * table speak, with the age that they have.
     */
    public Cupped of(long roastId) {
        CupReading all = sheets.ofRoast(roastId, CupUse.TRACE);
        List<ToldSheet> used = all.counted();
        List<String> leftOut = all.leftOut();
        if (used.isEmpty() && !all.apart().isEmpty()) {
            ToldSheet first = Objects.requireNonNull(all.apart().stream()
                    .min(Comparator.comparing(ToldSheet::cuppedAt))
                    .orElse(null));
            used = all.apart().stream()
                    .filter(s -> s.cuppingId() == first.cuppingId())
                    .toList();
            leftOut = used.size() == all.apart().size() ? List.of() : leftOut;
        }
        Instant at =
                used.stream().map(ToldSheet::cuppedAt).min(Instant::compareTo).orElse(Instant.MAX);
        return new Cupped(
                used.stream().map(ToldSheet::sheet).toList(),
                ToldSheet.marked(used, "acidity"),
                at,
                counts(used),
                leftOut);
    }

    /** For what else a trace by these sheets counts: where at least one of them does. */
    private static Set<CupUse> counts(List<ToldSheet> used) {
        return Set.of(CupUse.values()).stream()
                .filter(u -> used.stream().anyMatch(s -> CupCounting.of(s.traits(), u) == Answer.YES))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** What was cupped of those roasts of a lot that were made nearest to another one, that one left out; for its trace. */
    public Map<Long, List<CuppingSheet>> cuppedNear(long lotId, long roastId, Instant roastedAt, int most) {
        List<Long> near = roasts.cupped(repository.cuppedOfLot(lotId)).stream()
                .filter(r -> r.id() != roastId)
                .sorted(Comparator.comparing((CuppedRoast r) ->
                                Duration.between(roastedAt, r.roastedAt()).abs())
                        .thenComparing(CuppedRoast::id))
                .limit(most)
                .map(CuppedRoast::id)
                .toList();
        Map<Long, List<CuppingSheet>> out = new LinkedHashMap<>();
        sheets.ofRoasts(near, CupUse.TRACE)
                .byRoast()
                .forEach((id, of) ->
                        out.put(id, of.stream().map(ToldSheet::sheet).toList()));
        return out;
    }
}
