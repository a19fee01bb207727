package barrowmist.core.desk;

import barrowmist.core.check.Coded;
import barrowmist.core.roast.RoastLog;
import java.util.Optional;

/**
 * What will come of a roast, as seen at one moment. What cannot be known is empty.
 *
 * @param atS when it was seen so, s since charge
 * @param dryEndS when dry end comes, s since charge; empty once it was called
 * @param firstCrackS when first crack comes, s since charge; empty once it was called
 * @param rorAtFirstCrackCPerMin rate of rise there, °C/min; empty once it was called
 * @param dropS when the plan's rule for the drop is met, s since charge; empty without a plan
 * @param dropC bean probe there, °C
 * @param developmentS first crack to drop, s
 * @param developmentPct the same as a share of the whole time, %
 * @param ahead what the probes are expected to read from now on
 */
public record Outlook(
        double atS,
        Optional<Expected> dryEndS,
        Optional<Expected> firstCrackS,
        Optional<Expected> rorAtFirstCrackCPerMin,
        Optional<Expected> dropS,
        Optional<Expected> dropC,
        Optional<Expected> developmentS,
        Optional<Expected> developmentPct,
        RoastLog ahead) {

    /**
     * An expected figure.
     *
     * @param value in the figure's unit
     * @param plusMinus one standard deviation, same unit
     * @param by who says so
     */
    public record Expected(double value, double plusMinus, By by) {

        /** What the machine's model says. */
        public Expected(double value, double plusMinus) {
            this(value, plusMinus, By.MODEL);
        }
    }

    /** Who expects it: whichever of them was nearer in this machine's own roasts. */
    public enum By implements Coded {
        /** The machine's model, followed along this roast. */
        MODEL,
        /** The pace of the machine's last roasts. */
        PACE
    }

    /** Who tells the next event; empty when nobody does. */
    public Optional<By> by() {
        return dryEndS.or(() -> firstCrackS).or(() -> dropS).map(Expected::by);
    }
}
