package barrowmist.core.roast.csv;

import barrowmist.core.roast.csv.ReadResult.LineProblem;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Takes the headings of a roast log for its columns. */
final class Headings {

    private Headings() {}

    /** Which column stands where; what is wrong with them is added to {@code problems}. */
    static Map<Column, Integer> columns(RoastLogReader.Row header, ReadOptions options, List<LineProblem> problems) {
        Map<Column, Integer> columns = new EnumMap<>(Column.class);
        for (int i = 0; i < header.cells().size(); i++) {
            String heading = header.cells().get(i).strip();
            Column column = options.columns()
                    .getOrDefault(heading, Column.parse(heading).orElse(Column.IGNORE));
            if (column != Column.IGNORE && columns.putIfAbsent(column, i) != null) {
                problems.add(
                        new LineProblem(header.line(), "Two columns mean " + column.heading() + ": leave one out"));
            }
        }
        if (!columns.containsKey(Column.TIME)) {
            problems.add(new LineProblem(header.line(), "There is no time column: expected the heading time"));
        }
        oneOf(header, columns, problems, Column.BEAN_C, Column.BEAN_F, true);
        oneOf(header, columns, problems, Column.ENVIRONMENT_C, Column.ENVIRONMENT_F, false);
        String control = "There are two columns for one control: expected one of ";
        atMostOne(header, columns, problems, control, Column.GAS_PCT, Column.GAS_KPA, Column.GAS_MBAR, Column.GAS_DIAL);
        atMostOne(header, columns, problems, control, Column.AIRFLOW_PCT, Column.AIRFLOW_DIAL);
        atMostOne(header, columns, problems, control, Column.DRUM_RPM, Column.DRUM_DIAL);
        return columns;
    }

    private static void atMostOne(
            RoastLogReader.Row header,
            Map<Column, Integer> columns,
            List<LineProblem> problems,
            String problem,
            Column... of) {
        if (Stream.of(of).filter(columns::containsKey).count() > 1) {
            problems.add(new LineProblem(
                    header.line(), problem + Stream.of(of).map(Column::heading).collect(Collectors.joining(", "))));
        }
    }

    private static void oneOf(
            RoastLogReader.Row header,
            Map<Column, Integer> columns,
            List<LineProblem> problems,
            Column c,
            Column f,
            boolean required) {
        Set<Column> there = EnumSet.noneOf(Column.class);
        there.addAll(columns.keySet());
        there.retainAll(EnumSet.of(c, f));
        String either = c.heading() + " or " + f.heading();
        if (there.size() == 2) {
            problems.add(new LineProblem(header.line(), "There are two columns for one probe: expected " + either));
        } else if (there.isEmpty() && required) {
            problems.add(
                    new LineProblem(header.line(), "There is no bean temperature: expected the heading " + either));
        }
    }
}
