package barrowmist.server.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.cupping.Drink;
import barrowmist.core.cupping.panel.CupCooling;
import barrowmist.core.cupping.panel.TableClock;
import barrowmist.server.cupping.ClockViews.ClockView;
import barrowmist.server.cupping.ClockViews.PourEntry;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One clock for a table, kept here, so that it is the same on every screen and goes on over a restart. */
@Service
@KeptInTurn
class ClockService {

    private static final double NANOS_PER_S = 1e9;

    private final Tables tables;
    private final Clock clock;

    ClockService(Tables tables, Clock clock) {
        this.tables = tables;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    ClockView get(long id) {
        return ClockFace.at(tables.get(id), clock.instant());
    }

    /** @throws Conflict if the clock of this table runs already */
    ClockView pour(long id, PourEntry entry) {
        CuppingEntity table = tables.get(id);
        refuseWithoutCrust(table);
        if (table.pouredAt() != null) {
            throw new Conflict("The clock of this table runs already. Take the pour back to begin again.", Map.of());
        }
        TableClock.Pour usual = TableClock.Pour.usual();
        Double poured = table.protocol() == null ? null : table.protocol().waterC();
        TableClock.Pour pour = new TableClock.Pour(
                entry.gapS() == null ? usual.gapS() : entry.gapS(),
                entry.waterC() != null ? entry.waterC() : poured != null ? poured : usual.waterC(),
                entry.roomC() == null ? usual.roomC() : entry.roomC());
        InputProblems.refuseIfAny(pour.problems());
        table.pour(clock.instant(), table.clock().poured(pour));
        return ClockFace.at(table, clock.instant());
    }

    /** Takes the pour back, with what was noted since. */
    ClockView takeBack(long id) {
        CuppingEntity table = tables.get(id);
        ClockContent before = table.clock();
        table.pour(null, ClockContent.none().ground(before.groundAt(), Boolean.TRUE.equals(before.covered())));
        return ClockFace.at(table, clock.instant());
    }

    private static void refuseWithoutCrust(CuppingEntity table) {
        if (Preparation.ofTable(table).drink().serving() == Drink.Serving.ESPRESSO) {
            throw new Conflict(
                    "Espresso is tasted as it is pulled: there is no crust to break, and no clock for it.", Map.of());
        }
    }

    /** The first of it is ground now; said again, the first time stands. */
    ClockView ground(long id, boolean covered) {
        CuppingEntity table = tables.get(id);
        refuseWithoutCrust(table);
        Instant before = table.clock().groundAt();
        table.keep(table.clock().ground(before == null ? clock.instant() : before, covered));
        return ClockFace.at(table, clock.instant());
    }

    ClockView notGround(long id) {
        CuppingEntity table = tables.get(id);
        table.keep(table.clock().ground(null, false));
        return ClockFace.at(table, clock.instant());
    }

    /** A sample was poured now, and not when it was foretold; a second time changes nothing. */
    ClockView poured(long id, String code) {
        CuppingEntity table = tables.get(id);
        double nowS = runningS(table);
        refuseUnknown(table, code);
        table.keep(table.clock().tapped(code, nowS));
        return ClockFace.at(table, clock.instant());
    }

    /** A crust was broken now; a second time changes nothing. */
    ClockView broken(long id, String code) {
        CuppingEntity table = tables.get(id);
        double nowS = runningS(table);
        refuseUnknown(table, code);
        table.keep(table.clock().broken(code, nowS));
        return ClockFace.at(table, clock.instant());
    }

    private static void refuseUnknown(CuppingEntity table, String code) {
        if (table.ofCode(code).isEmpty()) {
            throw new InputProblems(
                    "code",
                    "code is \"" + code + "\", expected one of "
                            + String.join(
                                    ", ",
                                    table.samples().stream()
                                            .map(CuppingSampleEntity::code)
                                            .toList()));
        }
    }

    /** A thermometer was read in a cup now: the times that follow are fitted to it. */
    ClockView read(long id, double c) {
        CuppingEntity table = tables.get(id);
        double nowS = runningS(table);
        ClockContent content = table.clock();
        InputProblems.refuseIfAny(new Checks()
                .range("c", "Temperature in the cup", c, content.roomC(), content.waterC(), "°C")
                .problems());
        table.keep(content.read(new CupCooling.Reading(nowS, c)));
        return ClockFace.at(table, clock.instant());
    }

    /** How warm the cups of a sample are at a moment, as their cooling is foretold, °C; empty where no clock runs. */
    static OptionalDouble cupC(CuppingEntity table, CuppingSampleEntity sample, Instant at) {
        if (table.pouredAt() == null) {
            return OptionalDouble.empty();
        }
        ClockContent content = table.clock();
        double pouredS = ClockFace.pours(table).get(table.samples().indexOf(sample));
        double sinceS = Duration.between(table.pouredAt(), at).toNanos() / NANOS_PER_S - pouredS;
        return sinceS < 0
                ? OptionalDouble.empty()
                : OptionalDouble.of(content.cooling().c(sinceS));
    }

    private double runningS(CuppingEntity table) {
        if (table.pouredAt() == null) {
            throw new Conflict("The clock of this table does not run yet: pour first.", Map.of());
        }
        return Duration.between(table.pouredAt(), clock.instant()).toNanos() / NANOS_PER_S;
    }
}
