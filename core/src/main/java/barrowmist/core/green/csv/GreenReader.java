package barrowmist.core.green.csv;

import barrowmist.core.check.Coded;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.green.Defect;
import barrowmist.core.green.Inspection;
import barrowmist.core.green.LotRules;
import barrowmist.core.green.Process;
import barrowmist.core.green.SampleStage;
import barrowmist.core.units.Numbers;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/**
 * Reads lots and inspections from a table: comma or semicolon (then decimal comma allowed), headings in any order and
 * case, empty cells for what was not measured. All problems are gathered; with any, nothing is to be kept.
 */
public final class GreenReader {

    /** Most rows of one file (house default). */
    public static final int MOST_ROWS = 5000;

    private static final int MOST_PROBLEMS = 100;

    private final LocalDate today;
    private final Map<String, Integer> columns = new LinkedHashMap<>();
    private final List<FieldProblem> problems = new ArrayList<>();
    private final List<GreenRow> rows = new ArrayList<>();
    private Numbers numbers = new Numbers(false);

    private GreenReader(LocalDate today) {
        this.today = today;
    }

    /** What came of it: rows, or problems with their lines. */
    public record Result(List<GreenRow> rows, List<FieldProblem> problems) {}

    /** Reads a file. Never throws on bad content. */
    public static Result read(String text, LocalDate today) {
        GreenReader reader = new GreenReader(today);
        try {
            reader.read(text);
        } catch (IOException | UncheckedIOException e) {
            reader.problem(0, "The quotes of the file do not match up: " + e.getMessage());
        }
        boolean sound = reader.problems.isEmpty();
        return new Result(sound ? List.copyOf(reader.rows) : List.of(), List.copyOf(reader.problems));
    }

    private void read(String text) throws IOException {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        String header = plain.lines().findFirst().orElse("");
        boolean semicolon = header.chars().filter(c -> c == ';').count()
                > header.chars().filter(c -> c == ',').count();
        numbers = new Numbers(semicolon);
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(semicolon ? ';' : ',')
                .setIgnoreEmptyLines(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(plain), format)) {
            for (CSVRecord record : parser) {
                if (columns.isEmpty()) {
                    header(record);
                    if (!problems.isEmpty()) {
                        return;
                    }
                } else if (rows.size() >= MOST_ROWS) {
                    problem(0, "The file has more than " + MOST_ROWS + " rows: split it");
                    return;
                } else if (problems.size() < MOST_PROBLEMS) {
                    row(record, (int) parser.getCurrentLineNumber());
                }
            }
        }
        if (rows.isEmpty() && problems.isEmpty()) {
            problem(0, "The file has no rows: expected a header row and a row for each sample");
        }
    }

    private void header(CSVRecord record) {
        List<String> known = GreenColumns.all();
        for (int i = 0; i < record.size(); i++) {
            String heading = record.get(i).strip().toLowerCase(Locale.ROOT).replaceAll("[\\s-]+", "_");
            if (!known.contains(heading)) {
                problem(
                        1,
                        "The heading \"" + record.get(i) + "\" is not known, expected some of "
                                + String.join(", ", known));
            } else if (columns.putIfAbsent(heading, i) != null) {
                problem(1, "The heading " + heading + " is there twice");
            }
        }
        GreenColumns.REQUIRED.stream()
                .filter(c -> !columns.containsKey(c))
                .forEach(c -> problem(1, "The column " + c + " is missing"));
    }

    private void row(CSVRecord record, int line) {
        int before = problems.size();
        Cells cells = new Cells(record, line);
        OptionalDouble kg = cells.number(GreenColumns.KG);
        LotRules.Entry lot = new LotRules.Entry(
                cells.text(GreenColumns.NAME),
                cells.text(GreenColumns.SUPPLIER),
                cells.text(GreenColumns.ORIGIN),
                Coded.find(Process.class, cells.text(GreenColumns.PROCESS)).orElse(null),
                cells.date(GreenColumns.ARRIVAL).orElse(null),
                kg.isPresent() ? kg.getAsDouble() : null,
                cells.number(GreenColumns.MOISTURE),
                cells.number(GreenColumns.DENSITY),
                cells.text(GreenColumns.SCREEN),
                null);
        Inspection inspection = inspection(cells);
        SampleStage stage = stage(cells);
        if (problems.size() == before) {
            LotRules.problems(lot, today).forEach(p -> problem(line, p.message()));
            inspection.problems(today).stream()
                    .filter(p -> !p.field().equals("moisturePct") && !p.field().equals("densityGPerL"))
                    .forEach(p -> problem(line, p.message()));
        }
        rows.add(new GreenRow(line, lot, stage, inspection));
    }

    private SampleStage stage(Cells cells) {
        String text = cells.text(GreenColumns.STAGE);
        Optional<SampleStage> stage =
                text.isEmpty() ? Optional.of(SampleStage.ARRIVAL) : Coded.find(SampleStage.class, text);
        if (stage.isEmpty()) {
            problem(cells.line, "Stage is \"" + text + "\", expected offer, pre-shipment, arrival or retained");
        }
        return stage.orElse(SampleStage.ARRIVAL);
    }

    private Inspection inspection(Cells cells) {
        Map<Integer, Double> sieves = new TreeMap<>();
        for (int screen : GreenColumns.SIEVES) {
            cells.number(GreenColumns.sieve(screen)).ifPresent(g -> sieves.put(screen, g));
        }
        Map<Defect, Integer> defects = new LinkedHashMap<>();
        for (Defect kind : Defect.values()) {
            cells.whole(GreenColumns.defect(kind)).ifPresent(n -> defects.put(kind, n));
        }
        List<String> smells = Arrays.stream(cells.text(GreenColumns.SMELLS).split(";"))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .toList();
        String colour = cells.text(GreenColumns.COLOUR);
        return new Inspection(
                cells.number(GreenColumns.MOISTURE),
                cells.number(GreenColumns.ACTIVITY),
                cells.number(GreenColumns.DENSITY),
                cells.number(GreenColumns.CUP_MASS),
                cells.number(GreenColumns.CUP_VOLUME),
                cells.number(GreenColumns.SIEVE_SAMPLE),
                sieves,
                cells.whole(GreenColumns.CONTRACT),
                cells.number(GreenColumns.DEFECT_SAMPLE),
                defects.isEmpty() ? Optional.empty() : Optional.of(defects),
                smells,
                colour.isEmpty() ? Optional.empty() : Optional.of(colour),
                cells.text(GreenColumns.STORAGE),
                cells.date(GreenColumns.HARVEST),
                cells.text(GreenColumns.MOULD).equalsIgnoreCase("yes"));
    }

    private void problem(int line, String message) {
        problems.add(new FieldProblem("line " + line, message));
    }

    /** The cells of one row by heading. */
    private final class Cells {
        private final CSVRecord record;
        private final int line;

        Cells(CSVRecord record, int line) {
            this.record = record;
            this.line = line;
        }

        String text(String heading) {
            Integer at = columns.get(heading);
            String text =
                    at == null || at >= record.size() ? "" : record.get(at).strip();
            boolean marked = text.length() > 1 && text.charAt(0) == '\'';
            return marked ? text.substring(1) : text;
        }

        OptionalDouble number(String heading) {
            String text = text(heading);
            OptionalDouble value = text.isEmpty() ? OptionalDouble.empty() : numbers.number(text);
            if (!text.isEmpty() && value.isEmpty()) {
                problem(line, heading + " is \"" + text + "\", expected a number");
            }
            return value;
        }

        Optional<Integer> whole(String heading) {
            OptionalDouble value = number(heading);
            if (value.isPresent() && value.getAsDouble() != Math.rint(value.getAsDouble())) {
                problem(line, heading + " is \"" + text(heading) + "\", expected a whole number");
            }
            return value.isPresent() ? Optional.of((int) Math.rint(value.getAsDouble())) : Optional.empty();
        }

        Optional<LocalDate> date(String heading) {
            String text = text(heading);
            try {
                return text.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(text));
            } catch (DateTimeParseException e) {
                problem(line, heading + " is \"" + text + "\", expected a date such as 2026-03-02");
                return Optional.empty();
            }
        }
    }
}
