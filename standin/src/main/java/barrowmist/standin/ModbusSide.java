package barrowmist.standin;

import barrowmist.core.device.StandInRoaster;
import com.digitalpetri.modbus.ExceptionCode;
import com.digitalpetri.modbus.FunctionCode;
import com.digitalpetri.modbus.exceptions.ModbusResponseException;
import com.digitalpetri.modbus.pdu.ReadHoldingRegistersRequest;
import com.digitalpetri.modbus.pdu.ReadHoldingRegistersResponse;
import com.digitalpetri.modbus.pdu.ReadInputRegistersRequest;
import com.digitalpetri.modbus.pdu.ReadInputRegistersResponse;
import com.digitalpetri.modbus.serial.server.SerialPortServerTransport;
import com.digitalpetri.modbus.server.ModbusRequestContext;
import com.digitalpetri.modbus.server.ModbusRtuServer;
import com.digitalpetri.modbus.server.ModbusServices;
import com.digitalpetri.modbus.server.ModbusTcpServer;
import com.digitalpetri.modbus.tcp.server.NettyTcpServerTransport;
import com.fazecast.jSerialComm.SerialPort;
import io.netty.channel.Channel;
import java.util.Arrays;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import org.jspecify.annotations.Nullable;

/** The stand-in's Modbus server, over TCP and, where it is given one, a serial line. Its registers are read only: what it does is set on its panel. */
final class ModbusSide implements ModbusServices, AutoCloseable {

    private static final int BYTES = 2;
    private static final int BAUD = 19_200;
    private static final int DATA_BITS = 8;
    private static final long SILENT_CHECK_MS = 50;

    private final StandInRoaster roaster;
    private final int port;
    private final Random random = new Random(5);
    private final Set<Channel> channels = ConcurrentHashMap.newKeySet();
    private @Nullable ModbusTcpServer server;
    private @Nullable ModbusRtuServer line;
    private volatile Trouble trouble = Trouble.NONE;
    private volatile byte[] last;

    ModbusSide(StandInRoaster roaster, int port) {
        this.roaster = roaster;
        this.port = port;
        this.last = RegisterMap.of(roaster.state());
    }

    synchronized void listen() throws ExecutionException, InterruptedException {
        ModbusTcpServer next = ModbusTcpServer.create(
                NettyTcpServerTransport.create(c -> c.setBindAddress("127.0.0.1")
                        .setPort(port)
                        .setPipelineCustomizer(p -> channels.add(p.channel()))),
                this);
        next.start();
        server = next;
    }

    /** @param device a serial port; 19 200 baud, even parity, one stop bit */
    synchronized void listenOn(String device) throws ExecutionException, InterruptedException {
        line = ModbusRtuServer.create(
                SerialPortServerTransport.create(c -> c.setSerialPort(device)
                        .setBaudRate(BAUD)
                        .setDataBits(DATA_BITS)
                        .setStopBits(SerialPort.ONE_STOP_BIT)
                        .setParity(SerialPort.EVEN_PARITY)),
                this);
        line.start();
    }

    Trouble trouble() {
        return trouble;
    }

    synchronized void set(Trouble next) throws ExecutionException, InterruptedException {
        boolean off = trouble == Trouble.DISCONNECT;
        trouble = next;
        if (next == Trouble.DISCONNECT && !off) {
            hangUp();
        } else if (next != Trouble.DISCONNECT && off) {
            listen();
        }
    }

    @Override
    public synchronized void close() throws ExecutionException, InterruptedException {
        if (line != null) {
            line.stop();
        }
        hangUp();
    }

    private void hangUp() throws ExecutionException, InterruptedException {
        if (server != null) {
            server.stop();
        }
        channels.forEach(Channel::close);
        channels.clear();
    }

    @Override
    public ReadHoldingRegistersResponse readHoldingRegisters(
            ModbusRequestContext context, int unitId, ReadHoldingRegistersRequest request)
            throws ModbusResponseException {
        return new ReadHoldingRegistersResponse(
                registers(FunctionCode.READ_HOLDING_REGISTERS, request.address(), request.quantity()));
    }

    @Override
    public ReadInputRegistersResponse readInputRegisters(
            ModbusRequestContext context, int unitId, ReadInputRegistersRequest request)
            throws ModbusResponseException {
        return new ReadInputRegistersResponse(
                registers(FunctionCode.READ_INPUT_REGISTERS, request.address(), request.quantity()));
    }

    private byte[] registers(FunctionCode function, int address, int quantity) throws ModbusResponseException {
        if (address < 0 || address + quantity > RegisterMap.REGISTERS) {
            throw new ModbusResponseException(function, ExceptionCode.ILLEGAL_DATA_ADDRESS);
        }
        stayQuiet();
        byte[] now = RegisterMap.of(roaster.state());
        byte[] shown = switch (trouble) {
            case GARBAGE -> garbage();
            case FROZEN -> RegisterMap.frozen(last, now);
            case OPEN_PROBE -> RegisterMap.withOpenBean(now);
            default -> now;
        };
        last = trouble == Trouble.FROZEN || trouble == Trouble.GARBAGE ? last : now;
        return Arrays.copyOfRange(shown, BYTES * address, BYTES * (address + quantity));
    }

    private void stayQuiet() {
        try {
            while (trouble == Trouble.SILENCE) {
                Thread.sleep(SILENT_CHECK_MS);
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private byte[] garbage() {
        byte[] out = new byte[BYTES * RegisterMap.REGISTERS];
        random.nextBytes(out);
        return out;
    }
}
