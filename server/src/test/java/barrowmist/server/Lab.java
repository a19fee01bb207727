package barrowmist.server;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A script that uses the public API, as the tests write it. */
public final class Lab {

    private static final JsonMapper JSON = JsonMapper.shared();
    private final MockMvc mvc;

    public Lab(MockMvc mvc) {
        this.mvc = mvc;
    }

    /** An answer of the server. */
    public record Answer(int status, JsonNode body) {

        public long id() {
            return body.get("id").asLong();
        }
    }

    public Answer get(String path) {
        return send(MockMvcRequestBuilders.get(path));
    }

    public Answer delete(String path) {
        return send(MockMvcRequestBuilders.delete(path));
    }

    public Answer post(String path, String json) {
        return send(MockMvcRequestBuilders.post(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json));
    }

    public Answer put(String path, String json) {
        return send(MockMvcRequestBuilders.put(path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json));
    }

    public Answer csv(String path, byte[] log) {
        return send(MockMvcRequestBuilders.post(path).contentType("text/csv").content(log));
    }

    public Answer csv(String path, String log) {
        return csv(path, log.getBytes(StandardCharsets.UTF_8));
    }

    /** A sound lot's id. */
    public long lot(String process) {
        return post("/api/lots", """
                        {"name":"Test Hill","supplier":"Tester","origin":"Burundi","process":"%s",
                         "arrivalDate":"2026-01-05","kg":60,"moisturePct":10.9,"densityGPerL":690,"screen":"16/17"}
                        """.formatted(process)).id();
    }

    private Answer send(AbstractMockHttpServletRequestBuilder<?> request) {
        try {
            MockHttpServletResponse response = mvc.perform(request).andReturn().getResponse();
            String text = response.getContentAsString(StandardCharsets.UTF_8);
            return new Answer(response.getStatus(), text.isEmpty() ? JSON.nullNode() : JSON.readTree(text));
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    /**
     * A log at 1 Hz of an invented roast: charge at 190 °C, turning point near 1:10, a steady decline of the rate of rise
     * to first crack at 8:00, and then either on to the drop at 9:40, or a crash to 1.5 °C/min in 25 s.
     */
    public static String log(boolean crash, String events) {
        StringBuilder csv = new StringBuilder("time,bean_c,gas_pct,event\n");
        Map<Integer, String> named = Arrays.stream(events.split(";"))
                .map(e -> e.split("="))
                .collect(Collectors.toMap(e -> Integer.parseInt(e[0]), e -> e[1]));
        double bean = 61;
        for (int t = 0; t <= 580; t++) {
            double steady = t < 120 ? 22 : 22 - (t - 120) / 360.0 * 14;
            double late = crash ? Math.max(1.5, 8 - (t - 480) / 25.0 * 6.5) : 8 - (t - 480) / 100.0 * 3.5;
            double probe = bean + 129 * Math.exp(-t / 25.0);
            String event = named.getOrDefault(t, "");
            csv.append(String.format(Locale.ROOT, "%d,%.2f,%d,%s%n", t, probe, t < 465 ? 65 : 30, event));
            bean += (t < 480 ? steady : late) / 60;
        }
        return csv.toString();
    }

    /** The usual events of {@link #log}. */
    public static final String EVENTS = "0=charge;285=dry_end;480=first_crack;580=drop";
}
