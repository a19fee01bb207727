package barrowmist.core.decision.batch;

import barrowmist.core.check.Coded;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.units.Wording;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;

/** A figure that every batch of a profile is held to. The tolerances are house defaults, as no cup has told narrower ones yet. */
public enum BatchFigure implements Coded {
    CHARGE_C("chargeC", "charge", "°C", 3, b -> b.roast().chargeC()),
    TURNING_POINT_S("turningPointS", "turning point", "s", 8, of(KeyFigure.TURNING_POINT_S)),
    DRY_END_S("dryEndS", "dry end", "s", 15, of(KeyFigure.DRY_END_S)),
    FIRST_CRACK_S("firstCrackS", "first crack", "s", 15, of(KeyFigure.FIRST_CRACK_S)),
    DEVELOPMENT_S("developmentS", "development time", "s", 8, of(KeyFigure.DEVELOPMENT_S)),
    DEVELOPMENT_PCT("developmentPct", "development", "%", 1.5, of(KeyFigure.DEVELOPMENT_PCT)),
    ROR_AT_FIRST_CRACK(
            "rorAtFirstCrackCPerMin", "rate of rise at first crack", "°C/min", 1.5, of(KeyFigure.ROR_AT_FIRST_CRACK)),
    DROP_C("dropC", "drop", "°C", 2, of(KeyFigure.DROP_C)),
    TOTAL_S("totalS", "total time", "s", 20, of(KeyFigure.TOTAL_S)),
    LOSS_PCT("weightLossPct", "weight loss", "%", 0.5, Batch::lossPct),
    COLOUR_GROUND("colourGround", "ground colour", "points", 3, Batch::colourGround);

    private final String code;
    private final String label;
    private final String unit;
    private final double tolerance;
    private final Function<Batch, OptionalDouble> value;

    BatchFigure(String code, String label, String unit, double tolerance, Function<Batch, OptionalDouble> value) {
        this.code = code;
        this.label = label;
        this.unit = unit;
        this.tolerance = tolerance;
        this.value = value;
    }

    private static Function<Batch, OptionalDouble> of(KeyFigure figure) {
        return b -> figure.of(b.roast());
    }

    /** The name on the wire. */
    @Override
    public String code() {
        return code;
    }

    /** The name in running text. */
    @Override
    public String label() {
        return label;
    }

    /** As it is printed behind a value; empty for none. */
    public String unit() {
        return unit;
    }

    /** How far beside its target still counts as reached, where nothing tells a narrower one. */
    public double tolerance() {
        return tolerance;
    }

    /** Of a batch; empty where it was not measured. */
    public OptionalDouble of(Batch batch) {
        return value.apply(batch);
    }

    /** How far two values of it lie apart, as it is written, such as {@code 1.5 °C}. */
    public String apart(double by, Wording wording) {
        return switch (unit) {
            case "°C" -> wording.difference(by);
            case "°C/min" -> wording.rate(by);
            default -> Wording.number(by) + (unit.isEmpty() ? "" : " " + unit);
        };
    }

    /** A value of it as it is written: a time as minutes and seconds. */
    public String written(double value, Wording wording) {
        return switch (unit) {
            case "°C" -> wording.exact(value);
            case "s" -> String.format(Locale.ROOT, "%d:%02d", Math.round(value) / SECONDS, Math.round(value) % SECONDS);
            default -> apart(value, wording);
        };
    }

    private static final int SECONDS = 60;

    /** What a plan aims at by this name; empty where plans do not know it. */
    public Optional<KeyFigure> planned() {
        return Coded.find(KeyFigure.class, code);
    }
}
