package barrowmist.standin;

import barrowmist.core.check.Coded;
import barrowmist.core.device.Drum;
import barrowmist.core.device.DrumKind;
import barrowmist.core.device.StandInRoaster;
import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ExecutionException;
import java.util.stream.Collectors;

/** The stand-in's panel: a page with its knobs, and the same as plain requests for tests. */
final class Panel implements AutoCloseable {

    private final StandIn standIn;
    private final HttpServer server;

    Panel(StandIn standIn, int port) throws IOException {
        this.standIn = standIn;
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        server.createContext("/", this::handle);
        server.start();
    }

    int port() {
        return server.getAddress().getPort();
    }

    @Override
    public void close() {
        server.stop(0);
    }

    private void handle(HttpExchange exchange) throws IOException {
        try (exchange) {
            handleOpen(exchange);
        }
    }

    private void handleOpen(HttpExchange exchange) throws IOException {
        try {
            String path = exchange.getRequestURI().getPath();
            if (exchange.getRequestMethod().equals("GET") && path.equals("/")) {
                answer(exchange, 200, "text/html; charset=utf-8", page());
            } else if (exchange.getRequestMethod().equals("GET") && path.equals("/state")) {
                answer(exchange, 200, "application/json", state());
            } else if (exchange.getRequestMethod().equals("POST")) {
                act(
                        path,
                        query(exchange),
                        new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8));
                answer(exchange, 200, "application/json", state());
            } else {
                answer(exchange, 404, "text/plain", "There is nothing here.");
            }
        } catch (IllegalArgumentException e) {
            answer(exchange, 400, "text/plain", String.valueOf(e.getMessage()));
        } catch (ExecutionException e) {
            answer(exchange, 500, "text/plain", String.valueOf(e.getMessage()));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void act(String path, Map<String, String> q, String body) throws ExecutionException, InterruptedException {
        StandInRoaster roaster = standIn.roaster();
        var levels = roaster.state().levels();
        switch (path) {
            case "/set" ->
                roaster.set(
                        number(q, "gas", levels.gasPct()),
                        number(q, "air", levels.airflowPct()),
                        number(q, "drum", levels.drumRpm()));
            case "/door" -> roaster.setDoorOpen(Boolean.parseBoolean(q.get("open")));
            case "/charge" ->
                roaster.charge(new Drum.Batch(
                        number(q, "g", 120),
                        number(q, "moisture", 11),
                        number(q, "mm", 6.5),
                        number(q, "uptake", 1),
                        number(q, "crack", 194)));
            case "/become" ->
                roaster.become(Coded.find(DrumKind.class, q.getOrDefault("kind", ""))
                        .orElseThrow(() -> new IllegalArgumentException("There is no roaster " + q.get("kind"))));
            case "/drop" -> roaster.drop();
            case "/preheat" -> roaster.preheat(number(q, "c", 190));
            case "/noise" -> roaster.setNoise(number(q, "c", 0.12));
            case "/speed" -> standIn.setSpeed(number(q, "x", 1));
            case "/trouble" -> standIn.modbus().set(Trouble.parse(q.getOrDefault("kind", "none")));
            case "/hand" -> standIn.hand().follow(body);
            default -> throw new IllegalArgumentException("There is no " + path);
        }
    }

    private static double number(Map<String, String> q, String name, double otherwise) {
        return q.containsKey(name) ? Double.parseDouble(q.get(name)) : otherwise;
    }

    private static Map<String, String> query(HttpExchange exchange) {
        String raw = exchange.getRequestURI().getRawQuery();
        return Arrays.stream((raw == null ? "" : raw).split("&"))
                .map(p -> p.split("=", 2))
                .filter(p -> p.length == 2)
                .collect(Collectors.toMap(
                        p -> p[0], p -> URLDecoder.decode(p[1], StandardCharsets.UTF_8), (first, second) -> second));
    }

    private String state() {
        StandInRoaster.State s = standIn.roaster().state();
        return String.format(
                Locale.ROOT,
                "{\"timeS\":%.2f,\"beanC\":%.1f,\"environmentC\":%.1f,\"gasPct\":%.1f,\"airflowPct\":%.1f,"
                        + "\"drumRpm\":%.1f,\"charged\":%b,\"doorOpen\":%b,\"chargedForS\":%.1f,\"pops\":%d,"
                        + "\"speed\":%.0f,\"trouble\":\"%s\",\"moves\":%d,\"kind\":\"%s\"}",
                s.timeS(),
                s.beanC(),
                s.environmentC(),
                s.levels().gasPct(),
                s.levels().airflowPct(),
                s.levels().drumRpm(),
                s.charged(),
                s.doorOpen(),
                s.chargedForS(),
                s.pops(),
                standIn.speed(),
                standIn.modbus().trouble().code(),
                standIn.hand().moves(),
                standIn.roaster().kind().code());
    }

    private static String page() throws IOException {
        try (InputStream in = Panel.class.getResourceAsStream("panel.html")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static void answer(HttpExchange exchange, int status, String type, String body) throws IOException {
        byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.sendResponseHeaders(status, bytes.length);
        exchange.getResponseBody().write(bytes);
    }
}
