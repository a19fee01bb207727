package barrowmist.server.machine;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import io.swagger.v3.oas.annotations.media.Schema;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

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

    public static final String BY_HAND = "by-hand";
    public static final String MODBUS = "modbus";
    public static final String REPLAY = "replay";
    public static final String SIMULATED = "simulated";

    private static final List<String> KINDS = List.of(BY_HAND, MODBUS, REPLAY, SIMULATED);
    private static final List<String> TYPES = List.of("i16", "u16", "i32", "u32", "f32");
    private static final List<String> TABLES = List.of("input", "holding");
    private static final int MOST_AT_ONCE = 120;
    private static final double FASTEST = 30;
    private static final double HIGHEST_ADDRESS = 65_535;

    /** The quantities that can be read, by their names on the wire. */
    static final List<String> QUANTITIES = List.of("bean", "environment", "gas", "air", "drum", "pops", "clock");

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

        int words() {
            return type.endsWith("32") ? 2 : 1;
        }
    }

    /** A roaster without probes that can be read. */
    public static LinkSettings byHand() {
        return new LinkSettings(BY_HAND, "", 502, 1, "input", 1000, Map.of(), 1);
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
        return new LinkSettings(MODBUS, "127.0.0.1", port, 1, "input", 200, map, 1);
    }

    public boolean byHandOnly() {
        return BY_HAND.equals(kind);
    }

    /** Every problem of these settings. */
    public List<FieldProblem> problems() {
        Checks checks = new Checks().range("link.pollMs", "Reading every", pollMs, 20, 5000, "ms");
        if (!isOneOf(KINDS, kind)) {
            checks.add("link.kind", "The link is \"" + kind + "\", expected by-hand, modbus, replay or simulated");
        }
        checks.range("link.speed", "Speed", speed, 1, FASTEST, "times");
        if (MODBUS.equals(kind)) {
            checkModbus(checks);
        }
        return checks.problems();
    }

    private void checkModbus(Checks checks) {
        if (host == null || host.isBlank()) {
            checks.add("link.host", "The roaster's address is missing, such as 192.168.1.40");
        }
        checks.range("link.port", "Port", port, 1, HIGHEST_ADDRESS, "")
                .range("link.unitId", "Unit", unitId, 0, 255, "");
        if (!isOneOf(TABLES, table)) {
            checks.add("link.table", "The registers are \"" + table + "\", expected input or holding");
        }
        Map<String, Register> map = registers == null ? Map.of() : registers;
        if (!map.containsKey("bean")) {
            checks.add("link.registers.bean", "The bean probe's register is missing: nothing can be logged without it");
        }
        map.forEach((name, register) -> check(checks, name, register));
        if (checks.problems().isEmpty() && last(map) - first(map) >= MOST_AT_ONCE) {
            checks.add(
                    "link.registers",
                    "The registers lie further apart than " + MOST_AT_ONCE + ": they are read in one go");
        }
    }

    /** A field that was left out is none of them. */
    private static boolean isOneOf(List<String> allowed, @Nullable String value) {
        return value != null && allowed.contains(value);
    }

    private static void check(Checks checks, String name, @Nullable Register r) {
        String field = "link.registers." + name;
        if (!QUANTITIES.contains(name) || r == null) {
            checks.add(field, name + " cannot be read, expected one of " + String.join(", ", QUANTITIES));
            return;
        }
        checks.range(field, "Register of " + name, r.address, 0, HIGHEST_ADDRESS, "");
        if (!isOneOf(TYPES, r.type)) {
            checks.add(field, "The number of " + name + " is \"" + r.type + "\", expected i16, u16, i32, u32 or f32");
        }
        if (r.scale == 0 || !Double.isFinite(r.scale) || !Double.isFinite(r.offset)) {
            checks.add(field, "The scale of " + name + " is " + r.scale + ", expected a number that is not 0");
        }
    }

    public static int first(Map<String, Register> map) {
        return map.values().stream().mapToInt(Register::address).min().orElse(0);
    }

    /** The address after the last word. */
    public static int last(Map<String, Register> map) {
        return map.values().stream().mapToInt(r -> r.address + r.words()).max().orElse(0);
    }
}
