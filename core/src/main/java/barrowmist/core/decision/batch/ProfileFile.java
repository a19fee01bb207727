package barrowmist.core.decision.batch;

import barrowmist.core.check.Coded;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.plan.Aim;
import barrowmist.core.plan.PlanLimits;
import barrowmist.core.units.CsvTable;
import barrowmist.core.units.Numbers;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;

/** A profile as an open table, so that two labs can share a recipe: a figure a row, with its target and tolerance. */
public final class ProfileFile {

    private static final List<String> HEADER = List.of("figure", "target", "tolerance", "unit");

    /** Read off another probe, or given by another drum: such a figure says little here. */
    private static final List<BatchFigure> OF_ITS_OWN_DRUM =
            List.of(BatchFigure.CHARGE_C, BatchFigure.TURNING_POINT_S, BatchFigure.DROP_C, BatchFigure.COLOUR_GROUND);

    private ProfileFile() {}

    /**
     * What a file says.
     *
     * @param profile empty where something is wrong with it
     * @param problems each with its line
     */
    public record Read(Optional<Profile> profile, List<FieldProblem> problems) {}

    public static String write(Profile profile) {
        List<List<Object>> rows = new ArrayList<>();
        profile.aims().forEach((f, aim) -> rows.add(List.of(f.code(), aim.value(), aim.tolerance(), f.unit())));
        return CsvTable.write(HEADER, rows);
    }

    /** Refuses the whole file for one bad line. Lines that begin with # are notes. */
    public static Read read(String text) {
        List<FieldProblem> problems = new ArrayList<>();
        Map<BatchFigure, Aim> aims = new EnumMap<>(BatchFigure.class);
        boolean semicolons = text.indexOf(';') >= 0;
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(semicolons ? ';' : ',')
                .setCommentMarker('#')
                .setIgnoreEmptyLines(true)
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .get();
        try (CSVParser parser = CSVParser.parse(new StringReader(withoutMark(text)), format)) {
            if (!parser.getHeaderMap().keySet().containsAll(HEADER.subList(0, 3))) {
                problems.add(new FieldProblem("file", "The first line must name figure, target and tolerance"));
                return new Read(Optional.empty(), problems);
            }
            for (CSVRecord row : parser) {
                line(row, new Numbers(semicolons), aims, problems);
            }
        } catch (IOException | IllegalArgumentException | IllegalStateException e) {
            problems.add(new FieldProblem("file", "This is no table of figures: " + e.getMessage()));
        }
        if (aims.isEmpty() && problems.isEmpty()) {
            problems.add(new FieldProblem("file", "The file names no figure"));
        }
        return new Read(problems.isEmpty() ? Optional.of(new Profile(aims)) : Optional.empty(), problems);
    }

    private static String withoutMark(String text) {
        return text.startsWith("\uFEFF") ? text.substring(1) : text;
    }

    private static void line(CSVRecord row, Numbers numbers, Map<BatchFigure, Aim> aims, List<FieldProblem> problems) {
        String at = "Line " + (row.getRecordNumber() + 1);
        if (!row.isConsistent() && row.size() < HEADER.size() - 1) {
            problems.add(new FieldProblem("file", at + " has too few columns"));
            return;
        }
        Optional<BatchFigure> figure = Coded.find(BatchFigure.class, row.get("figure"));
        OptionalDouble target = numbers.number(row.get("target"));
        OptionalDouble tolerance = numbers.number(row.get("tolerance"));
        if (figure.isEmpty()) {
            problems.add(new FieldProblem("file", at + ": " + row.get("figure") + " is no figure of a batch"));
        } else if (target.isEmpty()
                || tolerance.isEmpty()
                || !PlanLimits.aim(target.getAsDouble(), tolerance.getAsDouble())) {
            problems.add(new FieldProblem(
                    "file", at + ": " + figure.get().label() + " needs a target of 0 or more and a tolerance above 0"));
        } else {
            aims.put(figure.get(), new Aim(target.getAsDouble(), tolerance.getAsDouble()));
        }
    }

    /** Of a profile from elsewhere, what carries over to another drum: shares and times, and no reading of its probes. */
    public static Map<BatchFigure, Aim> thatCarriesOver(Profile profile) {
        Map<BatchFigure, Aim> out = new EnumMap<>(BatchFigure.class);
        profile.aims().forEach((f, aim) -> {
            if (!OF_ITS_OWN_DRUM.contains(f)) {
                out.put(f, aim);
            }
        });
        return out;
    }
}
