package barrowmist.server.cupping;

import barrowmist.core.check.Checks;
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
        table.pour(clock.instant(), ClockContent.of(pour));
        return view(table);
    }

    /** Takes the pour back, with what was noted since. */
    ClockView takeBack(long id) {
        CuppingEntity table = tables.get(id);
        table.pour(null, ClockContent.none());
        return view(table);
    }

    /** A crust was broken now; a second time changes nothing. */
    ClockView broken(long id, String code) {
        CuppingEntity table = tables.get(id);
        double nowS = runningS(table);
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
        table.keep(table.clock().broken(code, nowS));
        return view(table);
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
        double pouredS = table.samples().indexOf(sample) * content.gapS();
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

    private ClockView view(CuppingEntity table) {
        ClockContent content = table.clock();
        TableClock clockOf =
                new TableClock(content.cooling(), table.samples().size(), content.gapS(), TableClock.FIRST_TASTE_C);
        List<ClockSample> samples = new ArrayList<>();
        for (int i = 0; i < table.samples().size(); i++) {
            String code = table.samples().get(i).code();
            double pourS = clockOf.pouredS(i);
            Double brokenS = content.brokenS().get(code);
            TableClock.Break how = TableClock.Break.at(brokenS == null ? TableClock.BREAK_S : brokenS - pourS);
            samples.add(new ClockSample(
                    code,
                    pourS,
                    pourS + TableClock.BREAK_S,
                    brokenS == null ? OptionalDouble.empty() : OptionalDouble.of(brokenS),
                    how.early(),
                    how.late()));
        }
        Instant now = clock.instant();
        return new ClockView(
                now,
                table.pouredAt(),
                clockOf.steps().stream()
                        .map(s -> new ClockStep(Codes.of(s.stage()), s.fromS(), s.c()))
                        .toList(),
                samples,
                content.gapS(),
                content.readings().size());
    }
}
