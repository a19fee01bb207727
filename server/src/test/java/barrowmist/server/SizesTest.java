package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A file is short enough to be read in one go. The exceptions are named here; a new one is to be argued for. */
class SizesTest {

    private static final int MOST_LINES = 200;

    private static final int MOST_IN_A_METHOD = 15;
    private static final int A_PAGE = 40;

    /** Methods that are a list from end to end, or one switch of sentences. */
    private static final Set<String> LISTS = Set.of(
            "DemoLab.java roasts",
            "DemoGreen.java seed",
            "School.java defaults",
            "Vocabulary.java words",
            "WarningText.java of");

    private static final Set<String> LONGER = Set.of(
            "CuppingEntity.java",
            "Desk.java",
            "DrumTracker.java",
            "GreenReader.java",
            "ImportPage.vue",
            "Inspection.java",
            "InspectionPage.vue",
            "LayTable.vue",
            "RoastBatch.java",
            "RoastChart.vue",
            "RoastEntity.java",
            "RowReader.java",
            "RuleTable.java",
            "SheetService.java",
            "SimulatedDrum.java",
            "TraceBoard.vue");

    private static final List<Path> SOURCES = Stream.of(
                    "core/src/main", "standin/src/main", "server/src/main", "web/src")
            .map(Path.of("..")::resolve)
            .toList();

    @Test
    void filesOverTwoHundredLinesAreTheExceptionAndTheExceptionsAreTrue() {
        List<String> longer = SOURCES.stream()
                .flatMap(SizesTest::files)
                .filter(SizesTest::written)
                .filter(f -> lines(f) > MOST_LINES)
                .map(f -> f.getFileName().toString())
                .toList();
        assertThat(longer).containsExactlyInAnyOrderElementsOf(LONGER);
    }

    @Test
    void methodsOverFifteenLinesAreTheExceptionAndNoneIsAPageLong() {
        List<Methods.Method> all = Methods.of(SOURCES.stream()
                .flatMap(SizesTest::files)
                .filter(f -> f.toString().endsWith(".java"))
                .toList());
        assertThat(all).filteredOn(m -> m.lines() > MOST_IN_A_METHOD).hasSizeLessThan(all.size() / 12);
        assertThat(all)
                .filteredOn(m -> m.lines() > A_PAGE)
                .extracting(Methods.Method::toString)
                .allMatch(m -> LISTS.stream().anyMatch(m::contains));
    }

    private static boolean written(Path file) {
        String name = file.getFileName().toString();
        return name.matches(".*\\.(java|ts|vue)")
                && !name.contains(".test.")
                && !name.equals("schema.d.ts")
                && !name.equals("words.ts");
    }

    private static Stream<Path> files(Path folder) {
        try {
            return Files.walk(folder).filter(Files::isRegularFile);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static long lines(Path file) {
        try {
            return Files.readString(file).lines().count();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
