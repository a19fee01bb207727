package barrowmist.core.machine;

import barrowmist.core.check.Checks;
import barrowmist.core.check.Coded;
import barrowmist.core.check.FieldProblem;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/**
 * How a roaster is read, and within which limits. Limits of Modbus keep to its application protocol (Modbus Application
 * Protocol Specification V1.1b3, values from memory: addresses of 16 bits, at most 125 registers in one reading), the
 * others are house defaults, no published source.
 *
 * @param kind by what
 * @param host for Modbus TCP: name or address
 * @param port for Modbus TCP
 * @param unitId for Modbus
 * @param table for Modbus: which registers
 * @param pollMs how often it is read, ms
 * @param registers for Modbus: where each of {@link #QUANTITIES} stands; bean is needed, the others may be left out
 * @param sense what of it can be true
 * @param speed for replay and the simulator: how many times as fast as life
 * @param line for Modbus RTU: the serial line
 */
public record RoasterLinkSpec(
        @Nullable Kind kind,
        @Nullable String host,
        int port,
        int unitId,
        @Nullable Table table,
        int pollMs,
        Map<String, Register> registers,
        Sense sense,
        double speed,
        @Nullable SerialLine line) {

    /** By what it is read. */
    public enum Kind implements Coded {
        BY_HAND("by hand: temperatures are typed"),
        MODBUS("Modbus TCP over the network"),
        MODBUS_RTU("Modbus RTU over a serial line"),
        PUSHED("pushed by another logger"),
        REPLAY("a log played again"),
        SIMULATED("simulator in this computer");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        @Override
        public String label() {
            return label;
        }
    }

    /** Which registers of Modbus. */
    public enum Table implements Coded {
        INPUT,
        HOLDING
    }

    /** How a number is written: with a sign, without, or as floating point, in one register or two. */
    public enum NumberType implements Coded {
        I16,
        U16,
        I32,
        U32,
        F32
    }

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
     * @param type how it is written; two registers for 32 bits
     * @param lowFirst whether of two registers the low one comes first
     * @param scale the quantity is {@code raw × scale + offset}
     */
    public record Register(int address, NumberType type, boolean lowFirst, double scale, double offset) {

        /** A number in one register, or two with the high one first. */
        public static Register of(int address, NumberType type, double scale) {
            return new Register(address, type, false, scale, 0);
        }

        public int words() {
            return type == NumberType.I16 || type == NumberType.U16 ? 1 : 2;
        }
    }

    /** Every problem of it. */
    public List<FieldProblem> problems() {
        Checks checks =
                new Checks().range("link.pollMs", "Reading every", pollMs, FASTEST_POLL_MS, SLOWEST_POLL_MS, "ms");
        checks.chosen("link.kind", Kind.class, kind);
        checks.range("link.speed", "Speed", speed, 1, FASTEST, "times");
        sense.problems().forEach(p -> checks.add(p.field(), p.message()));
        if (kind == Kind.MODBUS) {
            checkNetwork(checks);
            checkRegisters(checks);
        } else if (kind == Kind.MODBUS_RTU) {
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
        checks.chosen("link.table", Table.class, table);
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

    private static void check(Checks checks, String name, @Nullable Register r) {
        String field = "link.registers." + name;
        if (!QUANTITIES.contains(name) || r == null) {
            checks.add(field, name + " cannot be read, expected one of " + String.join(", ", QUANTITIES));
            return;
        }
        checks.range(field, "Register of " + name, r.address, 0, HIGHEST_ADDRESS, "");
        checks.chosen(field + ".type", NumberType.class, r.type);
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
