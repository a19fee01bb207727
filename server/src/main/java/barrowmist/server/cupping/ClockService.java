package barrowmist.server.cupping;

import barrowmist.core.check.Checks;
import barrowmist.core.cupping.Drink;
import barrowmist.core.cupping.TableProtocol;
import barrowmist.core.cupping.panel.CupCooling;
import barrowmist.core.cupping.panel.TableClock;
import barrowmist.server.cupping.ClockViews.ClockSample;
import barrowmist.server.cupping.ClockViews.ClockStep;
import barrowmist.server.cupping.ClockViews.ClockView;
import barrowmist.server.cupping.ClockViews.PourEntry;
import barrowmist.server.web.Codes;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import barrowmist.server.web.KeptInTurn;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
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
        return view(tables.get(id));
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
        return view(table);
    }

    /** Takes the pour back, with what was noted since. */
    ClockView takeBack(long id) {
        CuppingEntity table = tables.get(id);
        ClockContent before = table.clock();
        table.pour(null, ClockContent.none().ground(before.groundAt(), Boolean.TRUE.equals(before.covered())));
        return view(table);
    }

    private static void refuseWithoutCrust(CuppingEntity table) {
        if (drink(table) == Drink.Serving.ESPRESSO) {
            throw new Conflict(
                    "Espresso is tasted as it is pulled: there is no crust to break, and no clock for it.", Map.of());
        }
    }

    private static Drink.Serving drink(CuppingEntity table) {
        return protocol(table).drink().serving();
    }

    private static TableProtocol protocol(CuppingEntity table) {
        return table.protocol() == null
                ? TableProtocol.unsaid()
                : table.protocol().protocol();
    }

    /** The first of it is ground now; said again, the first time stands. */
    ClockView ground(long id, boolean covered) {
        CuppingEntity table = tables.get(id);
        refuseWithoutCrust(table);
        Instant before = table.clock().groundAt();
        table.keep(table.clock().ground(before == null ? clock.instant() : before, covered));
        return view(table);
    }

    ClockView notGround(long id) {
        CuppingEntity table = tables.get(id);
        table.keep(table.clock().ground(null, false));
        return view(table);
    }

    /** A sample was poured now, and not when it was foretold; a second time changes nothing. */
    ClockView poured(long id, String code) {
        CuppingEntity table = tables.get(id);
        double nowS = runningS(table);
        refuseUnknown(table, code);
        table.keep(table.clock().tapped(code, nowS));
        return view(table);
    }

    /** A crust was broken now; a second time changes nothing. */
    ClockView broken(long id, String code) {
        CuppingEntity table = tables.get(id);
        double nowS = runningS(table);
        refuseUnknown(table, code);
        table.keep(table.clock().broken(code, nowS));
        return view(table);
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
        return view(table);
    }

    /** How warm the cups of a sample are at a moment, as their cooling is foretold, °C; empty where no clock runs. */
    static OptionalDouble cupC(CuppingEntity table, CuppingSampleEntity sample, Instant at) {
        if (table.pouredAt() == null) {
            return OptionalDouble.empty();
        }
        ClockContent content = table.clock();
        double pouredS = pours(table).get(table.samples().indexOf(sample));
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

    private static List<Double> pours(CuppingEntity table) {
        ClockContent content = table.clock();
        Map<Integer, Double> tapped = new HashMap<>();
        for (int i = 0; i < table.samples().size(); i++) {
            Double at = content.tapped().get(table.samples().get(i).code());
            if (at != null) {
                tapped.put(i, at);
            }
        }
        return TableClock.pours(table.samples().size(), content.gapS(), tapped);
    }

    private ClockView view(CuppingEntity table) {
        ClockContent content = table.clock();
        TableProtocol protocol = protocol(table);
        List<Double> pours = pours(table);
        TableClock clockOf = new TableClock(content.cooling(), pours, protocol.timing());
        List<ClockSample> samples = new ArrayList<>();
        for (int i = 0; i < pours.size(); i++) {
            samples.add(sample(
                    table.samples().get(i).code(),
                    pours.get(i),
                    content,
                    protocol.timing().toBreakS()));
        }
        boolean brewed = protocol.drink().serving() != Drink.Serving.ESPRESSO;
        Instant pourBy = content.pourBy();
        Instant poured = table.pouredAt();
        return new ClockView(
                clock.instant(),
                poured,
                content.groundAt(),
                Boolean.TRUE.equals(content.covered()),
                pourBy,
                poured != null && pourBy != null && poured.isAfter(pourBy),
                brewed ? steps(clockOf) : List.of(),
                samples,
                content.gapS(),
                content.readings().size());
    }

    private static List<ClockStep> steps(TableClock clock) {
        return clock.steps().stream()
                .map(s -> new ClockStep(Codes.of(s.stage()), s.fromS(), s.c()))
                .toList();
    }

    private static ClockSample sample(String code, double pourS, ClockContent content, double breakS) {
        Double brokenS = content.brokenS().get(code);
        TableClock.Break how = TableClock.Break.at(brokenS == null ? breakS : brokenS - pourS);
        return new ClockSample(
                code,
                pourS,
                content.tapped().containsKey(code),
                pourS + breakS,
                brokenS == null ? OptionalDouble.empty() : OptionalDouble.of(brokenS),
                how.early(),
                how.late());
    }
}
