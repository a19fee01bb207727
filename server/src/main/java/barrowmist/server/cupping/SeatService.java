package barrowmist.server.cupping;

import barrowmist.core.check.Names;
import barrowmist.core.cupping.TableKind;
import barrowmist.core.cupping.panel.ServingOrders;
import barrowmist.server.access.Member;
import barrowmist.server.access.Members;
import barrowmist.server.access.Seat;
import barrowmist.server.access.SeatTokens;
import barrowmist.server.access.Secrets;
import barrowmist.server.access.Tries;
import barrowmist.server.cupping.CuppingViews.SheetView;
import barrowmist.server.cupping.SeatViews.JoinEntry;
import barrowmist.server.cupping.SeatViews.JoinView;
import barrowmist.server.cupping.SeatViews.SeatTableView;
import barrowmist.server.cupping.SensoryViews.SetView;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Seats at blind tables: joining by the table's code, and the table as it is seen from there. */
@Service
@KeptInTurn
class SeatService implements SeatTokens {

    private final CuppingRepository cuppings;
    private final SeatRepository seats;
    private final Tables tables;
    private final ClockService clocks;
    private final LabVocabulary words;
    private final GuessService guesses;
    private final Members members;
    private final Tries tries;
    private final Clock clock;

    SeatService(
            CuppingRepository cuppings,
            SeatRepository seats,
            Tables tables,
            ClockService clocks,
            LabVocabulary words,
            GuessService guesses,
            Members members,
            Clock clock) {
        this.members = members;
        this.guesses = guesses;
        this.cuppings = cuppings;
        this.seats = seats;
        this.tables = tables;
        this.clocks = clocks;
        this.words = words;
        this.tries = new Tries(clock, "Too many wrong codes. Wait ten minutes, or ask the lead to read the code out.");
        this.clock = clock;
    }

    /**
     * @param device from where it is tried
     * @throws Conflict if somebody sits there under this name already
     */
    JoinView join(JoinEntry entry, String device) {
        Tries.Try counted = tries.begin(device);
        String code = entry.joinCode() == null ? "" : entry.joinCode().strip().toUpperCase(Locale.ROOT);
        CuppingEntity table = cuppings.findByBlindingJoinCode(code)
                .filter(t -> !t.told())
                .orElseThrow(() -> new InputProblems("joinCode", "No table waits under this code: look at it again"));
        counted.right();
        String cupper = tables.nameAt(table, Seats.name(entry.cupper()));
        refuseIfSomebodyElses(cupper);
        SeatEntity seat = seats.findByCuppingIdAndCupper(table.id(), cupper)
                .orElseGet(() -> new SeatEntity(table, cupper, clock.instant()));
        if (seat.taken()) {
            throw new Conflict(
                    "Somebody sits at this table as " + cupper + " already. Take another name, or ask the lead to free"
                            + " that seat.",
                    Map.of("cupper", cupper));
        }
        String token = Secrets.draw();
        seat.take(Secrets.hash(token));
        seats.saveAndFlush(seat);
        return new JoinView(table.id(), token);
    }

    /** A name that has an account is its owner's: nobody else sits down under it. */
    private void refuseIfSomebodyElses(String cupper) {
        boolean own =
                Member.ofCaller().filter(m -> Names.same(m.name(), cupper)).isPresent();
        if (!own && members.named(cupper).isPresent()) {
            throw new InputProblems(
                    "cupper",
                    cupper + " has an account in this lab: sign in with it on this device, or take another name");
        }
    }

    /**
     * Frees a seat: its token opens nothing from now on, and the name may be taken again. What was given stays; sheets that
     * were opened and nothing written on go with whoever leaves.
     */
    void free(long id, String cupper) {
        seats.findByCuppingIdAndCupper(tables.get(id).id(), cupper).ifPresent(seat -> {
            seat.free();
            tables.dropUnwritten(id, cupper);
        });
    }

    @Override
    @Transactional(readOnly = true)
    public Optional<Seat> find(String token) {
        return seats.findByTokenHash(Secrets.hash(token))
                .filter(s -> !s.cupping().told())
                .map(s -> new Seat(
                        s.cupping().id(),
                        s.cupper(),
                        seats.countByCuppingIdAndIdLessThan(s.cupping().id(), s.id())));
    }

    @Transactional(readOnly = true)
    SeatTableView table(Seat seat) {
        CuppingEntity table = tables.get(seat.tableId());
        Given given = tables.given(table);
        return new SeatTableView(
                table.id(),
                table.kind(),
                TableViews.formOf(table, given.sheets()).orElse(null),
                table.cups(),
                seat.cupper(),
                order(table, seat.place()),
                given.sheets().stream()
                        .filter(s -> s.cupper().equals(seat.cupper()))
                        .map(s -> SheetView.of(s, given.lines()))
                        .toList(),
                given.sets().stream().map(s -> SetView.of(s, false)).toList(),
                ranking(given, seat).map(RankingEntity::order).orElse(null),
                ranking(given, seat).map(RankingEntity::party).orElse(null),
                table.kind() == TableKind.ROAST_OFF ? table.choice() : null,
                guesses.own(table.id(), seat.cupper()).orElse(null),
                Preparation.ofTable(table).drink().serving(),
                clocks.get(table.id()),
                words.all(),
                words.lately());
    }

    private static List<String> order(CuppingEntity table, int place) {
        return ServingOrders.of(table.samples().size(), place).stream()
                .map(i -> table.samples().get(i).code())
                .toList();
    }

    private static Optional<RankingEntity> ranking(Given given, Seat seat) {
        return given.rankings().stream()
                .filter(r -> r.cupper().equals(seat.cupper()))
                .findFirst();
    }
}
