package barrowmist.core.desk;

import barrowmist.core.machine.RoasterLinkSpec;
import barrowmist.core.machine.RoasterLinkSpec.NumberType;
import barrowmist.core.machine.RoasterLinkSpec.Register;
import java.nio.ByteBuffer;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Reads a roaster's registers: numbers of 16 and 32 bits, with and without sign, and floating point (IEEE 754), big endian
 * in a register (Modbus Application Protocol Specification V1.1b3, from memory), with either register of two first. A code
 * for no value is no value, and is counted.
 */
public final class RegisterReader {

    private static final int BYTES = 2;
    private static final int WORD = 0xFFFF;
    private static final int WORD_BITS = 16;
    private static final int LARGEST = 0x7FFF;

    private final Map<String, Register> map;
    private final Set<Integer> noValues;
    private final int first;

    public RegisterReader(RoasterLinkSpec link) {
        map = link.registers();
        first = RoasterLinkSpec.first(map);
        noValues = link.sense().noValues().stream()
                .map(code -> Integer.parseInt(code, WORD_BITS))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** What a block of registers says that begins with the lowest of the map. */
    public RoasterReading read(byte[] block) {
        List<OptionalDouble> values =
                RoasterLinkSpec.QUANTITIES.stream().map(q -> value(block, q)).toList();
        int silent = (int) map.keySet().stream()
                .filter(q -> values.get(RoasterLinkSpec.QUANTITIES.indexOf(q)).isEmpty())
                .count();
        return new RoasterReading(
                values.get(0),
                values.get(1),
                values.get(2),
                values.get(3),
                values.get(4),
                values.get(5),
                values.get(6),
                silent);
    }

    private OptionalDouble value(byte[] block, String quantity) {
        Register r = map.get(quantity);
        if (r == null) {
            return OptionalDouble.empty();
        }
        ByteBuffer in = ByteBuffer.wrap(block).position(BYTES * (r.address() - first));
        int one = in.getShort() & WORD;
        if (r.words() == 1) {
            return noValues.contains(one)
                    ? OptionalDouble.empty()
                    : scaled(r, r.type() == NumberType.U16 ? one : (short) one);
        }
        int two = in.getShort() & WORD;
        int high = r.lowFirst() ? two : one;
        int low = r.lowFirst() ? one : two;
        return isNoValue(r, high, low) ? OptionalDouble.empty() : scaled(r, number(r, high << WORD_BITS | low));
    }

    /** A code stretched to 32 bits: all bits set, or the largest or smallest number, or the same word twice. */
    private boolean isNoValue(Register r, int high, int low) {
        if (r.type() == NumberType.F32 || !noValues.contains(high)) {
            return false;
        }
        int rest = high == LARGEST ? WORD : high == LARGEST + 1 ? 0 : high;
        return low == rest;
    }

    private static double number(Register r, int bits) {
        return switch (r.type()) {
            case F32 -> Float.intBitsToFloat(bits);
            case U32 -> Integer.toUnsignedLong(bits);
            default -> bits;
        };
    }

    private static OptionalDouble scaled(Register r, double raw) {
        double value = raw * r.scale() + r.offset();
        return Double.isFinite(value) ? OptionalDouble.of(value) : OptionalDouble.empty();
    }
}
