package barrowmist.server.machine;

import barrowmist.core.check.FieldProblem;
import barrowmist.core.machine.RoasterLinkSpec;
import barrowmist.core.machine.Sense;
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
        @Schema(allowableValues = {"by-hand", "modbus", "modbus-rtu", "pushed", "replay", "simulated"})
        String kind,

        @Schema(example = "127.0.0.1") String host,
        @Schema(example = "8502") int port,
        @Schema(example = "1") int unitId,

        @Schema(allowableValues = {"input", "holding"}) String table,

        @Schema(example = "200") int pollMs,
        Map<String, Register> registers,
        @Nullable ProbeRange bean,
        @Nullable ProbeRange environment,

        @Schema(example = "[\"FFFF\",\"7FFF\",\"8000\"]") @Nullable
        List<String> noValues,

        double speed,
        @Nullable Line line,
        @Nullable Boolean ownScale) {

    /** What is left out is as usual. */
    public LinkSettings {
        bean = bean == null ? ProbeRange.of(Sense.USUAL.bean()) : bean;
        environment = environment == null ? ProbeRange.of(Sense.USUAL.environment()) : environment;
        noValues = noValues == null ? Sense.USUAL.noValues() : noValues;
    }

    /** What a probe may read, °C. */
    public record ProbeRange(
            @Schema(example = "-20") double lowC,
            @Schema(example = "400") double highC) {

        static ProbeRange of(Sense.Range range) {
            return new ProbeRange(range.lowC(), range.highC());
        }

        private Sense.Range range() {
            return new Sense.Range(lowC, highC);
        }
    }

    /** A serial line with eight data bits. */
    public record Line(
            @Schema(example = "/dev/ttyUSB0") String device,
            @Schema(example = "19200") int baud,

            @Schema(allowableValues = {"even", "odd", "none"})
            String parity,

            @Schema(example = "1") int stopBits) {

        private SerialLine spec() {
            return new SerialLine(device, baud, parity, stopBits);
        }
    }

    /**
     * Where a number stands: the quantity is {@code raw × scale + offset}, temperatures in °C, controls in %, the drum in
     * 1/min, the roaster's own clock in s.
     *
     * @param address of the first register, from 0
     * @param type how the number is written; two registers for 32 bits
     * @param lowFirst whether of two registers the low one comes first; left out it is the high one
     */
    public record Register(
            @Schema(example = "0") int address,

            @Schema(allowableValues = {"i16", "u16", "i32", "u32", "f32"})
            String type,

            @Nullable Boolean lowFirst,
            @Schema(example = "0.1") double scale,
            @Schema(example = "0") double offset) {

        private RoasterLinkSpec.Register spec() {
            return new RoasterLinkSpec.Register(address, type, Boolean.TRUE.equals(lowFirst), scale, offset);
        }

        /** A number in one register, or two with the high one first. */
        public static Register of(int address, String type, double scale) {
            return new Register(address, type, null, scale, 0);
        }
    }

    /** A roaster without probes that can be read. */
    public static LinkSettings byHand() {
        return of(RoasterLinkSpec.BY_HAND, "", 502, 1000, Map.of());
    }

    /** The stand-in roaster that ships with Barrowmist. */
    public static LinkSettings standIn(int port) {
        Map<String, Register> map = new LinkedHashMap<>();
        map.put("bean", Register.of(0, "i16", 0.1));
        map.put("environment", Register.of(1, "i16", 0.1));
        map.put("gas", Register.of(2, "i16", 0.1));
        map.put("air", Register.of(3, "i16", 0.1));
        map.put("drum", Register.of(4, "i16", 0.1));
        map.put("pops", Register.of(5, "u16", 1));
        map.put("clock", Register.of(6, "u32", 0.01));
        return of(RoasterLinkSpec.MODBUS, "127.0.0.1", port, 200, map);
    }

    private static LinkSettings of(String kind, String host, int port, int pollMs, Map<String, Register> map) {
        return new LinkSettings(kind, host, port, 1, "input", pollMs, map, null, null, null, 1, null, null);
    }

    /** What of its numbers can be true. */
    public Sense sense() {
        return new Sense(range(bean), range(environment), Objects.requireNonNull(noValues));
    }

    private static Sense.Range range(@Nullable ProbeRange of) {
        return Objects.requireNonNull(of).range();
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
        // a line that was set once and is not used now is none
        SerialLine serial = line == null || !RoasterLinkSpec.MODBUS_RTU.equals(kind) ? null : line.spec();
        return new RoasterLinkSpec(kind, host, port, unitId, table, pollMs, map, sense(), speed, serial);
    }
}
