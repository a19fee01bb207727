package barrowmist.server.device;

import barrowmist.core.machine.SerialLine;
import com.fazecast.jSerialComm.SerialPort;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** The serial ports of the computer that Barrowmist runs on. */
@RestController
class SerialPortController {

    /**
     * A serial port.
     *
     * @param device as the link's settings name it
     * @param says what the system says of it
     */
    record SerialPortView(String device, String says) {}

    /** What a serial line can be set to. */
    record SerialChoices(List<SerialPortView> ports, List<Integer> bauds, List<SerialLine.Parity> parities) {}

    /** The ports that are there now, in order of their names; a cable that was just put in is among them. */
    @GetMapping("/api/serial-ports")
    SerialChoices choices() {
        List<SerialPortView> ports = Arrays.stream(SerialPort.getCommPorts())
                .map(p -> new SerialPortView(p.getSystemPortPath(), p.getDescriptivePortName()))
                .sorted(Comparator.comparing(SerialPortView::device))
                .toList();
        return new SerialChoices(ports, SerialLine.BAUDS, List.of(SerialLine.Parity.values()));
    }
}
