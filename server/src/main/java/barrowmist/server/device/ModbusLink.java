package barrowmist.server.device;

import barrowmist.core.desk.RegisterReader;
import barrowmist.core.desk.RoasterReading;
import barrowmist.core.machine.RoasterLinkSpec;
import com.digitalpetri.modbus.client.ModbusTcpClient;
import com.digitalpetri.modbus.exceptions.ModbusException;
import com.digitalpetri.modbus.exceptions.ModbusResponseException;
import com.digitalpetri.modbus.exceptions.ModbusTimeoutException;
import com.digitalpetri.modbus.pdu.ReadHoldingRegistersRequest;
import com.digitalpetri.modbus.pdu.ReadInputRegistersRequest;
import com.digitalpetri.modbus.tcp.client.NettyTcpClientTransport;
import java.time.Duration;

/** A roaster's controller read by Modbus TCP: one block of registers at a time. */
final class ModbusLink implements RoasterLink {

    private static final Duration TIMEOUT = Duration.ofMillis(1500);
    private static final int BYTES = 2;

    private final RoasterLinkSpec settings;
    private final ModbusTcpClient client;
    private final int first;
    private final int words;
    private final RegisterReader registers;

    ModbusLink(RoasterLinkSpec settings) throws LinkLost {
        this.settings = settings;
        registers = new RegisterReader(settings);
        first = RoasterLinkSpec.first(settings.registers());
        words = RoasterLinkSpec.last(settings.registers()) - first;
        client = ModbusTcpClient.create(
                NettyTcpClientTransport.create(c -> c.setHostname(settings.host())
                        .setPort(settings.port())
                        .setConnectTimeout(TIMEOUT)
                        .setConnectPersistent(false)),
                c -> c.setRequestTimeout(TIMEOUT));
        try {
            client.connect();
        } catch (ModbusException e) {
            close();
            throw new LinkLost("Nothing answers at %s, port %d. Is the roaster on, and on the network?"
                    .formatted(settings.host(), settings.port()));
        }
    }

    @Override
    public RoasterReading read() throws LinkLost {
        try {
            byte[] block = "holding".equals(settings.table())
                    ? client.readHoldingRegisters(settings.unitId(), new ReadHoldingRegistersRequest(first, words))
                            .registers()
                    : client.readInputRegisters(settings.unitId(), new ReadInputRegistersRequest(first, words))
                            .registers();
            return reading(block);
        } catch (ModbusTimeoutException e) {
            throw new LinkLost("The roaster has stopped answering.");
        } catch (ModbusResponseException e) {
            throw new LinkLost("The roaster refuses registers %d to %d (code %d): check the register map."
                    .formatted(first, first + words - 1, e.getExceptionCode()));
        } catch (ModbusException e) {
            throw new LinkLost("The connection to the roaster is broken.");
        }
    }

    private RoasterReading reading(byte[] block) throws LinkLost {
        if (block.length < BYTES * words) {
            throw new LinkLost("The roaster answered with too few registers: check the register map.");
        }
        return registers.read(block);
    }

    @Override
    public void close() {
        client.disconnectAsync();
    }
}
