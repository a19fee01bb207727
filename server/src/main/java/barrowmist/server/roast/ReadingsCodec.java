package barrowmist.server.roast;

import barrowmist.core.roast.RoastLog;
import barrowmist.core.roast.Series;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataInputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.zip.DeflaterOutputStream;
import java.util.zip.InflaterInputStream;

/**
 * Readings as one compact column, without loss: a version byte, then deflated, for each of the five channels its length,
 * its times and its values as doubles.
 */
final class ReadingsCodec {

    private static final int VERSION = 1;

    private ReadingsCodec() {}

    static byte[] encode(RoastLog log) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        bytes.write(VERSION);
        try (DataOutputStream out = new DataOutputStream(new DeflaterOutputStream(bytes))) {
            write(out, log.beanC());
            write(out, log.environmentC());
            write(out, log.gasPct());
            write(out, log.airflowPct());
            write(out, log.drumRpm());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    /** @throws IllegalStateException if the column was written by a newer version or is damaged */
    static RoastLog decode(byte[] column) {
        if (column.length == 0 || column[0] != VERSION) {
            throw new IllegalStateException("Readings are of a version that this Barrowmist does not know");
        }
        ByteArrayInputStream bytes = new ByteArrayInputStream(column, 1, column.length - 1);
        try (DataInputStream in = new DataInputStream(new InflaterInputStream(bytes))) {
            return new RoastLog(read(in), read(in), read(in), read(in), read(in));
        } catch (IOException e) {
            throw new IllegalStateException("Readings are damaged", e);
        }
    }

    private static void write(DataOutputStream out, Series series) throws IOException {
        out.writeInt(series.size());
        for (int i = 0; i < series.size(); i++) {
            out.writeDouble(series.timeS(i));
        }
        for (int i = 0; i < series.size(); i++) {
            out.writeDouble(series.value(i));
        }
    }

    private static Series read(DataInputStream in) throws IOException {
        double[] timeS = new double[in.readInt()];
        double[] value = new double[timeS.length];
        for (int i = 0; i < timeS.length; i++) {
            timeS[i] = in.readDouble();
        }
        for (int i = 0; i < value.length; i++) {
            value[i] = in.readDouble();
        }
        return new Series(timeS, value);
    }
}
