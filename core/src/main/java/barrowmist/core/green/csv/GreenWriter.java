package barrowmist.core.green.csv;

import barrowmist.core.green.Defect;
import barrowmist.core.green.Inspection;
import barrowmist.core.units.CsvTable;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Writes lots and inspections as a table that {@link GreenReader} reads back. */
public final class GreenWriter {

    private GreenWriter() {}

    /** All rows under one header. */
    public static String write(List<GreenRow> rows) {
        return CsvTable.write(
                GreenColumns.all(), rows.stream().map(GreenWriter::cells).toList());
    }

    private static List<String> cells(GreenRow row) {
        Inspection i = row.inspection();
        var lot = row.lot();
        List<String> cells = new ArrayList<>(List.of(
                text(lot.name()),
                text(lot.supplier()),
                text(lot.origin()),
                lot.process() == null ? "" : lot.process().label(),
                cell(lot.arrivalDate()),
                cell(lot.kg()),
                cell(lot.screen()),
                row.stage().label(),
                number(i.moisturePct().isPresent() ? i.moisturePct() : lot.moisturePct()),
                number(i.waterActivity()),
                number(
                        i.densityGPerL().isPresent() || i.cupMassG().isPresent()
                                ? i.densityGPerL()
                                : lot.densityGPerL()),
                number(i.cupMassG()),
                number(i.cupVolumeMl()),
                i.harvest().map(Object::toString).orElse(""),
                String.join("; ", i.smells()),
                i.colour().orElse(""),
                text(i.storage()),
                i.mouldOrTaint() ? "yes" : "",
                number(i.sieveSampleG()),
                i.contractScreen().map(Object::toString).orElse("")));
        GreenColumns.SIEVES.forEach(
                s -> cells.add(i.sieves().containsKey(s) ? number(i.sieves().get(s)) : ""));
        cells.add(number(i.defectSampleG()));
        Map<Defect, Integer> defects = i.defects().orElse(Map.of());
        for (Defect kind : Defect.values()) {
            cells.add(i.defects().isPresent() ? Integer.toString(defects.getOrDefault(kind, 0)) : "");
        }
        return cells;
    }

    private static String text(@Nullable String value) {
        return value == null ? "" : value;
    }

    /** A figure or day that may have been left out. */
    private static String cell(@Nullable Object value) {
        return value instanceof Double d ? number(d.doubleValue()) : Objects.toString(value, "");
    }

    private static String number(OptionalDouble value) {
        return value.isPresent() ? number(value.getAsDouble()) : "";
    }

    private static String number(double value) {
        return value == Math.rint(value) ? Long.toString((long) value) : String.format(Locale.ROOT, "%s", value);
    }
}
