package barrowmist.server.desk;

import barrowmist.core.check.Coded;
import barrowmist.core.desk.ChargeGate;
import barrowmist.core.desk.DeskPhase;
import barrowmist.core.green.Process;
import barrowmist.core.machine.Protocol;
import barrowmist.core.roast.EventKind;
import barrowmist.core.roast.PhaseName;
import barrowmist.server.desk.OutlookViews.NextMoveView;
import barrowmist.server.desk.OutlookViews.OutlookView;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** The desk on the wire. Times are s since charge; before the charge they count from when the batch was prepared. */
public final class DeskViews {

    private DeskViews() {}

    /** A roaster and what its desk does. */
    public record DeskSummary(
            long machineId,
            String machineName,
            DeskPhase phase,
            LinkStatus link,
            @Nullable String lotName) {}

    /**
     * Everything a screen needs.
     *
     * @param seq number of readings so far; a stream can be taken up from it
     * @param readings all from {@code from} on
     */
    public record DeskView(DeskState state, int seq, ReadingsView readings) {}

    /** Readings as columns; a thing that was not said is null. */
    public record ReadingsView(
            int first,
            List<Double> timeS,
            List<@Nullable Double> beanC,
            List<@Nullable Double> environmentC,
            List<@Nullable Double> rorCPerMin,
            List<@Nullable Double> gasPct,
            List<@Nullable Double> airflowPct,

            @Schema(
                    description =
                            "where these times begin, s of the desk's own clock: added to a time it gives the desk's")
            double zeroS) {}

    /**
     * Where a desk stands.
     *
     * @param zeroS where its times begin, by the desk's own clock, s
     * @param rate how many seconds of the roaster pass in one
     */
    public record DeskState(
            long machineId,
            String machineName,

            DeskPhase phase,

            LinkView link,
            double nowS,
            double zeroS,
            double rate,
            @Nullable BatchView batch,
            @Nullable ProtocolView protocol,
            @Nullable GateView gate,
            FiguresNow figures,
            List<EntryView> entries,
            List<StretchView> stretches,
            @Nullable EventKind expected,
            @Nullable String turning,
            @Nullable OutlookView outlook,
            @Nullable String toldBy,
            @Nullable String prompt,
            @Nullable NextMoveView next,
            @Nullable WarningView warning,
            @Nullable CoolingView cooling,
            int pops) {}

    /**
     * A stretch of the roast so far; the last one runs.
     *
     * @param fromS s since charge
     * @param sharePct of the time since charge, %
     */
    public record StretchView(PhaseName name, double fromS, double toS, double durationS, OptionalDouble sharePct) {}

    /** Whether a roaster is heard: its probe may stand still, or not answer. */
    public enum LinkStatus implements Coded {
        OK("connected"),
        LOST("not connected"),
        FROZEN("not connected"),
        PROBE("not connected"),
        BY_HAND("by hand");

        private final String label;

        LinkStatus(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /**
     * How the roaster is heard.
     *
     * @param kept readings of this batch
     * @param refused readings that could not be true
     * @param unwritten readings that wait in memory because the disk takes none
     */
    public record LinkView(
            LinkStatus status,

            String text,
            int kept,
            int refused,
            int gaps,
            int unwritten,
            @Nullable String disk) {}

    /** The batch. */
    public record BatchView(
            long greenSampleId,
            long lotId,
            String lotName,
            Process process,
            String stage,
            @Nullable Long planId,
            double greenG,
            double chargeC,
            int batch,
            int batches,
            double coolingLimitS,
            Instant preparedAt,
            boolean warmUp,
            @Nullable Long roastId) {}

    /** The steps before the charge. */
    public record ProtocolView(
            List<Protocol.Step> steps, int at, double elapsedS, double stepElapsedS, boolean needsHand) {}

    /** Whether to charge. */
    public record GateView(
            ChargeGate.Call call,

            @Nullable Double beanC,
            double beanFromC,
            double beanToC,
            @Nullable Double environmentC,
            @Nullable Double environmentFromC,
            @Nullable Double environmentToC,
            OptionalDouble inS) {}

    /** The large figures. */
    public record FiguresNow(
            @Nullable Double beanC,
            @Nullable Double environmentC,
            @Nullable Double rorCPerMin,
            @Nullable Double rorChangePer30s,
            @Nullable Double gasPct,
            @Nullable Double airflowPct,
            @Nullable Double drumRpm,
            @Nullable Double phaseS,
            OptionalDouble phasePct,
            @Nullable PhaseName phase) {}

    /** Something that was noted. */
    public record EntryView(
            int seq,
            String kind,
            double timeS,
            @Nullable Double value,
            @Nullable String text,
            @Nullable Double beanC) {}

    /**
     * A warning.
     *
     * @param safety whether it may be a danger, and no word on how the coffee will taste
     * @param overrun whether the roast runs on past its drop: said alone, again and again, and not put away
     */
    public record WarningView(
            String kind, boolean safety, boolean overrun, double sinceS, String title, String says, String answer) {}

    /** After the drop. */
    public record CoolingView(double elapsedS, double limitS) {}
}
