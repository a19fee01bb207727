package barrowmist.server.device;

import barrowmist.core.desk.RegisterReader;
import barrowmist.core.desk.RoasterReading;
import barrowmist.core.machine.RoasterLinkSpec;
import barrowmist.core.machine.SerialLine;
import com.digitalpetri.modbus.client.ModbusClient;
import com.digitalpetri.modbus.client.ModbusRtuClient;
import com.digitalpetri.modbus.client.ModbusTcpClient;
import com.digitalpetri.modbus.exceptions.ModbusException;
import com.digitalpetri.modbus.exceptions.ModbusResponseException;
import com.digitalpetri.modbus.exceptions.ModbusTimeoutException;
import com.digitalpetri.modbus.pdu.ReadHoldingRegistersRequest;
import com.digitalpetri.modbus.pdu.ReadInputRegistersRequest;
import com.digitalpetri.modbus.serial.client.SerialPortClientTransport;
import com.digitalpetri.modbus.tcp.client.NettyTcpClientTransport;
import com.fazecast.jSerialComm.SerialPort;
import com.fazecast.jSerialComm.SerialPortInvalidPortException;
import java.time.Duration;
import java.util.Objects;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.TimeUnit;

/** A roaster's controller read by Modbus, over the network or a serial line: one block of registers at a time. */
final class ModbusLink implements RoasterLink {

    private static final Duration TIMEOUT = Duration.ofMillis(1500);
    private static final int BYTES = 2;
    private static final int DATA_BITS = 8;

    private final RoasterLinkSpec settings;
    private final ModbusClient client;
    private final int first;
    private final int words;
    private final RegisterReader registers;

    ModbusLink(RoasterLinkSpec settings) throws LinkLost {
        this.settings = settings;
        registers = new RegisterReader(settings);
        first = RoasterLinkSpec.first(settings.registers());
        words = RoasterLinkSpec.last(settings.registers()) - first;
        SerialLine line = settings.line();
        String silence = line == null
                ? "Nothing answers at %s, port %d. Is the roaster on, and on the network?"
                        .formatted(settings.host(), settings.port())
                : "The serial port %s cannot be opened. Is the cable in, and no other program on it?"
                        .formatted(line.device());
        try {
            client = line == null ? network(settings) : serial(line);
        } catch (SerialPortInvalidPortException e) {
            throw new LinkLost(silence);
        }
        try {
            client.connect();
        } catch (ModbusException e) {
            close();
            throw new LinkLost(silence);
        }
    }

    private static ModbusClient network(RoasterLinkSpec settings) {
        return ModbusTcpClient.create(
                NettyTcpClientTransport.create(c -> c.setHostname(settings.host())
                        .setPort(settings.port())
                        .setConnectTimeout(TIMEOUT)
                        .setConnectPersistent(false)),
                c -> c.setRequestTimeout(TIMEOUT));
    }

    private static ModbusClient serial(SerialLine line) {
        return ModbusRtuClient.create(
                SerialPortClientTransport.create(c -> c.setSerialPort(line.device())
                        .setBaudRate(line.baud())
                        .setDataBits(DATA_BITS)
                        .setStopBits(line.stopBits() == 1 ? SerialPort.ONE_STOP_BIT : SerialPort.TWO_STOP_BITS)
                        .setParity(parity(line))),
                c -> c.setRequestTimeout(TIMEOUT));
    }

    private static int parity(SerialLine line) {
        return switch (Objects.requireNonNull(line.parity())) {
            case EVEN -> SerialPort.EVEN_PARITY;
            case ODD -> SerialPort.ODD_PARITY;
            case NONE -> SerialPort.NO_PARITY;
        };
    }

    @Override
    public RoasterReading read() throws LinkLost {
        try {
            byte[] block = settings.table() == RoasterLinkSpec.Table.HOLDING
                    ? client.readHoldingRegisters(settings.unitId(), new ReadHoldingRegistersRequest(first, words))
                            .registers()
                    : client.readInputRegisters(settings.unitId(), new ReadInputRegistersRequest(first, words))
                            .registers();
            return reading(block);
        } catch (ModbusTimeoutException e) {
            throw new Silent(toCheck());
        } catch (ModbusResponseException e) {
            throw new LinkLost("The roaster refuses registers %d to %d (code %d): check the register map."
                    .formatted(first, first + words - 1, e.getExceptionCode()));
        } catch (ModbusException e) {
            throw new LinkLost("The connection to the roaster is broken.");
        }
    }

    private String toCheck() {
        SerialLine line = settings.line();
        return line == null
                ? "Something is at %s, port %d, but unit %d says nothing: check the unit."
                        .formatted(settings.host(), settings.port(), settings.unitId())
                : "Nothing answers on %s. Is the roaster on, and are baud, parity, stop bits and unit %d its own?"
                        .formatted(line.device(), settings.unitId());
    }

    private RoasterReading reading(byte[] block) throws LinkLost {
        if (block.length < BYTES * words) {
            throw new LinkLost("The roaster answered with too few registers: check the register map.");
        }
        return registers.read(block);
    }

    /** A serial port has to be free before it can be opened again; the network is not waited for. */
    @Override
    public void close() {
        CompletionStage<Void> gone = client.disconnectAsync();
        if (settings.line() != null) {
            gone.toCompletableFuture()
                    .completeOnTimeout(null, TIMEOUT.toMillis(), TimeUnit.MILLISECONDS)
                    .join();
        }
    }
}
