package barrowmist.standin;

import barrowmist.core.check.Coded;
import barrowmist.core.device.DrumKind;
import barrowmist.core.device.StandInRoaster;
import java.io.IOException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;

/** The stand-in roaster: lets its time pass, as fast as is asked for. */
public final class StandIn implements AutoCloseable {

    private static final int DEFAULT_MODBUS_PORT = 8502;
    private static final int DEFAULT_PANEL_PORT = 8503;
    private static final long TICK_MS = 20;
    private static final double FASTEST = 30;
    private static final double NANOS = 1e9;
    private static final double CHARGE_C = 190;

    private final StandInRoaster roaster = new StandInRoaster(11);
    private final ProgrammedMoves hand = new ProgrammedMoves();
    private final ModbusSide modbus;
    private final Panel panel;
    private final ScheduledExecutorService ticker = Executors.newSingleThreadScheduledExecutor();
    private volatile double speed;
    private long lastNanos = System.nanoTime();

    private StandIn(int modbusPort, int panelPort, double speed)
            throws IOException, ExecutionException, InterruptedException {
        setSpeed(speed);
        roaster.preheat(CHARGE_C);
        modbus = new ModbusSide(roaster, modbusPort);
        modbus.listen();
        panel = new Panel(this, panelPort);
        ticker.scheduleAtFixedRate(this::tick, TICK_MS, TICK_MS, TimeUnit.MILLISECONDS);
    }

    /** Starts one, for as long as it is not closed. */
    public static StandIn start(int modbusPort, int panelPort, double speed)
            throws IOException, ExecutionException, InterruptedException {
        return new StandIn(modbusPort, panelPort, speed);
    }

    /** @param args Modbus port, panel port, speed and which roaster it is; each may be left out from the end */
    public static void main(String[] args) throws IOException, ExecutionException, InterruptedException {
        int modbusPort = args.length > 0 ? Integer.parseInt(args[0]) : DEFAULT_MODBUS_PORT;
        int panelPort = args.length > 1 ? Integer.parseInt(args[1]) : DEFAULT_PANEL_PORT;
        double speed = args.length > 2 ? Double.parseDouble(args[2]) : 1;
        DrumKind kind = Coded.find(DrumKind.class, args.length > 3 ? args[3] : DrumKind.GAS.code())
                .orElseThrow(
                        () -> new IllegalArgumentException("The roaster is gas, electric or hot-air, not " + args[3]));
        StandIn standIn = start(modbusPort, panelPort, speed);
        standIn.become(kind);
        String serial = System.getenv("BARROWMIST_STANDIN_SERIAL");
        if (serial != null && !serial.isBlank()) {
            standIn.onSerialIfItOpens(serial);
        }
        System.out.println("The stand-in roaster is ready: Modbus TCP on port " + modbusPort
                + ", its panel on http://localhost:" + panelPort);
    }

    private void tick() {
        long now = System.nanoTime();
        double wall = (now - lastNanos) / NANOS;
        lastNanos = now;
        // small steps, so that a fast hand is not late
        double left = wall * speed;
        while (left > 0) {
            double step = Math.min(left, 0.5);
            roaster.pass(step);
            hand.look(roaster);
            left -= step;
        }
    }

    private void become(DrumKind kind) {
        roaster.become(kind);
        roaster.preheat(CHARGE_C);
    }

    /**
     * Answers on a serial line too, by Modbus RTU as unit 1.
     *
     * @param device such as /dev/ttyUSB0
     */
    public void onSerial(String device) throws ExecutionException, InterruptedException {
        modbus.listenOn(device);
    }

    private void onSerialIfItOpens(String device) throws InterruptedException {
        try {
            onSerial(device);
        } catch (ExecutionException e) {
            System.err.println("The stand-in does not answer on " + device + ": " + e.getMessage());
        }
    }

    StandInRoaster roaster() {
        return roaster;
    }

    ProgrammedMoves hand() {
        return hand;
    }

    ModbusSide modbus() {
        return modbus;
    }

    double speed() {
        return speed;
    }

    /** Port of the panel. */
    public int panelPort() {
        return panel.port();
    }

    void setSpeed(double times) {
        speed = Math.max(1, Math.min(FASTEST, times));
    }

    @Override
    public void close() throws ExecutionException, InterruptedException {
        ticker.shutdownNow();
        panel.close();
        modbus.close();
    }
}
