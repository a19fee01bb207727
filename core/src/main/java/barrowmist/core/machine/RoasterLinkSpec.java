package barrowmist.core.machine;

import barrowmist.core.check.Checks;
import barrowmist.core.check.FieldProblem;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How a roaster is read, and within which limits. Limits of Modbus keep to its application protocol (Modbus Application
 * Protocol Specification V1.1b3, values from memory: addresses of 16 bits, at most 125 registers in one reading), the
 * others are house defaults, no published source.
 *
 * @param kind one of {@link #KINDS}
 * @param host for Modbus TCP: name or address
 * @param port for Modbus TCP
 * @param unitId for Modbus
 * @param table for Modbus: one of {@link #TABLES}
 * @param pollMs how often it is read, ms
 * @param registers for Modbus: where each of {@link #QUANTITIES} stands; bean is needed, the others may be left out
 * @param sense what of it can be true
 * @param speed for replay and the simulator: how many times as fast as life
 * @param line for Modbus RTU: the serial line
 */
public record RoasterLinkSpec(
        @Nullable String kind,
        @Nullable String host,
        int port,
        int unitId,
        @Nullable String table,
        int pollMs,
        Map<String, Register> registers,
        Sense sense,
        double speed,
        @Nullable SerialLine line) {

    public static final String BY_HAND = "by-hand";
    public static final String MODBUS = "modbus";
    public static final String MODBUS_RTU = "modbus-rtu";
    public static final String REPLAY = "replay";
    public static final String SIMULATED = "simulated";
    public static final String PUSHED = "pushed";

    public static final List<String> KINDS = List.of(BY_HAND, MODBUS, MODBUS_RTU, PUSHED, REPLAY, SIMULATED);
    public static final List<String> TYPES = List.of("i16", "u16", "i32", "u32", "f32");
    public static final List<String> TABLES = List.of("input", "holding");

    /** The quantities that can be read, by their names. */
    public static final List<String> QUANTITIES = List.of("bean", "environment", "gas", "air", "drum", "pops", "clock");

    private static final int MOST_AT_ONCE = 120;
    private static final int MOST_UNITS = 255;
    private static final double FASTEST = 30;
    private static final double HIGHEST_ADDRESS = 65_535;
    private static final int FASTEST_POLL_MS = 20;
    private static final int SLOWEST_POLL_MS = 5000;

    /**
     * Where a number stands.
     *
     * @param address of the first register, from 0
     * @param type one of {@link #TYPES}; two registers for 32 bits
     * @param lowFirst whether of two registers the low one comes first
     * @param scale the quantity is {@code raw × scale + offset}
     */
    public record Register(int address, String type, boolean lowFirst, double scale, double offset) {

        public int words() {
            return type.endsWith("32") ? 2 : 1;
        }
    }

    /** Every problem of it. */
    public List<FieldProblem> problems() {
        Checks checks =
                new Checks().range("link.pollMs", "Reading every", pollMs, FASTEST_POLL_MS, SLOWEST_POLL_MS, "ms");
        if (!isOneOf(KINDS, kind)) {
            checks.add("link.kind", "The link is \"" + kind + "\", expected one of " + String.join(", ", KINDS));
        }
        checks.range("link.speed", "Speed", speed, 1, FASTEST, "times");
        sense.problems().forEach(p -> checks.add(p.field(), p.message()));
        if (MODBUS.equals(kind)) {
            checkNetwork(checks);
            checkRegisters(checks);
        } else if (MODBUS_RTU.equals(kind)) {
            checkLine(checks);
            checkRegisters(checks);
        }
        return checks.problems();
    }

    private void checkNetwork(Checks checks) {
        if (host == null || host.isBlank()) {
            checks.add("link.host", "The roaster's address is missing, such as 192.168.1.40");
        }
        checks.range("link.port", "Port", port, 1, HIGHEST_ADDRESS, "")
                .range("link.unitId", "Unit", unitId, 0, MOST_UNITS, "");
    }

    private void checkLine(Checks checks) {
        if (line == null) {
            checks.add("link.line.device", "The serial line's settings are missing");
            return;
        }
        line.check(checks);
        checks.range("link.unitId", "Unit", unitId, SerialLine.FIRST_UNIT, SerialLine.LAST_UNIT, "");
    }

    private void checkRegisters(Checks checks) {
        if (!isOneOf(TABLES, table)) {
            checks.add("link.table", "The registers are \"" + table + "\", expected input or holding");
        }
        if (!registers.containsKey("bean")) {
            checks.add("link.registers.bean", "The bean probe's register is missing: nothing can be logged without it");
        }
        registers.forEach((name, register) -> check(checks, name, register));
        if (checks.problems().isEmpty() && last(registers) - first(registers) >= MOST_AT_ONCE) {
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

    /** The lowest address of a map. */
    public static int first(Map<String, Register> map) {
        return map.values().stream().mapToInt(Register::address).min().orElse(0);
    }

    /** The address after the last word of a map. */
    public static int last(Map<String, Register> map) {
        return map.values().stream().mapToInt(r -> r.address + r.words()).max().orElse(0);
    }
}
