package barrowmist.server.cupping;

import barrowmist.core.cupping.CuppingSheet;
import barrowmist.core.cupping.Drink.Serving;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.cupping.SheetRepository.CuppedAtTime;
import barrowmist.server.rest.CuppedRoasts;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was cupped: sheets by roast, for those who read them. */
@Service
@Transactional(readOnly = true)
public class CuppedSheets implements CuppedRoasts {

    private static final int LISTED = 500;

    private final SheetRepository sheets;
    private final HouseService house;
    private final LabVocabulary words;
    private final ToldTables tables;

    CuppedSheets(SheetRepository sheets, HouseService house, LabVocabulary words, ToldTables tables) {
        this.tables = tables;
        this.sheets = sheets;
        this.house = house;
        this.words = words;
    }

    /** What was cupped of one roast: its sheets, and when it was first on the table. */
    public record Cupped(List<CuppingSheet> sheets, Instant cuppedAt) {}

    /** Which of these roasts have a sheet. */
    @Override
    public Set<Long> cupped(Collection<Long> roastIds) {
        return sheets.cupped(roastIds);
    }

    /** Sheets that were begun and not finished, of roasts that count; the newest first. */
    public List<SheetView> halfFilled() {
        return sheets.halfFilled(PageRequest.of(0, LISTED)).stream()
                .map(s -> SheetView.of(s, house.lines()))
                .toList();
    }

    /** What was cupped of one roast; only finished sheets speak. */
    public Cupped cupped(long roastId) {
        return speaking(sheets.toldOfRoast(roastId));
    }

    /** The same of every roast of a lot, by its number; one that was not cupped is not there. */
    public Map<Long, List<CuppingSheet>> cuppedOfLot(long lotId) {
        return byRoast(sheets.toldOfLot(lotId));
    }

    /** The same of those of its roasts that were made nearest to another one, that one left out. */
    public Map<Long, List<CuppingSheet>> cuppedNear(long lotId, long roastId, Instant roastedAt, int most) {
        List<Long> near = sheets.cuppedOfLot(lotId).stream()
                .filter(r -> r.getId() != roastId)
                .sorted(Comparator.comparing((CuppedAtTime r) ->
                                Duration.between(roastedAt, r.getRoastedAt()).abs())
                        .thenComparing(CuppedAtTime::getId))
                .limit(most)
                .map(CuppedAtTime::getId)
                .toList();
        return byRoast(sheets.toldOfRoasts(near));
    }

    private Map<Long, List<CuppingSheet>> byRoast(List<SheetEntity> told) {
        Map<Long, List<SheetEntity>> byRoast = told.stream()
                .filter(s -> s.roastId() != null)
                .collect(Collectors.groupingBy(
                        s -> Objects.requireNonNull(s.roastId()), LinkedHashMap::new, Collectors.toList()));
        Map<Long, List<CuppingSheet>> out = new LinkedHashMap<>();
        byRoast.forEach((id, all) -> {
            Cupped cupped = speaking(all);
            if (!cupped.sheets().isEmpty()) {
                out.put(id, cupped.sheets());
            }
        });
        return out;
    }

    /** A finished sheet with who wrote it, and at which table. */
    public record ToldSheet(
            long roastId,
            long cuppingId,
            Instant cuppedAt,
            String cupper,
            Serving serving,
            Map<String, Integer> scales,
            CuppingSheet sheet) {}

    /** Every finished sheet of a lot, oldest first; of a table that is not revealed, none. */
    public List<ToldSheet> toldOfLot(long lotId) {
        return toldSheets(sheets.toldOfLot(lotId));
    }

    /** The same of one roast. */
    public List<ToldSheet> toldOfRoast(long roastId) {
        return toldSheets(sheets.toldOfRoast(roastId));
    }

    private List<ToldSheet> toldSheets(List<SheetEntity> told) {
        return told.stream()
                .filter(s -> s.roastId() != null && s.sheet().finalScore().isPresent())
                .map(s -> new ToldSheet(
                        Objects.requireNonNull(s.roastId()),
                        s.cupping().id(),
                        s.cupping().cuppedAt(),
                        s.cupper(),
                        serving(s.cupping().protocol()),
                        scales(s),
                        words.spoken(List.of(s.sheet())).get(0)))
                .toList();
    }

    private static Map<String, Integer> scales(SheetEntity s) {
        Map<String, Integer> given = s.content().scales();
        return given == null ? Map.of() : given;
    }

    /** What the house's own scales are called, in their order. */
    public List<String> houseScales() {
        return house.scales().names();
    }

    private static Serving serving(@Nullable Preparation how) {
        return how == null ? Serving.BLACK : how.served();
    }

    /** Finished sheets of one table, by the roast they are of; empty until it is revealed. */
    public Map<Long, List<CuppingSheet>> toldOfTable(long cuppingId) {
        return tables.of(cuppingId).byRoast();
    }

    private Cupped speaking(Collection<SheetEntity> all) {
        List<SheetEntity> finished =
                all.stream().filter(s -> s.sheet().finalScore().isPresent()).toList();
        Instant first = finished.stream()
                .map(s -> s.cupping().cuppedAt())
                .min(Instant::compareTo)
                .orElse(Instant.MAX);
        return new Cupped(words.spoken(finished.stream().map(SheetEntity::sheet).toList()), first);
    }

    /** Roasts that have a sheet. */
    public Set<Long> ids() {
        return sheets.cuppedRoasts();
    }

    @Override
    public List<ScoreAt> scores(long roastId) {
        Map<CuppingEntity, Double> byTable = sheets.toldOfRoast(roastId).stream()
                .filter(s -> s.sheet().finalScore().isPresent())
                .collect(Collectors.groupingBy(
                        SheetEntity::cupping,
                        LinkedHashMap::new,
                        Collectors.averagingDouble(s -> s.sheet().finalScore().getAsDouble())));
        return byTable.entrySet().stream()
                .map(t -> new ScoreAt(t.getKey().cuppedAt(), t.getValue()))
                .toList();
    }
}
