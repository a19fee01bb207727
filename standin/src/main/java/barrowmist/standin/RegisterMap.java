package barrowmist.standin;

import barrowmist.core.device.StandInRoaster.State;
import java.nio.ByteBuffer;

/**
 * The stand-in's registers, the same as input and as holding registers, big-endian: 0 bean °C, 1 environment °C, 2 gas %,
 * 3 airflow %, 4 drum 1/min, each as a signed number of tenths; 5 cracks heard; 6 and 7 its own clock as a number of
 * hundredths of a second. A probe without contact reads 0x7FFF.
 */
final class RegisterMap {

    static final int REGISTERS = 8;
    static final short OPEN = 0x7FFF;
    private static final int BEAN = 0;
    private static final int CLOCK = 6;
    private static final int BYTES = 2;

    private RegisterMap() {}

    static byte[] of(State state) {
        ByteBuffer out = ByteBuffer.allocate(BYTES * REGISTERS);
        out.putShort(tenths(state.beanC()));
        out.putShort(tenths(state.environmentC()));
        out.putShort(tenths(state.levels().gasPct()));
        out.putShort(tenths(state.levels().airflowPct()));
        out.putShort(tenths(state.levels().drumRpm()));
        out.putShort((short) state.pops());
        out.putInt((int) Math.round(100 * state.timeS()));
        return out.array();
    }

    /** The same with the bean probe open. */
    static byte[] withOpenBean(byte[] registers) {
        byte[] out = registers.clone();
        ByteBuffer.wrap(out).putShort(BYTES * BEAN, OPEN);
        return out;
    }

    /** Old probes under a clock that goes on. */
    static byte[] frozen(byte[] old, byte[] now) {
        byte[] out = now.clone();
        System.arraycopy(old, 0, out, 0, BYTES * 2);
        ByteBuffer.wrap(out).putInt(BYTES * CLOCK, ByteBuffer.wrap(now).getInt(BYTES * CLOCK));
        return out;
    }

    private static short tenths(double value) {
        return (short) Math.round(10 * value);
    }
}
