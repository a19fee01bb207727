package barrowmist.core.plan;

import barrowmist.core.check.Coded;
import barrowmist.core.machine.thermal.ControlLevels;

/**
 * One planned move of a control.
 *
 * @param when its trigger
 * @param control which
 * @param value where to: % for gas and air, 1/min for the drum
 */
public record ControlStep(Trigger when, Control control, double value) {

    /** What can be moved. */
    public enum Control implements Coded {
        GAS("gas"),
        AIR("air"),
        DRUM("drum speed");

        private final String label;

        Control(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }

        /** Where this control stands. */
        public double of(ControlLevels levels) {
            return switch (this) {
                case GAS -> levels.gasPct();
                case AIR -> levels.airflowPct();
                case DRUM -> levels.drumRpm();
            };
        }
    }

    public ControlStep withValue(double newValue) {
        return new ControlStep(when, control, newValue);
    }

    ControlLevels applied(ControlLevels before) {
        return switch (control) {
            case GAS -> new ControlLevels(value, before.airflowPct(), before.drumRpm());
            case AIR -> new ControlLevels(before.gasPct(), value, before.drumRpm());
            case DRUM -> new ControlLevels(before.gasPct(), before.airflowPct(), value);
        };
    }
}
