package barrowmist.server.machine;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.machine.RoasterLinkSpec;
import barrowmist.core.machine.RoasterLinkSpec.Kind;
import barrowmist.core.machine.RoasterLinkSpec.NumberType;
import barrowmist.core.machine.RoasterLinkSpec.Register;
import barrowmist.core.machine.RoasterLinkSpec.Table;
import barrowmist.core.machine.Sense;
import barrowmist.core.machine.Sense.Range;
import barrowmist.core.machine.SerialLine;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/**
 * How a roaster is read.
 *
 * @param host for Modbus TCP: name or address
 * @param port for Modbus TCP
 * @param unitId for Modbus
 * @param table for Modbus: which registers
 * @param pollMs how often it is read, ms
 * @param registers for Modbus: where each quantity stands; bean is needed, the others may be left out
 * @param bean what the bean probe may read; left out as usual
 * @param environment what the environment probe may read; left out as usual
 * @param noValues for Modbus: codes by which its controller says that it has no value; left out as usual
 * @param speed for replay and the simulator: how many times as fast as life
 * @param line for Modbus RTU: the serial line
 * @param ownScale whether it says its controls in its own scale, where it has one; left out they are in % and 1/min
 */
public record LinkSettings(
        Kind kind,

        @Schema(example = "127.0.0.1") String host,
        @Schema(example = "8502") int port,
        @Schema(example = "1") int unitId,

        Table table,

        @Schema(example = "200") int pollMs,
        Map<String, Register> registers,
        @Nullable Range bean,
        @Nullable Range environment,

        @Schema(example = "[\"FFFF\",\"7FFF\",\"8000\"]") @Nullable
        List<String> noValues,

        double speed,
        @Nullable SerialLine line,
        @Nullable Boolean ownScale) {

    /** What is left out is as usual. */
    public LinkSettings {
        bean = bean == null ? Sense.USUAL.bean() : bean;
        environment = environment == null ? Sense.USUAL.environment() : environment;
        noValues = noValues == null ? Sense.USUAL.noValues() : noValues;
    }

    /** A roaster without probes that can be read. */
    public static LinkSettings byHand() {
        return of(Kind.BY_HAND, "", 502, 1000, Map.of());
    }

    /** The stand-in roaster that ships with Barrowmist. */
    public static LinkSettings standIn(int port) {
        Map<String, Register> map = new LinkedHashMap<>();
        map.put("bean", Register.of(0, NumberType.I16, 0.1));
        map.put("environment", Register.of(1, NumberType.I16, 0.1));
        map.put("gas", Register.of(2, NumberType.I16, 0.1));
        map.put("air", Register.of(3, NumberType.I16, 0.1));
        map.put("drum", Register.of(4, NumberType.I16, 0.1));
        map.put("pops", Register.of(5, NumberType.U16, 1));
        map.put("clock", Register.of(6, NumberType.U32, 0.01));
        return of(Kind.MODBUS, "127.0.0.1", port, 200, map);
    }

    private static LinkSettings of(Kind kind, String host, int port, int pollMs, Map<String, Register> map) {
        return new LinkSettings(kind, host, port, 1, Table.INPUT, pollMs, map, null, null, null, 1, null, null);
    }

    /** What of its numbers can be true. */
    public Sense sense() {
        return new Sense(
                Objects.requireNonNull(bean), Objects.requireNonNull(environment), Objects.requireNonNull(noValues));
    }

    public boolean byHandOnly() {
        return kind == Kind.BY_HAND;
    }

    /** Every problem of these settings. */
    public List<FieldProblem> problems() {
        return spec().problems();
    }

    /** In the core's terms. */
    public RoasterLinkSpec spec() {
        // a line that was set once and is not used now is none
        SerialLine serial = kind == Kind.MODBUS_RTU ? line : null;
        return new RoasterLinkSpec(
                kind,
                host,
                port,
                unitId,
                table,
                pollMs,
                registers == null ? Map.of() : registers,
                sense(),
                speed,
                serial);
    }
}
