package barrowmist.server.desk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import barrowmist.core.desk.DeskClock;
import barrowmist.core.desk.JournalLine;
import barrowmist.core.desk.JournalLine.Entry;
import barrowmist.core.desk.JournalLine.Gap;
import barrowmist.core.desk.JournalLine.Kept;
import barrowmist.core.desk.JournalLine.LeaveOut;
import barrowmist.core.desk.JournalLine.Prepare;
import barrowmist.core.desk.JournalLine.Read;
import barrowmist.core.desk.JournalLine.StepDone;
import barrowmist.core.desk.JournalLine.Undo;
import barrowmist.core.machine.RoasterLinkSpec;
import barrowmist.core.machine.RoasterLinkSpec.Register;
import barrowmist.core.roast.Reading;
import barrowmist.server.machine.LinkSettings;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What stands in a desk's journal, and the desk's clock. */
class DeskLineTest {

    private static final OptionalDouble NONE = OptionalDouble.empty();

    static Stream<JournalLine> lines() {
        return Stream.of(
                new Prepare(0, 7, null, 120.5, "2026-03-02T09:00:00Z", "boot", 1, 6),
                new Prepare(1.25, 7, 4L, 120, "2026-03-02T09:00:00Z", "boot", 1, 6),
                new Read(
                        new Reading(12.34, OptionalDouble.of(187.6), NONE, OptionalDouble.of(0), NONE, NONE),
                        OptionalDouble.of(3),
                        123_456_789_012L,
                        77.5,
                        1_700_000_000_123L),
                new Entry(3, "note", 61.5, 0, "smells of toast, even colour"),
                new Entry(4, "gas", 61.5, 55, ""),
                new Undo(3),
                new StepDone(2, 30),
                new LeaveOut(99.5),
                new Gap(10, 20.5, "the bean probe said nothing"),
                new Kept(41));
    }

    @ParameterizedTest
    @MethodSource("lines")
    void aLineComesBackAsItWas(JournalLine line) {
        assertThat(JournalLine.parse(JournalLine.text(line))).isEqualTo(line);
    }

    private static List<String> texts(Path file) {
        return Journal.read(file).lines().stream().map(JournalLine::text).toList();
    }

    @Test
    void aNoteCannotBreakTheJournal() {
        Entry note = new Entry(1, "note", 5, 0, "one\ttwo\nthree");
        assertThat(JournalLine.text(note).lines()).hasSize(1);
        assertThat(((Entry) JournalLine.parse(JournalLine.text(note))).text()).isEqualTo("one two three");
    }

    @Test
    void whatIsNoLineIsRefused() {
        assertThatThrownBy(() -> JournalLine.parse("?")).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aLineThatWasCutOffIsLeftOutAndWrittenOver(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("j");
        try (Journal journal = new Journal(file)) {
            journal.append("U\t1");
            journal.append("U\t2");
        }
        Files.writeString(file, "U\t3 and then the power we", StandardOpenOption.APPEND);
        assertThat(texts(file)).containsExactly("U\t1", "U\t2");
        try (Journal journal = new Journal(file)) {
            journal.append("U\t4");
        }
        assertThat(texts(file)).containsExactly("U\t1", "U\t2", "U\t4");
    }

    @Test
    void linesThatWaitedAreWrittenWhenTheDiskTakesThemAgain(@TempDir Path folder) throws IOException {
        Path link = folder.resolve("j");
        Files.createSymbolicLink(link, Path.of("/dev/full"));
        Journal journal = new Journal(link);
        journal.append("U\t1");
        journal.append("U\t2");
        assertThat(journal.trouble()).isPresent();
        assertThat(journal.waiting()).isEqualTo(2);
        journal.close();
        Files.delete(link);
        journal.append("U\t3");
        assertThat(journal.trouble()).isEmpty();
        assertThat(texts(link)).containsExactly("U\t1", "U\t2", "U\t3");
    }

    private static double at(DeskClock clock, double clockS, double nanosS) {
        return clock.reading(Double.isNaN(clockS) ? NONE : OptionalDouble.of(clockS), Math.round(nanosS * 1e9));
    }

    @Test
    void theRoastersOwnClockIsFollowedAtItsOwnRate() {
        DeskClock clock = new DeskClock();
        for (int i = 0; i <= 100; i++) {
            assertThat(at(clock, 1000 + 1.5 * i, 0.05 * i)).isCloseTo(1.5 * i, within(1e-9));
        }
        assertThat(clock.rate()).isCloseTo(30, within(0.5));
        assertThat(clock.at(Math.round(5.1e9))).isCloseTo(153, within(0.2));
    }

    @Test
    void aRoasterThatWasSwitchedOffAndOnDoesNotThrowTimeBack() {
        DeskClock clock = new DeskClock();
        at(clock, 500, 0);
        at(clock, 510, 10);
        double after = 0;
        for (int i = 1; i <= 5; i++) {
            after = at(clock, i, 10 + i);
        }
        assertThat(after).isCloseTo(15, within(0.01));
    }

    @Test
    void aClockThatMeansNothingIsNotFollowed() {
        DeskClock clock = new DeskClock();
        at(clock, 500, 0);
        at(clock, 501, 1);
        assertThat(at(clock, 41_000_000, 2)).isCloseTo(2, within(0.01));
        assertThat(at(clock, 503, 3)).isCloseTo(3, within(0.01));
    }

    @Test
    void withoutAClockTheMonotonicOneCounts() {
        DeskClock clock = new DeskClock();
        at(clock, Double.NaN, 0);
        assertThat(at(clock, Double.NaN, 7.5)).isCloseTo(7.5, within(1e-9));
        assertThat(at(clock, Double.NaN, 7.5)).isCloseTo(7.5, within(1e-9));
    }

    @Test
    void aLinksSettingsNameWhatIsWrong() {
        assertThat(LinkSettings.standIn(8502).problems()).isEmpty();
        assertThat(LinkSettings.byHand().problems()).isEmpty();
        LinkSettings wrong = new LinkSettings(
                RoasterLinkSpec.Kind.MODBUS,
                " ",
                70_000,
                1,
                null,
                5,
                Map.of("gas", Register.of(0, null, 0), "nose", Register.of(1, RoasterLinkSpec.NumberType.I16, 1)),
                null,
                null,
                null,
                50,
                null,
                null);
        assertThat(wrong.problems())
                .extracting(p -> p.field())
                .contains(
                        "link.host",
                        "link.port",
                        "link.table",
                        "link.pollMs",
                        "link.speed",
                        "link.registers.bean",
                        "link.registers.gas",
                        "link.registers.gas.type",
                        "link.registers.nose");
    }
}
