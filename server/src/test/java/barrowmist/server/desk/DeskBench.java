package barrowmist.server.desk;

import barrowmist.core.desk.LiveSetup;
import barrowmist.core.desk.RoasterReading;
import barrowmist.core.green.Process;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.EventKind;
import barrowmist.core.units.Wording;
import barrowmist.server.desk.DeskViews.DeskState;
import barrowmist.server.desk.LiveSetupService.Prepared;
import barrowmist.server.machine.LinkSettings;
import barrowmist.server.machine.MachineSettings;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** The desk of one roaster, with a clock that the test moves. */
abstract class DeskBench {

    static final OptionalDouble NONE = OptionalDouble.empty();
    static final Prepared PREPARED = new Prepared(
            7,
            3,
            "Test Hill",
            Process.WASHED,
            "arrival",
            120,
            190,
            OptionalDouble.empty(),
            new LiveSetup(
                    new BatchConditions(120, 11, 6.5, 190, NONE, 22),
                    Optional.empty(),
                    new EventTemperatures(158, 1, 195, 1, true),
                    MachineReference.NONE,
                    Optional.empty(),
                    new Targets(Map.of(), Targets.DevelopmentFrom.FIRST_CRACK),
                    new ControlLevels(70, 40, 60)));

    @TempDir
    Path folder;

    long nanos = 5_000_000_000L;
    Desk desk;

    @BeforeEach
    void open() {
        desk = opened();
        desk.prepare(PREPARED, null, 2, 6, "2026-03-02T09:00:00Z");
    }

    Desk opened() {
        Desk d = new Desk(1, folder.resolve("desk.journal"), () -> nanos);
        d.configure("Drum", MachineSettings.usual(150.0).withLink(LinkSettings.standIn(8502)));
        return d;
    }

    void pass(double seconds) {
        nanos += Math.round(seconds * 1e9);
    }

    void read(double bean, OptionalDouble clock) {
        desk.take(
                new RoasterReading(
                        OptionalDouble.of(bean),
                        OptionalDouble.of(bean + 20),
                        OptionalDouble.of(70),
                        OptionalDouble.of(40),
                        OptionalDouble.of(60),
                        NONE,
                        clock),
                nanos);
    }

    void roast(int seconds) {
        for (int s = 0; s < seconds; s++) {
            pass(1);
            read(190 - 0.5 * Math.min(s, 100) + 0.01 * (s % 7), NONE);
        }
    }

    void chargeAndRoast(int seconds) {
        roast(5);
        desk.mark(EventKind.CHARGE, 0);
        roast(seconds);
    }

    DeskState state() {
        return desk.state(Wording.SI);
    }
}
