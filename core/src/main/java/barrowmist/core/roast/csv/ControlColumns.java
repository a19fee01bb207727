package barrowmist.core.roast.csv;

import barrowmist.core.roast.Series;
import barrowmist.core.units.ControlScale;
import barrowmist.core.units.ControlWords;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.DoubleUnaryOperator;

/** Turns what a roaster's own gauges and dials read into % of full and 1/min. */
final class ControlColumns {

    /** No roast is made on so little gas, %: such a column is rather a pressure or a dial (house default). */
    private static final double HARDLY_PCT = 10;

    private final ControlWords scales;

    ControlColumns(ControlWords scales) {
        this.scales = scales;
    }

    /** What keeps a column from being read; empty when nothing does. */
    Optional<String> problem(Column column, Series read) {
        if (column == Column.GAS_PCT) {
            double most = Arrays.stream(read.values()).max().orElse(0);
            return most > 0 && most <= HARDLY_PCT
                    ? Optional.of(("gas_pct never goes above %.2f %%: hardly a share of full gas. A pressure goes under"
                                    + " gas_kpa or gas_mbar, a dial under gas_dial")
                            .formatted(most))
                    : Optional.empty();
        }
        return own(column) && turn(column).isEmpty()
                ? Optional.of(
                        column.heading() + " is the roaster's own reading: enter first, on the roaster's page, what"
                                + (pressure(column) ? " pressure its gauge reads" : " it reads") + " when it is full")
                : Optional.empty();
    }

    private static boolean pressure(Column column) {
        return column == Column.GAS_KPA || column == Column.GAS_MBAR;
    }

    private static boolean own(Column column) {
        return pressure(column)
                || column == Column.GAS_DIAL
                || column == Column.AIRFLOW_DIAL
                || column == Column.DRUM_DIAL;
    }

    /** The readings in % of full or 1/min. */
    Series base(Column column, Series read) {
        return turn(column)
                .map(turn -> new Series(
                        read.timesS(), Arrays.stream(read.values()).map(turn).toArray()))
                .orElse(read);
    }

    private Optional<DoubleUnaryOperator> turn(Column column) {
        return switch (column) {
            case GAS_KPA -> pressure(ControlScale.Unit.KPA);
            case GAS_MBAR -> pressure(ControlScale.Unit.MBAR);
            case GAS_DIAL -> dial(scales.gas());
            case AIRFLOW_DIAL -> dial(scales.air());
            case DRUM_DIAL -> dial(scales.drum());
            default -> Optional.empty();
        };
    }

    private Optional<DoubleUnaryOperator> pressure(ControlScale.Unit unit) {
        return scales.gas()
                .filter(s -> s.ofPressure(0, unit).isPresent())
                .map(s -> v -> s.ofPressure(v, unit).getAsDouble());
    }

    private static Optional<DoubleUnaryOperator> dial(Optional<ControlScale> scale) {
        return scale.map(s -> s::base);
    }
}
