package barrowmist.server.cupping;

import barrowmist.core.check.Names;
import barrowmist.core.cupping.HouseLines;
import barrowmist.core.cupping.TableKind;
import barrowmist.server.access.Member;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.NotFound;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Finds tables, and what was given at them. */
@Component
class Tables {

    private final CuppingRepository cuppings;
    private final SheetRepository sheets;
    private final CupSetRepository sets;
    private final RankingRepository rankings;
    private final SeatRepository seats;
    private final HouseService house;

    Tables(
            CuppingRepository cuppings,
            SheetRepository sheets,
            CupSetRepository sets,
            RankingRepository rankings,
            SeatRepository seats,
            HouseService house) {
        this.cuppings = cuppings;
        this.sheets = sheets;
        this.sets = sets;
        this.rankings = rankings;
        this.seats = seats;
        this.house = house;
    }

    CuppingEntity get(long id) {
        return cuppings.findById(id).orElseThrow(() -> new NotFound("cupping", id));
    }

    /** @throws Conflict if this table was laid for something else */
    CuppingEntity get(long id, TableKind asked) {
        CuppingEntity table = get(id);
        if (table.kind() != asked) {
            String laid = table.kind().code();
            throw new Conflict(
                    "This table was laid as " + laid + ", not as " + asked.code() + ".", Map.of("kind", laid));
        }
        return table;
    }

    /** @throws Conflict if this table was laid for something that has no sheets */
    CuppingEntity onSheets(long id) {
        CuppingEntity table = get(id);
        return table.kind().onSheets() ? table : get(id, TableKind.SCORING);
    }

    /**
     * Whose it is that is sent: of somebody who sits at the table, or signed in to cup, always their own; for the lead
     * whoever is named.
     *
     * @throws InputProblems if nobody is named, or very long
     */
    String whose(CuppingEntity table, @Nullable String cupper) {
        return Member.cuppingAs().orElseGet(() -> nameAt(table, Seats.name(cupper)));
    }

    /** The name as it stands at this table already, where it differs in capitals, spaces or invisible characters alone. */
    String nameAt(CuppingEntity table, String name) {
        return Stream.of(
                        seats.findAllByCuppingIdOrderById(table.id()).stream().map(SeatEntity::cupper),
                        sheets.findAllByCuppingIdOrderById(table.id()).stream().map(SheetEntity::cupper),
                        rankings.findAllByCuppingIdOrderById(table.id()).stream()
                                .map(RankingEntity::cupper),
                        sets.findAllByCuppingIdOrderByNumber(table.id()).stream()
                                .flatMap(s -> Stream.ofNullable(s.cupper())))
                .flatMap(n -> n)
                .filter(n -> Names.same(n, name))
                .findFirst()
                .orElse(name);
    }

    /** Deletes the sheets of somebody on which nothing was written. */
    void dropUnwritten(long id, String cupper) {
        sheets.deleteAll(sheets.findAllByCuppingIdOrderById(id).stream()
                .filter(s -> cupper.equals(s.cupper()) && !s.content().isWritten())
                .toList());
    }

    Given given(CuppingEntity table) {
        return new Given(
                sheets.findAllByCuppingIdOrderById(table.id()),
                sets.findAllByCuppingIdOrderByNumber(table.id()),
                rankings.findAllByCuppingIdOrderById(table.id()),
                seats.findAllByCuppingIdOrderById(table.id()),
                house.lines());
    }

    /** The same for many tables, by their ids. */
    Map<Long, Given> given(List<CuppingEntity> tables) {
        Map<Long, List<SheetEntity>> ofSheets =
                byTable(sheets.findAllByCuppingInOrderById(tables), SheetEntity::cupping);
        Map<Long, List<CupSetEntity>> ofSets =
                byTable(sets.findAllByCuppingInOrderByNumber(tables), CupSetEntity::cupping);
        Map<Long, List<RankingEntity>> ofRankings =
                byTable(rankings.findAllByCuppingInOrderById(tables), RankingEntity::cupping);
        Map<Long, List<SeatEntity>> ofSeats = byTable(seats.findAllByCuppingInOrderById(tables), SeatEntity::cupping);
        HouseLines lines = house.lines();
        return tables.stream()
                .collect(Collectors.toMap(
                        CuppingEntity::id,
                        c -> new Given(
                                ofSheets.getOrDefault(c.id(), List.of()),
                                ofSets.getOrDefault(c.id(), List.of()),
                                ofRankings.getOrDefault(c.id(), List.of()),
                                ofSeats.getOrDefault(c.id(), List.of()),
                                lines)));
    }

    private static <T> Map<Long, List<T>> byTable(List<T> all, Function<T, CuppingEntity> table) {
        return all.stream().collect(Collectors.groupingBy(t -> table.apply(t).id()));
    }
}
