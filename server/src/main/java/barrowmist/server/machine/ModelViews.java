package barrowmist.server.machine;

import barrowmist.core.check.Coded;
import barrowmist.core.green.Process;
import barrowmist.core.machine.FittedModel;
import barrowmist.core.machine.thermal.FitRange.Range;
import barrowmist.core.roast.Drift;
import barrowmist.core.roast.KeyFigure;
import barrowmist.core.units.Wording;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;

/** What is learned of a roaster, on the wire. */
public final class ModelViews {

    private ModelViews() {}

    /** A roaster's bands for one process, and how they have drifted. */
    public record ProcessReferenceView(Process process, int roasts, ReferenceView bands, List<DriftView> drifts) {}

    /** How a figure has moved; {@code figure} is a field of the bands. */
    public record DriftView(String figure, @JsonUnwrapped Drift drift) {}

    /** How far a model is. */
    public enum State implements Coded {
        NONE,
        FITTING,
        FITTED,
        FAILED
    }

    /**
     * How the fit of a roaster's model stands.
     *
     * @param share how far a running fit has come, [0, 1]
     * @param doing what it does, or why it failed
     * @param usableRoasts logs that a fit would use now
     * @param withoutGas whole roasts that it cannot use, as they lack a column of the gas
     */
    public record ModelView(
            State state,
            double share,
            String doing,
            int usableRoasts,
            int withoutGas,
            @Nullable FittedView fitted) {}

    /**
     * A fitted model: how well it fits, to what, and how far off it foretells roasts it has not seen.
     *
     * @param earlyErrorC what it misses while the probe still cools down, °C
     * @param airflowPct null where no roast has a column of it
     * @param misfit where it misses and what that usually comes of; null where it does not
     * @param usualErrors what the roaster's usual values miss of the same roasts
     * @param doubts why it is not believed; empty when it is
     */
    public record FittedView(
            Instant fittedAt,
            int roasts,
            double beanErrorC,
            OptionalDouble earlyErrorC,
            double environmentErrorC,
            Range chargeC,
            Range greenG,
            Range gasPct,
            @Nullable Range airflowPct,
            Range totalS,
            Map<KeyFigure, Double> errors,
            Map<KeyFigure, Double> usualErrors,
            @Nullable String misfit,
            List<String> doubts,
            List<ConstantView> constants) {

        static FittedView of(FittedModel m, Instant fittedAt, Wording wording) {
            Map<KeyFigure, Double> errors = new TreeMap<>();
            Map<KeyFigure, Double> usual = new TreeMap<>();
            m.calibration().forEach((figure, c) -> {
                errors.put(figure, c.error());
                usual.put(figure, c.usualError());
            });
            var c = m.machine();
            List<ConstantView> constants = List.of(
                    new ConstantView("Burner at full gas", c.burnerW(), "W"),
                    new ConstantView("Share of it to the drum", 100 * c.flameToDrum(), "%"),
                    new ConstantView("Burner lag", c.burnerS(), "s"),
                    new ConstantView("Air at full airflow", 1000 * c.airKgPerS(), "g/s"),
                    new ConstantView("Air to beans", c.beanAirWPerKKg(), "W/(K kg)"),
                    new ConstantView("Drum to beans", c.beanDrumWPerKKg(), "W/(K kg)"),
                    new ConstantView("Air to drum", c.airDrumWPerK(), "W/K"),
                    new ConstantView("Heat taken up by the drum", c.drumJPerK(), "J/K"),
                    new ConstantView("Loss to the room", c.lossWPerK(), "W/K"),
                    new ConstantView("Bean probe lag", c.probeS(), "s"),
                    new ConstantView("Air felt by the bean probe", 100 * c.probeAirShare(), "%"),
                    new ConstantView("Environment probe lag", c.environmentS(), "s"),
                    new ConstantView("Uptake of naturals", c.naturalUptake(), "×"),
                    new ConstantView("Heat at charge", 100 * c.flameAtCharge(), "% of what the gas gives"));
            return new FittedView(
                    fittedAt,
                    m.roasts(),
                    m.beanErrorC(),
                    Double.isFinite(m.bean().earlyC())
                            ? OptionalDouble.of(m.bean().earlyC())
                            : OptionalDouble.empty(),
                    m.environmentErrorC(),
                    m.range().chargeC(),
                    m.range().greenG(),
                    m.range().gasPct(),
                    m.range().airLogged() ? m.range().airflowPct() : null,
                    m.range().totalS(),
                    errors,
                    usual,
                    m.misfit().map(x -> x.cause().text()).orElse(null),
                    m.doubts(wording),
                    constants);
        }
    }

    /** A fitted constant. */
    public record ConstantView(String name, double value, String unit) {}
}
