package barrowmist.server.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.desk.LiveSetup;
import barrowmist.core.desk.RoasterReading;
import barrowmist.core.machine.EventTemperatures;
import barrowmist.core.machine.MachineReference;
import barrowmist.core.machine.thermal.BatchConditions;
import barrowmist.core.machine.thermal.ControlLevels;
import barrowmist.core.plan.Targets;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.csv.ReadOptions;
import barrowmist.core.roast.csv.ReadResult;
import barrowmist.core.roast.csv.RoastLogReader;
import barrowmist.core.units.Wording;
import barrowmist.server.desk.DeskViews.DeskState;
import barrowmist.server.desk.LiveSetupService.Prepared;
import barrowmist.server.machine.LinkSettings;
import barrowmist.server.machine.MachineSettings;
import barrowmist.server.web.Conflict;
import barrowmist.server.web.InputProblems;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The desk of one roaster, with a clock that the test moves. */
class DeskTest {

    private static final OptionalDouble NONE = OptionalDouble.empty();
    private static final Prepared PREPARED = new Prepared(
            7,
            3,
            "Test Hill",
            "washed",
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
    private Path folder;

    private long nanos = 5_000_000_000L;
    private Desk desk;

    @BeforeEach
    void open() {
        desk = opened();
        desk.prepare(PREPARED, null, 2, 6, "2026-03-02T09:00:00Z");
    }

    private Desk opened() {
        Desk d = new Desk(1, folder.resolve("desk.journal"), () -> nanos);
        d.configure("Drum", MachineSettings.usual(150.0).withLink(LinkSettings.standIn(8502)));
        return d;
    }

    private void pass(double seconds) {
        nanos += Math.round(seconds * 1e9);
    }

    private void read(double bean, OptionalDouble clock) {
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

    private void roast(int seconds) {
        for (int s = 0; s < seconds; s++) {
            pass(1);
            read(190 - 0.5 * Math.min(s, 100) + 0.01 * (s % 7), NONE);
        }
    }

    private void chargeAndRoast(int seconds) {
        roast(5);
        desk.mark(EventKind.CHARGE, 0);
        roast(seconds);
    }

    private DeskState state() {
        return desk.state(Wording.SI);
    }

    @Test
    void timesCountFromTheChargeOnceItIsCalled() {
        roast(5);
        assertThat(state().phase()).isEqualTo("preparing");
        assertThat(state().expected()).isEqualTo("charge");
        desk.mark(EventKind.CHARGE, 0);
        pass(0.5);
        assertThat(state().phase()).isEqualTo("roasting");
        assertThat(state().nowS()).isCloseTo(0.5, within(1e-6));
        assertThat(state().batch().batch()).isEqualTo(2);
    }

    @Test
    void twoPeopleThatPressTheSameKeyMakeOneEvent() {
        chargeAndRoast(120);
        desk.mark(EventKind.DRY_END, 0);
        pass(0.3);
        desk.mark(EventKind.DRY_END, 0);
        pass(5);
        desk.mark(EventKind.DRY_END, 0);
        assertThat(state().entries()).extracting(e -> e.kind()).containsExactly("charge", "dry_end");
        assertThat(state().entries().get(1).timeS()).isCloseTo(120, within(1e-6));
    }

    @Test
    void aFingerThatSlipsMakesNoSecondEvent() {
        chargeAndRoast(120);
        desk.mark(EventKind.DRY_END, 0);
        pass(0.2);
        assertThatThrownBy(() -> desk.mark(EventKind.FIRST_CRACK, 0)).isInstanceOf(Conflict.class);
        pass(2);
        desk.mark(EventKind.FIRST_CRACK, 0);
        assertThat(state().expected()).isEqualTo("drop");
    }

    @Test
    void aKeyThatComesLateStandsWhereItWasPressed() {
        chargeAndRoast(100);
        desk.mark(EventKind.DRY_END, 34);
        assertThat(state().entries().get(1).timeS()).isCloseTo(66, within(1e-6));
    }

    @Test
    void eventsOutOfTheirOrderAreRefused() {
        assertThatThrownBy(() -> desk.mark(EventKind.DRY_END, 0)).isInstanceOf(Conflict.class);
        chargeAndRoast(100);
        desk.mark(EventKind.FIRST_CRACK, 0);
        pass(10);
        assertThatThrownBy(() -> desk.mark(EventKind.DRY_END, 0)).isInstanceOf(InputProblems.class);
        // a batch in the drum is not put aside for another
        assertThatThrownBy(() -> desk.prepare(PREPARED, null, 3, 6, "2026-03-02T09:20:00Z"))
                .isInstanceOf(Conflict.class);
    }

    @Test
    void popsAreNotedAsOftenAsTheyAreHeardAndUndoneOneByOne() {
        chargeAndRoast(100);
        desk.mark(EventKind.POP, 0);
        desk.mark(EventKind.POP, 0);
        assertThat(state().entries()).hasSize(3);
        desk.undo(3);
        desk.undo(3);
        assertThat(state().entries()).hasSize(2);
    }

    @Test
    void aChargeThatIsTakenBackLeavesTheReadings() {
        chargeAndRoast(30);
        desk.undo(1);
        assertThat(state().phase()).isEqualTo("preparing");
        desk.mark(EventKind.CHARGE, 20);
        assertThat(state().nowS()).isCloseTo(20, within(1e-6));
        assertThat(desk.batch().orElseThrow().live().orElseThrow().curve().beanReadings())
                .isEqualTo(21);
    }

    @Test
    void aLostLinkIsSaidAndLeavesAMarkedGapAndNoValues() {
        chargeAndRoast(60);
        desk.linkLost("The roaster has stopped answering.");
        assertThat(state().link().status()).isEqualTo("lost");
        assertThat(state().figures().beanC()).isNull();
        pass(20);
        read(150, NONE);
        assertThat(state().link().status()).isEqualTo("ok");
        var gap = desk.batch().orElseThrow().gaps().get(0);
        assertThat(gap.toS() - gap.fromS()).isCloseTo(20, within(1e-6));
        assertThat(gap.reason()).contains("stopped answering");
        assertThat(desk.batch().orElseThrow().readings()).hasSize(66);
    }

    @Test
    void anOpenProbeIsSaidAndNoReadingIsInvented() {
        chargeAndRoast(60);
        pass(1);
        desk.take(
                new RoasterReading(OptionalDouble.of(3276.7), OptionalDouble.of(181), NONE, NONE, NONE, NONE, NONE),
                nanos);
        assertThat(state().link().status()).isEqualTo("probe");
        assertThat(state().figures().beanC()).isNull();
        assertThat(state().figures().environmentC()).isEqualTo(181);
        assertThat(state().link().refused()).isPositive();
    }

    @Test
    void aProbeThatStandsStillIsSaidAndNotFollowed() {
        chargeAndRoast(60);
        for (int s = 0; s < 40; s++) {
            pass(1);
            read(161.5, NONE);
        }
        assertThat(state().link().status()).isEqualTo("frozen");
        assertThat(state().link().text()).contains("stands still");
        // all are kept as they came; those after the first fifteen seconds are not looked at
        assertThat(state().link().kept()).isEqualTo(105);
        assertThat(desk.batch().orElseThrow().live().orElseThrow().curve().beanReadings())
                .isLessThan(80);
        pass(1);
        read(163, NONE);
        assertThat(state().link().status()).isEqualTo("ok");
        assertThat(desk.batch().orElseThrow().gaps()).hasSize(1);
    }

    @Test
    void theServerThatWasKilledGoesOnInTheRunningRoast() {
        chargeAndRoast(80);
        desk.mark(EventKind.DRY_END, 0);
        desk.note("colour even", 0);
        desk.control("gas", 60, 0);
        desk.weighed(118);
        DeskState before = state();
        pass(4);
        Desk again = opened();
        again.resume(Journal.read(again.file()).lines(), PREPARED);
        DeskState after = again.state(Wording.SI);
        assertThat(after.phase()).isEqualTo("roasting");
        assertThat(after.entries()).isEqualTo(before.entries());
        assertThat(after.link().kept()).isEqualTo(before.link().kept());
        assertThat(after.batch().greenG()).isEqualTo(118);
        assertThat(after.nowS()).as("time went on meanwhile").isCloseTo(before.nowS() + 4, within(0.01));
        again.take(new RoasterReading(OptionalDouble.of(145), NONE, NONE, NONE, NONE, NONE, NONE), nanos);
        assertThat(again.state(Wording.SI).link().gaps()).isEqualTo(1);
    }

    @Test
    void oneBadByteInTheJournalCostsItsLineAndNoMore() throws IOException {
        chargeAndRoast(80);
        desk.mark(EventKind.DRY_END, 0);
        byte[] bytes = Files.readAllBytes(desk.file());
        int line = new String(bytes, StandardCharsets.UTF_8).indexOf("\nR\t30") + 3;
        bytes[line] = (byte) 0xFF;
        Files.write(desk.file(), bytes);
        Journal.Found found = Journal.read(desk.file());
        assertThat(found.damaged()).isEqualTo(1);
        KeptAside aside = new KeptAside(folder.resolve("barrowmist").toString());
        aside.keep(1, desk.file(), found, true);
        assertThat(aside.notices())
                .singleElement()
                .satisfies(n -> assertThat(n.text()).contains("The roast goes on with all the others"));
        assertThat(Journal.read(desk.file()).damaged())
                .as("what lies there now is sound")
                .isZero();
        Desk again = opened();
        again.resume(Journal.read(again.file()).lines(), PREPARED);
        assertThat(again.state(Wording.SI).link().kept())
                .isEqualTo(state().link().kept() - 1);
        assertThat(again.state(Wording.SI).entries()).isEqualTo(state().entries());
        aside.read(aside.notices().get(0).id());
        assertThat(aside.notices()).isEmpty();
        try (Stream<Path> files = Files.list(folder)) {
            assertThat(files)
                    .as("and is still there")
                    .anyMatch(f -> f.toString().endsWith(".seen"));
        }
    }

    @Test
    void aJournalWithoutItsFirstLineIsKeptAsALogThatCanBeImported() throws IOException {
        chargeAndRoast(300);
        desk.mark(EventKind.DRY_END, 0);
        roast(120);
        desk.mark(EventKind.FIRST_CRACK, 0);
        roast(60);
        pass(0.4);
        // no reading follows the drop
        desk.mark(EventKind.DROP, 0);
        List<String> lines = Files.readAllLines(desk.file());
        Files.write(desk.file(), lines.subList(1, lines.size()));
        long told =
                lines.stream().filter(l -> l.matches("R\\t[^\\t]+\\t[^\\t].*")).count();
        assertThat(told).isGreaterThan(400);
        KeptAside aside = new KeptAside(folder.resolve("barrowmist").toString());
        aside.keep(1, desk.file(), Journal.read(desk.file()), false);
        assertThat(Files.exists(desk.file())).isFalse();
        String link = aside.notices().get(0).link();
        byte[] log = aside.log(link.substring(link.lastIndexOf('/') + 1)).getContentAsByteArray();
        ReadResult read = RoastLogReader.read(log, ReadOptions.NONE);
        assertThat(read).isInstanceOf(ReadResult.Accepted.class);
        ReadResult.Accepted accepted = (ReadResult.Accepted) read;
        assertThat(accepted.log().beanC().size()).isEqualTo((int) told);
        assertThat(accepted.events().list())
                .extracting(e -> e.kind())
                .containsExactly(EventKind.CHARGE, EventKind.DRY_END, EventKind.FIRST_CRACK, EventKind.DROP);
        double charge = accepted.events().timeS(EventKind.CHARGE).orElseThrow();
        assertThat(accepted.events().timeS(EventKind.DROP).orElseThrow() - charge)
                .isCloseTo(480.4, within(0.011));
    }

    @Test
    void aFullDiskIsSaidAndTheRoastGoesOnInMemory() {
        Desk full = new Desk(1, Path.of("/dev/full"), () -> nanos);
        full.configure("Drum", MachineSettings.usual(150.0).withLink(LinkSettings.standIn(8502)));
        full.prepare(PREPARED, null, 1, 1, "2026-03-02T09:00:00Z");
        desk = full;
        chargeAndRoast(30);
        desk.mark(EventKind.DRY_END, 0);
        assertThat(state().link().disk()).contains("goes on in memory").contains("No space left");
        assertThat(state().link().unwritten()).isGreaterThan(30);
        assertThat(state().link().kept()).isEqualTo(35);
        assertThat(state().entries()).hasSize(2);
    }

    @Test
    void onlyGasAndAirAreNotedByHandAndOnlyWithinTheirRange() {
        chargeAndRoast(10);
        assertThatThrownBy(() -> desk.control("drum", 50, 0)).isInstanceOf(InputProblems.class);
        assertThatThrownBy(() -> desk.control("gas", 101, 0)).isInstanceOf(InputProblems.class);
        assertThatThrownBy(() -> desk.control("gas", Double.NaN, 0)).isInstanceOf(InputProblems.class);
        assertThatThrownBy(() -> desk.note("  ", 0)).isInstanceOf(InputProblems.class);
        desk.control("air", 55, 0);
        assertThat(state().figures().airflowPct()).isEqualTo(55);
    }

    @Test
    void aLinkThatIsLostUntilTheDropLeavesItsGapToo() {
        chargeAndRoast(60);
        desk.linkLost("The connection to the roaster is broken.");
        pass(25);
        desk.mark(EventKind.DROP, 0);
        var gap = desk.batch().orElseThrow().gaps().get(0);
        assertThat(gap.toS() - gap.fromS()).isCloseTo(25, within(1e-6));
    }

    @Test
    void aControlThatIsTakenBackLeavesTheOthersWhereTheyWereMade() {
        chargeAndRoast(60);
        desk.control("air", 50, 0);
        roast(20);
        desk.control("air", 65, 0);
        desk.undo(3);
        var air = desk.batch().orElseThrow().live().orElseThrow().curve().log().airflowPct();
        // 61 readings from the charge on, then the hand
        assertThat(air.value(61)).isEqualTo(50);
        assertThat(air.timeS(61)).isEqualTo(60);
        assertThat(air.values()).doesNotContain(65);
    }

    @Test
    void aDropEndsTheReadingsAndTheDeskIsFreeOnceItIsKept() {
        chargeAndRoast(100);
        desk.mark(EventKind.DROP, 0);
        int kept = state().link().kept();
        roast(10);
        assertThat(state().phase()).isEqualTo("cooling");
        assertThat(state().link().kept()).isEqualTo(kept);
        assertThat(state().cooling().elapsedS()).isCloseTo(10, within(1e-6));
        assertThatThrownBy(desk::finish).isInstanceOf(Conflict.class);
        desk.kept(12);
        desk.finish();
        assertThat(state().phase()).isEqualTo("idle");
        assertThat(Journal.read(desk.file()).lines()).isEmpty();
    }
}
