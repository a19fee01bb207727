package barrowmist.core.units;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** A table as CSV (RFC 4180). A text that a spreadsheet would take for a formula is marked as text. */
public final class CsvTable {

    private static final String FORMULA_STARTS = "=+-@\t\r";

    private CsvTable() {}

    /** Numbers are given as numbers, so that a negative one stays one. */
    public static String write(List<String> header, List<? extends List<?>> rows) {
        StringBuilder out = new StringBuilder();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(header.toArray(String[]::new))
                .get();
        try (CSVPrinter printer = new CSVPrinter(out, format)) {
            for (List<?> row : rows) {
                printer.printRecord(row.stream().map(CsvTable::cell).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException("A string buffer does not fail", e);
        }
        return out.toString();
    }

    private static Object cell(Object value) {
        return value instanceof String text ? text(text) : value;
    }

    /** A text as it may stand in a cell. */
    public static String text(String value) {
        boolean formula = !value.isEmpty() && FORMULA_STARTS.indexOf(value.charAt(0)) >= 0;
        return formula ? "'" + value : value;
    }
}
