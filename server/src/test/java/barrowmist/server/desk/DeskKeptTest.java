package barrowmist.server.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.desk.DeskPhase;
import barrowmist.core.desk.RoasterReading;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.csv.ReadOptions;
import barrowmist.core.roast.csv.ReadResult;
import barrowmist.core.roast.csv.RoastLogReader;
import barrowmist.core.units.Wording;
import barrowmist.server.desk.DeskViews.DeskState;
import barrowmist.server.machine.LinkSettings;
import barrowmist.server.machine.MachineSettings;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** What a desk keeps over a kill, a damaged journal and a full disk. */
class DeskKeptTest extends DeskBench {

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
        assertThat(after.phase()).isEqualTo(DeskPhase.ROASTING);
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
}
