package barrowmist.server.device;

import java.io.DataInputStream;
import java.io.FileInputStream;
import java.io.FileOutputStream;
import java.io.IOException;
import java.util.stream.IntStream;

/** A controller on a serial line, written by hand: it answers each request of eight bytes with the same registers. */
final class RtuController implements AutoCloseable {

    private static final int REQUEST = 8;
    private static final int START = 0xFFFF;
    private static final int POLYNOMIAL = 0xA001;
    private static final int BYTE = 0xFF;

    private final DataInputStream in;
    private final FileOutputStream out;
    private final int[] registers;
    private volatile int[] asked = {};
    private volatile boolean garbled;

    RtuController(String device, int... registers) throws IOException {
        in = new DataInputStream(new FileInputStream(device));
        out = new FileOutputStream(device);
        this.registers = registers;
        Thread answering = new Thread(this::answer);
        answering.setDaemon(true);
        answering.start();
    }

    /** The last request, whole. */
    int[] asked() {
        return asked;
    }

    /** From now on its checksums are wrong. */
    void garble() {
        garbled = true;
    }

    private void answer() {
        try {
            while (true) {
                byte[] request = new byte[REQUEST];
                in.readFully(request);
                asked = IntStream.range(0, REQUEST)
                        .map(i -> Byte.toUnsignedInt(request[i]))
                        .toArray();
                int[] reply = IntStream.concat(
                                IntStream.of(asked[0], asked[1], registers.length), IntStream.of(registers))
                        .toArray();
                int[] frame = withChecksum(reply);
                frame[frame.length - 1] ^= garbled ? 1 : 0;
                byte[] bytes = new byte[frame.length];
                for (int i = 0; i < frame.length; i++) {
                    bytes[i] = (byte) frame[i];
                }
                out.write(bytes);
            }
        } catch (IOException e) {
            // the line was taken away
        }
    }

    /** A frame with its checksum, the low byte first. */
    static int[] withChecksum(int... frame) {
        int sum = START;
        for (int b : frame) {
            sum ^= b;
            for (int bit = 0; bit < Byte.SIZE; bit++) {
                sum = (sum & 1) == 1 ? sum >> 1 ^ POLYNOMIAL : sum >> 1;
            }
        }
        return IntStream.concat(IntStream.of(frame), IntStream.of(sum & BYTE, sum >> Byte.SIZE))
                .toArray();
    }

    @Override
    public void close() throws IOException {
        in.close();
        out.close();
    }
}
