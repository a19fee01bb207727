package barrowmist.server.device;

import barrowmist.core.check.Coded;

/** Kinds of instrument in a laboratory. */
enum Instrument implements Coded {
    SCALE("scale", "Scale", "g", 0.15, 0, 6000),
    MOISTURE("moisture", "Moisture meter", "%", 0.1, 0, 40),
    COLOUR("colour", "Colour meter", "", 0.4, 0, 150);

    private final String code;
    private final String label;
    private final String unit;
    private final double tolerance;
    private final double min;
    private final double max;

    Instrument(String code, String label, String unit, double tolerance, double min, double max) {
        this.code = code;
        this.label = label;
        this.unit = unit;
        this.tolerance = tolerance;
        this.min = min;
        this.max = max;
    }

    @Override
    public String code() {
        return code;
    }

    @Override
    public String label() {
        return label;
    }

    String unit() {
        return unit;
    }

    /** Most that readings at rest differ, in the unit (house default). */
    double tolerance() {
        return tolerance;
    }

    double min() {
        return min;
    }

    double max() {
        return max;
    }
}
