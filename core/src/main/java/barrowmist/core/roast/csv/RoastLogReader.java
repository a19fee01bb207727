package barrowmist.core.roast.csv;

import barrowmist.core.check.Shown;
import barrowmist.core.check.TextFile;
import barrowmist.core.roast.csv.ReadResult.LineProblem;
import barrowmist.core.units.ControlWords;
import barrowmist.core.units.Numbers;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;

/**
 * Reads a roast log: UTF-8, comma or semicolon between columns, headings in any order and case, empty cells for missing
 * readings, lines beginning with {@code #} for notes. See {@code docs/formats.md}.
 */
public final class RoastLogReader {

    /** Largest file, bytes: a day at 1 Hz is under half of it (house default). */
    public static final int MAX_BYTES = 5 * 1024 * 1024;

    /** More problems than this help nobody. */
    public static final int MOST_PROBLEMS = 200;

    private static final int MOST_COLUMNS = 200;
    private static final int LONGEST_HEADING = 200;
    private static final int SAMPLE_ROWS = 3;

    private RoastLogReader() {}

    /** One line with cells. */
    record Row(int line, List<String> cells) {}

    /** The text of a file taken apart. */
    private record Table(List<Row> rows, Map<String, String> notes, boolean semicolon) {}

    /** Reads a file of a roaster that has no scale of its own. Never throws on bad content. */
    public static ReadResult read(byte[] file, ReadOptions options) {
        return read(file, options, notes -> ControlWords.PLAIN);
    }

    /**
     * Reads a file. Never throws on bad content.
     *
     * @param scales the own scales of the roaster, by the notes of the log, which may name it
     */
    public static ReadResult read(
            byte[] file, ReadOptions options, Function<Map<String, String>, ControlWords> scales) {
        if (file.length == 0) {
            return refused(0, "The file is empty: expected a header row and readings");
        }
        if (file.length > MAX_BYTES) {
            return refused(
                    0,
                    "The file has %.1f MB: a roast log has at most %d MB"
                            .formatted(file.length / 1048576.0, MAX_BYTES / 1048576));
        }
        Optional<TextFile> text = TextFile.read(file);
        if (text.isEmpty()) {
            return refused(0, "This is not a text file: expected a CSV roast log");
        }
        try {
            return read(table(text.get().text()), options, scales);
        } catch (IOException | UncheckedIOException e) {
            return refused(0, "The quotes of the file do not match up: " + e.getMessage());
        }
    }

    private static ReadResult read(
            Table table, ReadOptions options, Function<Map<String, String>, ControlWords> scales) {
        if (table.rows.isEmpty()) {
            return refused(0, "The file has no header row: expected columns such as time, bean_c, event");
        }
        Row header = table.rows.get(0);
        if (header.cells.size() > MOST_COLUMNS || header.cells.stream().anyMatch(h -> h.length() > LONGEST_HEADING)) {
            return refused(
                    header.line,
                    "These are hardly headings: a log has at most %d columns, with headings of at most %d characters"
                            .formatted(MOST_COLUMNS, LONGEST_HEADING));
        }
        List<String> unknown = header.cells.stream()
                .filter(h -> Column.parse(h).isEmpty() && !options.columns().containsKey(h.strip()))
                .toList();
        if (!unknown.isEmpty()) {
            return new ReadResult.NeedsMapping(header.cells, unknown, firstRows(table));
        }
        List<LineProblem> problems = new ArrayList<>();
        Map<Column, Integer> columns = Headings.columns(header, options, problems);
        if (problems.isEmpty() && table.rows.size() == 1) {
            problems.add(new LineProblem(header.line, "There is a header row and nothing under it: no readings"));
        }
        if (!problems.isEmpty()) {
            return new ReadResult.Refused(List.copyOf(problems));
        }
        List<Row> body = table.rows.subList(1, table.rows.size());
        return new RowReader(
                        columns, header.cells.size(), new Numbers(table.semicolon), options, scales.apply(table.notes))
                .read(body, table.notes);
    }

    /** What stands under the headings, for whoever is asked what they mean. */
    private static List<List<String>> firstRows(Table table) {
        return table.rows.subList(1, Math.min(table.rows.size(), SAMPLE_ROWS + 1)).stream()
                .map(r -> r.cells().stream().map(Shown::of).toList())
                .toList();
    }

    private static Table table(String text) throws IOException {
        Map<String, String> notes = new LinkedHashMap<>();
        String first = "";
        StringBuilder kept = new StringBuilder(text.length());
        // blanked, not removed, so that line numbers stay those of the file
        for (String line : text.split("\\R", -1)) {
            String stripped = line.strip();
            if (stripped.startsWith("#")) {
                note(stripped, notes);
            } else {
                kept.append(line);
                first = first.isEmpty() ? stripped : first;
            }
            kept.append('\n');
        }
        boolean semicolon = first.indexOf(';') >= 0;
        return new Table(rows(kept.toString(), semicolon), notes, semicolon);
    }

    private static void note(String line, Map<String, String> notes) {
        String[] parts = line.substring(1).split(":", 2);
        if (parts.length == 2) {
            notes.put(parts[0].strip(), parts[1].strip());
        }
    }

    private static List<Row> rows(String text, boolean semicolon) throws IOException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setDelimiter(semicolon ? ';' : ',')
                .setIgnoreEmptyLines(false)
                .get();
        List<Row> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            int line = 1;
            for (var record : parser) {
                List<String> cells = record.toList();
                if (cells.stream().anyMatch(c -> !c.isBlank())) {
                    rows.add(new Row(line, cells));
                }
                line = (int) parser.getCurrentLineNumber() + 1;
            }
        }
        return rows;
    }

    private static ReadResult refused(int line, String message) {
        return new ReadResult.Refused(List.of(new LineProblem(line, message)));
    }
}
