package barrowmist.core.roast.csv;

import barrowmist.core.check.Coded;
import barrowmist.core.check.Shown;
import barrowmist.core.roast.Clock;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.RoastEvent;
import barrowmist.core.roast.RoastEvents;
import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import barrowmist.core.roast.csv.ReadResult.LineProblem;
import barrowmist.core.roast.csv.RoastLogReader.Row;
import barrowmist.core.units.ControlWords;
import barrowmist.core.units.Numbers;
import barrowmist.core.units.Temperature;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/** Reads the rows under a known header, and gathers every problem on the way. One file, then thrown away. */
final class RowReader {

    /** A bean probe above this, °C, is more likely °F (house default). */
    private static final double HARDLY_BEAN_C = 350;

    /** A charge above this, °C, is more likely °F (house default). */
    private static final double HARDLY_CHARGE_C = 300;

    private static final int FEWEST_READINGS = 10;

    private final Map<Column, Integer> columns;
    private final int width;
    private final Numbers numbers;
    private final ReadOptions options;
    private final ControlColumns controls;
    private final List<LineProblem> problems = new ArrayList<>();
    private final Map<Column, Channel> channels = new EnumMap<>(Column.class);
    private final List<RoastEvent> events = new ArrayList<>();
    private final Map<EventKind, Integer> eventLines = new HashMap<>();
    private double lastTimeS = Double.NEGATIVE_INFINITY;

    RowReader(Map<Column, Integer> columns, int width, Numbers numbers, ReadOptions options, ControlWords scales) {
        this.controls = new ControlColumns(scales);
        this.columns = columns;
        this.width = width;
        this.numbers = numbers;
        this.options = options;
        columns.keySet().forEach(c -> channels.put(c, new Channel()));
    }

    ReadResult read(List<Row> rows, Map<String, String> notes) {
        for (Row row : rows) {
            if (problems.size() >= RoastLogReader.MOST_PROBLEMS) {
                break;
            }
            read(row);
        }
        RoastEvents found = new RoastEvents(events);
        if (problems.isEmpty()) {
            checkWhole(found);
        }
        if (!problems.isEmpty()) {
            return new ReadResult.Refused(List.copyOf(problems));
        }
        Optional<String> question = unitQuestion(found);
        if (question.isPresent()) {
            return new ReadResult.AsksUnit(question.get());
        }
        return new ReadResult.Accepted(log(), found, Map.copyOf(notes));
    }

    private void read(Row row) {
        if (row.cells().size() > width) {
            problem(
                    row,
                    "It has " + row.cells().size() + " cells under " + width
                            + " headings; a decimal comma needs semicolons between the columns");
            return;
        }
        OptionalDouble time = time(row);
        columns.keySet().forEach(column -> cell(row, column, time));
    }

    private OptionalDouble time(Row row) {
        String text = text(row, Column.TIME);
        OptionalDouble time = numbers.timeS(text);
        if (time.isEmpty()) {
            problem(row, "time is " + shown(text) + ", expected seconds such as 83 or minutes such as 1:23");
            return time;
        }
        double t = time.getAsDouble();
        if (!(t >= Column.TIME.min() && t <= Column.TIME.max())) {
            problem(row, "time is " + shown(text) + ", expected 0 to 24 hours");
            return OptionalDouble.empty();
        }
        if (t < lastTimeS) {
            problem(row, "time runs backwards: " + Clock.text(t) + " comes after " + Clock.text(lastTimeS));
            return OptionalDouble.empty();
        }
        lastTimeS = t;
        return time;
    }

    private void cell(Row row, Column column, OptionalDouble time) {
        String text = text(row, column);
        if (text.isBlank() || column == Column.TIME) {
            return;
        }
        if (column == Column.EVENT) {
            event(row, text, time);
            return;
        }
        OptionalDouble value = numbers.number(text);
        if (value.isEmpty()) {
            problem(row, column.heading() + " is " + shown(text) + ", expected a number or an empty cell");
        } else if (value.getAsDouble() < column.min() || value.getAsDouble() > column.max()) {
            problem(
                    row,
                    "%s is %s, allowed are %.0f to %.0f"
                            .formatted(column.heading(), shown(text), column.min(), column.max()));
        } else if (time.isPresent()) {
            channels.computeIfAbsent(column, c -> new Channel()).add(time.getAsDouble(), value.getAsDouble());
        }
    }

    private void event(Row row, String text, OptionalDouble time) {
        Optional<EventKind> kind = Coded.find(EventKind.class, text);
        if (kind.isEmpty()) {
            problem(row, "event is " + shown(text) + ", expected one of " + String.join(", ", EventKind.codes()));
            return;
        }
        if (kind.get().single() && eventLines.containsKey(kind.get())) {
            problem(
                    row,
                    "there is a second " + kind.get().label() + "; the first is on line " + eventLines.get(kind.get())
                            + ". A log holds one roast");
            return;
        }
        eventLines.put(kind.get(), row.line());
        time.ifPresent(t -> events.add(RoastEvent.at(kind.get(), t)));
    }

    private void checkWhole(RoastEvents found) {
        int readings = bean().size();
        if (readings < FEWEST_READINGS) {
            problems.add(new LineProblem(
                    0, "There are " + readings + " bean readings: a roast needs at least " + FEWEST_READINGS));
        }
        channels.keySet().stream()
                .flatMap(c -> controls.problem(c, series(c)).stream())
                .forEach(text -> problems.add(new LineProblem(0, text)));
        found.problems().forEach(p -> problems.add(new LineProblem(lineOf(p), p)));
    }

    /** The line of the event that an order problem begins with. */
    private int lineOf(String problem) {
        return eventLines.entrySet().stream()
                .filter(e -> problem.startsWith(e.getKey().label() + " at"))
                .mapToInt(Map.Entry::getValue)
                .findFirst()
                .orElse(0);
    }

    private Optional<String> unitQuestion(RoastEvents found) {
        if (options.celsius() != ReadOptions.Celsius.ASK || !columns.containsKey(Column.BEAN_C)) {
            return Optional.empty();
        }
        Series bean = series(Column.BEAN_C);
        double hottest = 0;
        for (int i = 0; i < bean.size(); i++) {
            hottest = Math.max(hottest, bean.value(i));
        }
        int charge = bean.indexFrom(found.timeS(EventKind.CHARGE).orElse(0));
        double chargeC = charge < bean.size() ? bean.value(charge) : 0;
        if (hottest > HARDLY_BEAN_C) {
            return Optional.of(question("goes up to", hottest));
        }
        return chargeC > HARDLY_CHARGE_C ? Optional.of(question("is at charge", chargeC)) : Optional.empty();
    }

    private static String question(String how, double figure) {
        return "bean_c %s %.0f, which is hardly °C. Are the temperatures of this file in °F?".formatted(how, figure);
    }

    private RoastLog log() {
        boolean fahrenheit = options.celsius() == ReadOptions.Celsius.IS_FAHRENHEIT;
        Series environment = channels.containsKey(Column.ENVIRONMENT_F)
                ? celsius(series(Column.ENVIRONMENT_F))
                : series(Column.ENVIRONMENT_C);
        boolean turn = fahrenheit && channels.containsKey(Column.ENVIRONMENT_C);
        return new RoastLog(
                bean(),
                turn ? celsius(environment) : environment,
                control(Column.GAS_PCT, Column.GAS_KPA, Column.GAS_MBAR, Column.GAS_DIAL),
                control(Column.AIRFLOW_PCT, Column.AIRFLOW_DIAL),
                control(Column.DRUM_RPM, Column.DRUM_DIAL));
    }

    /** Whichever of these the file has, in % of full or 1/min. */
    private Series control(Column... of) {
        return Stream.of(of)
                .filter(channels::containsKey)
                .findFirst()
                .map(c -> controls.base(c, series(c)))
                .orElse(Series.empty());
    }

    private Series bean() {
        if (channels.containsKey(Column.BEAN_F)) {
            return celsius(series(Column.BEAN_F));
        }
        Series bean = series(Column.BEAN_C);
        return options.celsius() == ReadOptions.Celsius.IS_FAHRENHEIT ? celsius(bean) : bean;
    }

    private Series series(Column column) {
        Channel channel = channels.get(column);
        return channel == null ? Series.empty() : channel.series();
    }

    private static Series celsius(Series fahrenheit) {
        double[] v = fahrenheit.values();
        for (int i = 0; i < v.length; i++) {
            v[i] = Temperature.ofFahrenheit(v[i]).c();
        }
        return new Series(fahrenheit.timesS(), v);
    }

    private String text(Row row, Column column) {
        int i = columns.getOrDefault(column, row.cells().size());
        return i < row.cells().size() ? row.cells().get(i).strip() : "";
    }

    private static String shown(String text) {
        return text.isBlank() ? "empty" : '"' + Shown.of(text) + '"';
    }

    private void problem(Row row, String message) {
        problems.add(new LineProblem(row.line(), message));
    }
}
