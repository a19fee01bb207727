package barrowmist.server.desk;

import barrowmist.core.desk.Outlook.Expected;
import barrowmist.core.plan.ControlStep;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is expected of a running roast, on the wire. Times are s since charge. */
public final class OutlookViews {

    private OutlookViews() {}

    /** What will come of it. */
    public record OutlookView(
            boolean planned,
            Optional<Expected> dryEndS,
            Optional<Expected> firstCrackS,
            Optional<Expected> rorAtFirstCrackCPerMin,
            Optional<Expected> dropS,
            Optional<Expected> dropC,
            Optional<Expected> developmentS,
            Optional<Expected> developmentPct,
            List<Double> aheadTimeS,
            List<Double> aheadBeanC) {}

    /** The next planned move. */
    public record NextMoveView(
            ControlStep.Control control, double fromValue, double toValue, OptionalDouble inS, String when) {}
}
