package barrowmist.core.machine;

import barrowmist.core.check.Checks;
import barrowmist.core.check.Coded;
import java.util.List;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A serial line to a roaster: eight data bits, as Modbus RTU asks for. The usual settings are those of the MODBUS over Serial
 * Line Specification V1.02 (value from memory: 19 200 baud, even parity, one stop bit; two where there is no parity).
 *
 * @param device as the system names it, such as /dev/ttyUSB0 or COM3
 * @param baud one of {@link #BAUDS}
 * @param parity of each byte
 * @param stopBits 1 or 2
 */
public record SerialLine(
        @Nullable String device, int baud, @Nullable Parity parity, int stopBits) {

    public static final List<Integer> BAUDS = List.of(1200, 2400, 4800, 9600, 19_200, 38_400, 57_600, 115_200);

    /** How a byte is checked. */
    public enum Parity implements Coded {
        EVEN,
        ODD,
        NONE
    }

    /** A port and no other file: /dev/ttyUSB0, /dev/pts/3, COM3. */
    private static final Pattern PORT = Pattern.compile("/dev(/[A-Za-z0-9_-][A-Za-z0-9._-]*)+|COM[0-9]{1,3}");

    /** Addresses of devices on the line; 0 would be all of them, and nobody answers. */
    static final int FIRST_UNIT = 1;

    static final int LAST_UNIT = 247;

    void check(Checks checks) {
        if (device == null || device.isBlank()) {
            checks.add("link.line.device", "The serial port is missing, such as /dev/ttyUSB0");
        } else if (!PORT.matcher(device).matches()) {
            checks.add(
                    "link.line.device", "\"" + device + "\" is no serial port, expected such as /dev/ttyUSB0 or COM3");
        }
        if (!BAUDS.contains(baud)) {
            checks.add(
                    "link.line.baud",
                    "The line's speed is " + baud + " baud, expected one of "
                            + String.join(
                                    ", ", BAUDS.stream().map(String::valueOf).toList()));
        }
        checks.chosen("link.line.parity", Parity.class, parity);
        checks.range("link.line.stopBits", "Stop bits", stopBits, 1, 2, "");
    }
}
