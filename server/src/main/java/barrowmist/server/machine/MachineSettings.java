package barrowmist.server.machine;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import barrowmist.core.day.FirstBatches;
import barrowmist.core.desk.RoasterReading;
import barrowmist.core.machine.Abilities;
import barrowmist.core.machine.HeatSource;
import barrowmist.core.machine.Protocol;
import barrowmist.core.units.ControlWords;
import barrowmist.server.web.Optionals;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
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
 * @param firstBatches how a day begins
 * @param coolingLimitS by when the beans are to be cold after the drop, s; {@link Abilities#USUAL_COOLING_S} when left out
 */
public record MachineSettings(
        @Schema(example = "60") double batchMinG,
        @Schema(example = "150") double batchMaxG,

        HeatSource heatSource,

        @Schema(example = "Bean probe 3 mm; environment probe in the exhaust")
        String probes,

        ControlRange gas,
        @Nullable ControlRange air,
        @Nullable ControlRange drum,
        @Schema(example = "22") double roomC,
        @Schema(example = "1800") double warmUpS,
        @Schema(example = "150") double turnaroundS,
        List<Protocol.Step> protocol,
        @Nullable LinkSettings link,
        @Schema(example = "240") @Nullable Double coolingLimitS,
        @Nullable FirstBatches firstBatches) {

    /** How a day begins; as planned when left out. */
    public FirstBatches first() {
        return firstBatches == null ? FirstBatches.NONE : firstBatches;
    }

    private static final int MOST_TEXT = 200;

    /** What a drum of this size begins with. */
    public static MachineSettings usual(@Nullable Double capacityG) {
        Abilities usual = Abilities.usual(Optionals.of(capacityG));
        return new MachineSettings(
                usual.batchMinG(),
                usual.batchMaxG(),
                HeatSource.GAS,
                "",
                ControlRange.of(usual.gas()),
                usual.air().map(ControlRange::of).orElse(null),
                usual.drum().map(ControlRange::of).orElse(null),
                usual.roomC(),
                usual.warmUpS(),
                usual.turnaroundS(),
                Protocol.usual().steps(),
                null,
                null,
                null);
    }

    /** A reading with its controls in % and 1/min, whatever its link says. */
    public RoasterReading understood(RoasterReading said) {
        return link != null && Boolean.TRUE.equals(link.ownScale()) ? said.fromOwnScale(words()) : said;
    }

    /** How its controls are written. */
    public ControlWords words() {
        return abilities().words();
    }

    private Abilities abilities() {
        return new Abilities(
                batchMinG,
                batchMaxG,
                gas.range(),
                Optional.ofNullable(air).map(ControlRange::range),
                Optional.ofNullable(drum).map(ControlRange::range),
                roomC,
                warmUpS,
                turnaroundS,
                Optionals.of(coolingLimitS));
    }

    /** How it is read. */
    public LinkSettings linkOrByHand() {
        return link == null ? LinkSettings.byHand() : link;
    }

    /** By when the beans are to be cold, s. */
    public double coolingS() {
        return coolingLimitS == null ? Abilities.USUAL_COOLING_S : coolingLimitS;
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
                coolingLimitS,
                firstBatches);
    }

    /** Every problem of these settings. */
    List<FieldProblem> problems() {
        Checks checks = new Checks().present("gas", "Gas", gas).chosen("heatSource", HeatSource.class, heatSource);
        if (probes == null || probes.length() > MOST_TEXT) {
            checks.add("probes", "Probes has more than " + MOST_TEXT + " characters, or is missing");
        }
        List<FieldProblem> problems = new ArrayList<>(checks.problems());
        if (gas != null) {
            problems.addAll(abilities().problems());
        }
        if (link != null) {
            problems.addAll(link.problems());
        }
        problems.addAll(first().problems());
        problems.addAll(protocolSteps().problems());
        return problems;
    }

    /** What is done between batches, in the core's terms. */
    public Protocol protocolSteps() {
        return new Protocol(protocol == null ? List.of() : protocol);
    }
}
