package barrowmist.browser;

import com.digitalpetri.modbus.pdu.ReadHoldingRegistersRequest;
import com.digitalpetri.modbus.pdu.ReadHoldingRegistersResponse;
import com.digitalpetri.modbus.pdu.ReadInputRegistersRequest;
import com.digitalpetri.modbus.pdu.ReadInputRegistersResponse;
import com.digitalpetri.modbus.server.ModbusRequestContext;
import com.digitalpetri.modbus.server.ModbusServices;
import com.digitalpetri.modbus.server.ModbusTcpServer;
import com.digitalpetri.modbus.tcp.server.NettyTcpServerTransport;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Measures how long a reading takes from the roaster's answer to the screens that watch the desk: ten readings a second,
 * five screens. Run by {@code benchmarks/reading-to-pixel}.
 */
final class ReadingToPixel {

    private static final int WATCHERS = 5;
    private static final int POLL_MS = 100;
    private static final int MEASURED_MS = 30_000;

    /** Notes for each shown bean figure, and for each drawn tip of the curve, when the frame with it was painted. */
    private static final String WATCH = """
            () => {
              const figure = document.querySelector('.figures .value')
              const chart = document.querySelector('.roast-chart')
              const now = () => performance.timeOrigin + performance.now()
              window.shown = {}
              window.drawn = {}
              const note = into => {
                const value = Math.round(10 * Number(figure.textContent))
                // the frame after the next one has been painted
                requestAnimationFrame(() => requestAnimationFrame(() => { into[value] ??= now() }))
              }
              new MutationObserver(() => note(window.shown))
                .observe(figure, { childList: true, characterData: true, subtree: true })
              new MutationObserver(() => note(window.drawn))
                .observe(chart, { childList: true, subtree: true, attributes: true })
            }
            """;

    private ReadingToPixel() {}

    /**
     * A roaster whose bean gets a tenth of a degree hotter with each reading, or colder after a while, so that each can
     * be told by its figure.
     */
    private static final class Counting implements ModbusServices {

        private static final int COLDEST = 950;
        private static final int SPAN = 1400;

        /** When each reading was asked for, ms. */
        final List<Long> askedAt = Collections.synchronizedList(new ArrayList<>());

        /** The newest reading of each figure, tenths. */
        final Map<Integer, Integer> newest = new ConcurrentHashMap<>();

        private final long start = System.nanoTime();

        private synchronized byte[] registers(int address, int quantity) {
            int n = askedAt.size();
            int tenths = COLDEST + (n / SPAN % 2 == 0 ? n % SPAN : SPAN - n % SPAN);
            newest.put(tenths, n);
            askedAt.add(System.currentTimeMillis());
            ByteBuffer all = ByteBuffer.allocate(16);
            for (int value : new int[] {tenths, 2300, 700, 400, 600, 0}) {
                all.putShort((short) value);
            }
            all.putInt((int) ((System.nanoTime() - start) / 10_000_000));
            return Arrays.copyOfRange(all.array(), 2 * address, 2 * (address + quantity));
        }

        @Override
        public ReadHoldingRegistersResponse readHoldingRegisters(
                ModbusRequestContext context, int unit, ReadHoldingRegistersRequest asked) {
            return new ReadHoldingRegistersResponse(registers(asked.address(), asked.quantity()));
        }

        @Override
        public ReadInputRegistersResponse readInputRegisters(
                ModbusRequestContext context, int unit, ReadInputRegistersRequest asked) {
            return new ReadInputRegistersResponse(registers(asked.address(), asked.quantity()));
        }
    }

    public static void main(String[] args) throws Exception {
        Counting roaster = new Counting();
        int port = freePort();
        ModbusTcpServer server = ModbusTcpServer.create(
                NettyTcpServerTransport.create(
                        c -> c.setBindAddress("127.0.0.1").setPort(port)),
                roaster);
        server.start();
        try (App app = new App(true);
                Chromium chromium = new Chromium()) {
            measure(app, chromium, roaster, port, Integer.parseInt(args[0]));
        } finally {
            server.stop();
        }
    }

    private static void measure(App app, Chromium chromium, Counting roaster, int port, int intoTheRoastS)
            throws InterruptedException {
        String machine = app.send("GET", "/api/machines/1", "application/json", "");
        app.send("PUT", "/api/machines/1", "application/json", Wire.linked(machine, port, POLL_MS));
        String batch = "{\"planId\":1,\"greenSampleId\":" + sampleOfPlan(app) + "}";
        app.send("POST", "/api/desks/1/batch", "application/json", batch);
        app.send("POST", "/api/desks/1/events", "application/json", "{\"kind\":\"charge\"}");
        List<Page> pages = new ArrayList<>();
        for (int i = 0; i < WATCHERS; i++) {
            Page page = chromium.page();
            page.navigate(app.url() + "/roast/desk/1");
            page.locator(".roast-chart svg").first().waitFor();
            pages.add(page);
        }
        Thread.sleep(1000L * intoTheRoastS);
        pages.forEach(p -> p.evaluate(WATCH));
        Thread.sleep(MEASURED_MS);
        report("figure", "shown", pages, roaster);
        report("curve", "drawn", pages, roaster);
    }

    private static long sampleOfPlan(App app) {
        return (long) Wire.number(app.send("GET", "/api/plans/1", "application/json", ""), "$.greenSampleId");
    }

    /** A reading that was passed over counts as seen when a later one was. */
    private static void report(String what, String noted, List<Page> pages, Counting roaster) {
        List<Double> late = new ArrayList<>();
        int seen = 0;
        for (Page page : pages) {
            @SuppressWarnings("unchecked")
            Map<String, Number> noticed = (Map<String, Number>) page.evaluate("window." + noted);
            TreeMap<Integer, Double> at = new TreeMap<>();
            noticed.forEach((tenths, ms) -> at.put(roaster.newest.get(Integer.valueOf(tenths)), ms.doubleValue()));
            seen += at.size();
            for (int n = at.firstKey(); n <= at.lastKey(); n++) {
                late.add(at.ceilingEntry(n).getValue() - roaster.askedAt.get(n));
            }
        }
        double[] sorted =
                late.stream().mapToDouble(Double::doubleValue).sorted().toArray();
        System.out.printf(
                "%s: %d readings on %d screens, %d of them shown by themselves; median %.0f ms, 95 of 100 within %.0f ms,"
                        + " latest %.0f ms; allowed 250%n",
                what,
                sorted.length,
                pages.size(),
                seen,
                sorted[sorted.length / 2],
                sorted[(int) (0.95 * sorted.length)],
                sorted[sorted.length - 1]);
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
