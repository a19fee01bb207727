package barrowmist.server.machine;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.machine.Protocol;
import barrowmist.core.machine.Protocol.Kind;
import barrowmist.core.machine.Protocol.Probe;
import barrowmist.server.web.Codes;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * What a roaster can do and how it is used; all of it can be edited.
 *
 * @param gas range of the gas, %
 * @param air range of the airflow, %; left out when it cannot be set
 * @param drum range of the drum speed, 1/min; left out when it cannot be set
 * @param warmUpS preheating before the first charge of a day, s
 * @param turnaroundS drop to the next charge, s
 * @param protocol what is done between batches
 * @param link how it is read; by hand when left out
 * @param coolingLimitS by when the beans are to be cold after the drop, s; {@link #USUAL_COOLING_S} when left out
 */
public record MachineSettings(
        @Schema(example = "60") double batchMinG,
        @Schema(example = "150") double batchMaxG,

        @Schema(allowableValues = {"gas", "electric"}) String heatSource,

        @Schema(example = "Bean probe 3 mm; environment probe in the exhaust")
        String probes,

        ControlRange gas,
        @Nullable ControlRange air,
        @Nullable ControlRange drum,
        @Schema(example = "22") double roomC,
        @Schema(example = "1800") double warmUpS,
        @Schema(example = "150") double turnaroundS,
        List<ProtocolStepView> protocol,
        @Nullable LinkSettings link,
        @Schema(example = "240") @Nullable Double coolingLimitS) {

    /** Cold within about 4 minutes (common practice, no published source). */
    public static final double USUAL_COOLING_S = 240;

    private static final double USUAL_CAPACITY_G = 150;
    private static final double LEAST_BATCH_SHARE = 0.4;
    private static final double USUAL_ROOM_C = 22;
    private static final double USUAL_WARM_UP_S = 1800;
    private static final double USUAL_TURNAROUND_S = 150;
    private static final double MOST_S = 4 * 3600.0;
    private static final double MOST_G = 600_000;
    private static final double MOST_RPM = 200;
    private static final int MOST_TEXT = 200;

    /** From where to where a control can be set, and in what steps. */
    public record ControlRange(double min, double max, double step) {
        private void check(Checks checks, String field, String label, double highest) {
            checks.range(field, label + " at most", max, 0, highest, "")
                    .range(field, label + " at least", min, 0, max, "")
                    .range(field, "Step of " + label.toLowerCase(Locale.ROOT), step, 0.1, Math.max(0.1, max - min), "");
        }
    }

    /** One step of the protocol. */
    public record ProtocolStepView(
            @Schema(allowableValues = {"set-gas", "set-air", "do", "fall-to", "rise-to", "wait"})
            String kind,

            @Schema(allowableValues = {"bean", "environment"})
            String probe,

            @Nullable Double value,
            String text) {

        public static ProtocolStepView of(Protocol.Step s) {
            return new ProtocolStepView(
                    Codes.of(s.kind()),
                    s.probe().name().toLowerCase(Locale.ROOT),
                    Optionals.orNull(s.value()),
                    s.text());
        }
    }

    /** What a drum of this size begins with. */
    public static MachineSettings usual(@Nullable Double capacityG) {
        double capacity = capacityG == null ? USUAL_CAPACITY_G : capacityG;
        return new MachineSettings(
                Math.round(LEAST_BATCH_SHARE * capacity),
                capacity,
                "gas",
                "",
                new ControlRange(0, 100, 1),
                new ControlRange(0, 100, 1),
                null,
                USUAL_ROOM_C,
                USUAL_WARM_UP_S,
                USUAL_TURNAROUND_S,
                Protocol.usual().steps().stream().map(ProtocolStepView::of).toList(),
                null,
                null);
    }

    /** How it is read. */
    public LinkSettings linkOrByHand() {
        return link == null ? LinkSettings.byHand() : link;
    }

    /** By when the beans are to be cold, s. */
    public double coolingS() {
        return coolingLimitS == null ? USUAL_COOLING_S : coolingLimitS;
    }

    /** The same, read otherwise. */
    public MachineSettings withLink(LinkSettings newLink) {
        return new MachineSettings(
                batchMinG,
                batchMaxG,
                heatSource,
                probes,
                gas,
                air,
                drum,
                roomC,
                warmUpS,
                turnaroundS,
                protocol,
                newLink,
                coolingLimitS);
    }

    /** Every problem of these settings. */
    List<FieldProblem> problems() {
        Checks checks = new Checks()
                .range("batchMaxG", "Largest batch", batchMaxG, 20, MOST_G, "g")
                .range("batchMinG", "Smallest batch", batchMinG, 1, batchMaxG, "g")
                .range("roomC", "Room", roomC, -10, 50, "°C")
                .range("warmUpS", "Warm-up", warmUpS, 0, MOST_S, "s")
                .range("turnaroundS", "Turnaround", turnaroundS, 0, MOST_S, "s")
                .present("gas", "Gas", gas);
        if (coolingLimitS != null) {
            checks.range("coolingLimitS", "Cold after", coolingLimitS, 30, 1800, "s");
        }
        if (heatSource == null || !List.of("gas", "electric").contains(heatSource)) {
            checks.add("heatSource", "Heat source is " + heatSource + ", expected gas or electric");
        }
        if (probes == null || probes.length() > MOST_TEXT) {
            checks.add("probes", "Probes has more than " + MOST_TEXT + " characters, or is missing");
        }
        range(checks, "gas", "Gas", gas, 100);
        range(checks, "air", "Airflow", air, 100);
        range(checks, "drum", "Drum speed", drum, MOST_RPM);
        List<FieldProblem> problems = new ArrayList<>(checks.problems());
        if (link != null) {
            problems.addAll(link.problems());
        }
        problems.addAll(unknownSteps());
        if (problems.isEmpty()) {
            problems.addAll(protocolSteps().problems());
        }
        return problems;
    }

    private static void range(Checks checks, String field, String label, @Nullable ControlRange range, double highest) {
        if (range != null) {
            range.check(checks, field, label, highest);
        }
    }

    private List<FieldProblem> unknownSteps() {
        List<FieldProblem> problems = new ArrayList<>();
        for (ProtocolStepView step : protocol == null ? List.<ProtocolStepView>of() : protocol) {
            if (Codes.parse(Kind.class, step.kind()).isEmpty()) {
                problems.add(new FieldProblem(
                        "protocol",
                        "A step is \"" + step.kind() + "\", expected set-gas, set-air, do, fall-to, rise-to or wait"));
            }
        }
        return problems;
    }

    /** What is done between batches, in the core's terms. */
    public Protocol protocolSteps() {
        return new Protocol((protocol == null ? List.<ProtocolStepView>of() : protocol)
                .stream()
                        .map(s -> new Protocol.Step(
                                Codes.parse(Kind.class, s.kind()).orElseThrow(),
                                "environment".equals(s.probe()) ? Probe.ENVIRONMENT : Probe.BEAN,
                                Optionals.of(s.value()),
                                s.text() == null ? "" : s.text()))
                        .toList());
    }
}
