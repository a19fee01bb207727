package barrowmist.server.machine;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.machine.RoasterLinkSpec;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How a roaster is read.
 *
 * @param host for Modbus: name or address
 * @param port for Modbus
 * @param unitId for Modbus
 * @param table for Modbus: which registers
 * @param pollMs how often it is read, ms
 * @param registers for Modbus: where each quantity stands; bean is needed, the others may be left out
 * @param speed for replay and the simulator: how many times as fast as life
 */
public record LinkSettings(
        @Schema(allowableValues = {"by-hand", "modbus", "replay", "simulated"})
        String kind,

        @Schema(example = "127.0.0.1") String host,
        @Schema(example = "8502") int port,
        @Schema(example = "1") int unitId,

        @Schema(allowableValues = {"input", "holding"}) String table,

        @Schema(example = "200") int pollMs,
        Map<String, Register> registers,
        double speed) {

    /**
     * Where a number stands: the quantity is {@code raw × scale + offset}, temperatures in °C, controls in %, the drum in
     * 1/min, the roaster's own clock in s.
     *
     * @param address of the first register, from 0
     * @param type how the number is written; two registers with the high one first for 32 bits
     */
    public record Register(
            @Schema(example = "0") int address,

            @Schema(allowableValues = {"i16", "u16", "i32", "u32", "f32"})
            String type,

            @Schema(example = "0.1") double scale,
            @Schema(example = "0") double offset) {

        private RoasterLinkSpec.Register spec() {
            return new RoasterLinkSpec.Register(address, type, scale, offset);
        }
    }

    /** A roaster without probes that can be read. */
    public static LinkSettings byHand() {
        return new LinkSettings(RoasterLinkSpec.BY_HAND, "", 502, 1, "input", 1000, Map.of(), 1);
    }

    /** The stand-in roaster that ships with Barrowmist. */
    public static LinkSettings standIn(int port) {
        Map<String, Register> map = new LinkedHashMap<>();
        map.put("bean", new Register(0, "i16", 0.1, 0));
        map.put("environment", new Register(1, "i16", 0.1, 0));
        map.put("gas", new Register(2, "i16", 0.1, 0));
        map.put("air", new Register(3, "i16", 0.1, 0));
        map.put("drum", new Register(4, "i16", 0.1, 0));
        map.put("pops", new Register(5, "u16", 1, 0));
        map.put("clock", new Register(6, "u32", 0.01, 0));
        return new LinkSettings(RoasterLinkSpec.MODBUS, "127.0.0.1", port, 1, "input", 200, map, 1);
    }

    public boolean byHandOnly() {
        return RoasterLinkSpec.BY_HAND.equals(kind);
    }

    /** Every problem of these settings. */
    public List<FieldProblem> problems() {
        return spec().problems();
    }

    /** In the core's terms. */
    public RoasterLinkSpec spec() {
        Map<String, RoasterLinkSpec.Register> map = new LinkedHashMap<>();
        if (registers != null) {
            registers.forEach((name, r) -> map.put(name, r == null ? null : r.spec()));
        }
        return new RoasterLinkSpec(kind, host, port, unitId, table, pollMs, map, speed);
    }
}
