package barrowmist.core.trace;

import barrowmist.core.roast.KeyFigure;
import barrowmist.core.roast.RoastFigures;
import barrowmist.core.sample.BenchFigures;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.BiFunction;

/**
 * A figure of the analysis or the bench that may separate cups.
 *
 * @param code its name on the wire
 * @param label its name in running text
 * @param unit as it is printed behind a value; empty for none
 * @param of its value for one roast
 */
public record CupMetric(
        String code, String label, String unit, BiFunction<RoastFigures, BenchFigures, OptionalDouble> of) {

    private static final List<CupMetric> ALL = all();

    /** Every one, those of the log first. */
    public static List<CupMetric> values() {
        return ALL;
    }

    public static Optional<CupMetric> parse(String code) {
        return ALL.stream().filter(m -> m.code.equals(code)).findFirst();
    }

    private static List<CupMetric> all() {
        List<CupMetric> out = new ArrayList<>();
        out.add(new CupMetric("chargeC", "charge", "°C", (r, b) -> r.chargeC()));
        for (KeyFigure f : KeyFigure.values()) {
            out.add(new CupMetric(f.code(), f.label(), unit(f.unit()), (r, b) -> f.of(r)));
        }
        out.add(new CupMetric(
                "developmentRiseC", "degrees from first crack to drop", "°C", (r, b) -> r.developmentRiseC()));
        out.add(new CupMetric("drumRpm", "drum speed", "1/min", (r, b) -> r.drumRpm()));
        out.add(new CupMetric("weightLossPct", "weight loss", "%", (r, b) -> b.weightLossPct()));
        out.add(new CupMetric("colourWhole", "colour of the whole beans", "", (r, b) -> b.colourWhole()));
        out.add(new CupMetric("colourGround", "colour of the ground coffee", "", (r, b) -> b.colourGround()));
        out.add(new CupMetric("colourGap", "ground lighter than whole by", "", (r, b) -> b.colourGap()));
        out.add(new CupMetric("quakersPer100g", "quakers", "in 100 g", (r, b) -> count(b.quakersPer100g())));
        out.add(new CupMetric("scorchedPer100g", "scorched beans", "in 100 g", (r, b) -> count(b.scorchedPer100g())));
        out.add(new CupMetric("tippedPer100g", "tipped beans", "in 100 g", (r, b) -> count(b.tippedPer100g())));
        return List.copyOf(out);
    }

    private static String unit(KeyFigure.Unit unit) {
        return switch (unit) {
            case SECONDS -> "s";
            case CELSIUS -> "°C";
            case PERCENT -> "%";
            case CELSIUS_PER_MINUTE -> "°C/min";
        };
    }

    private static OptionalDouble count(OptionalInt n) {
        return n.isPresent() ? OptionalDouble.of(n.getAsInt()) : OptionalDouble.empty();
    }
}
