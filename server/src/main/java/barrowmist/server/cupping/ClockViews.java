package barrowmist.server.cupping;

import barrowmist.core.cupping.panel.TableClock;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** A table's clock on the wire; all times are s since the first pour. */
public final class ClockViews {

    private ClockViews() {}

    /** How the pour begins; what is left out is as usual. */
    public record PourEntry(
            @Schema(example = "20") @Nullable Double gapS,
            @Schema(example = "93") @Nullable Double waterC,
            @Schema(example = "22") @Nullable Double roomC) {}

    /** A thermometer read in a cup. */
    public record CupReading(@Schema(example = "68.5") double c) {}

    /** That the first of it is ground now; covered cups may wait longer. */
    public record GroundEntry(
            @Schema(example = "false") @Nullable Boolean covered) {}

    /** A sample that was poured just now. */
    public record PouredEntry(@Schema(example = "472") String code) {}

    /** A sample whose crust was broken just now. */
    public record BreakEntry(@Schema(example = "472") String code) {}

    /**
     * A sample's pour and break; {@code early} and {@code late} are outside of 3 to 5 minutes.
     *
     * @param poured whether somebody said that it was poured
     */
    public record ClockSample(
            String code,
            double pourS,
            boolean poured,
            double breakS,
            OptionalDouble brokenS,
            boolean early,
            boolean late) {}

    /**
     * @param now the server's time, so that every screen shows the same
     * @param pouredAt the first pour; left out before it
     * @param groundAt when the first of it was ground; left out where nobody said
     * @param covered whether the ground coffee stands covered
     * @param pourBy until when the water is to be on it
     * @param pouredLate whether it was poured after that
     * @param steps empty where nothing is brewed in the cup
     * @param gapS between one sample's pour and the next; before the pour what is usual
     * @param readings how many thermometer readings the times are fitted to
     */
    public record ClockView(
            Instant now,
            @Nullable Instant pouredAt,
            @Nullable Instant groundAt,
            boolean covered,
            @Nullable Instant pourBy,
            boolean pouredLate,
            List<TableClock.Step> steps,
            List<ClockSample> samples,
            double gapS,
            int readings) {}
}
