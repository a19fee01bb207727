package barrowmist.server.desk;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** What is expected of a running roast, on the wire. Times are s since charge. */
public final class OutlookViews {

    private OutlookViews() {}

    /** An expected figure. */
    public record ExpectedView(double value, double plusMinus) {}

    /** What will come of it. */
    public record OutlookView(
            boolean planned,
            @Nullable ExpectedView dryEndS,
            @Nullable ExpectedView firstCrackS,
            @Nullable ExpectedView rorAtFirstCrackCPerMin,
            @Nullable ExpectedView dropS,
            @Nullable ExpectedView dropC,
            @Nullable ExpectedView developmentS,
            @Nullable ExpectedView developmentPct,
            List<Double> aheadTimeS,
            List<Double> aheadBeanC) {}

    /** The next planned move. */
    public record NextMoveView(
            @Schema(allowableValues = {"gas", "air", "drum"})
            String control,

            double fromValue,
            double toValue,
            OptionalDouble inS,
            String when) {}
}
