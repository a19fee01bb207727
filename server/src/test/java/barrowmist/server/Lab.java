package barrowmist.server;

import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
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
    private final String authorization;
    private final String device;

    public Lab(MockMvc mvc) {
        this(mvc, null, "127.0.0.1");
    }

    private Lab(MockMvc mvc, String authorization, String device) {
        this.mvc = mvc;
        this.authorization = authorization;
        this.device = device;
    }

    /** The same with this header {@code Authorization}. */
    public Lab as(String header) {
        return new Lab(mvc, header, device);
    }

    /** The same from a device of this address. */
    public Lab from(String address) {
        return new Lab(mvc, authorization, address);
    }

    /** Any operation. */
    public Answer send(String method, String path, String json) {
        return send(MockMvcRequestBuilders.request(HttpMethod.valueOf(method), path)
                .contentType(MediaType.APPLICATION_JSON)
                .content(json));
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

    /** The status of an answer of any kind, such as a calendar or a label. */
    public int status(String path) {
        try {
            return mvc.perform(MockMvcRequestBuilders.get(path))
                    .andReturn()
                    .getResponse()
                    .getStatus();
        } catch (Exception e) {
            throw new IllegalStateException(path, e);
        }
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

    public Answer putCsv(String path, String log) {
        return send(
                MockMvcRequestBuilders.put(path).contentType("text/csv").content(log.getBytes(StandardCharsets.UTF_8)));
    }

    /** A sound lot's id. */
    public long lot(String process) {
        return post("/api/lots", """
                        {"name":"Test Hill","supplier":"Tester","origin":"Burundi","process":"%s",
                         "arrivalDate":"2026-01-05","kg":60,"moisturePct":10.9,"densityGPerL":690,"screen":"16/17"}
                        """.formatted(process)).id();
    }

    private Answer send(AbstractMockHttpServletRequestBuilder<?> request) {
        request.with(sent -> {
            sent.setRemoteAddr(device);
            return sent;
        });
        if (authorization != null) {
            request.header(HttpHeaders.AUTHORIZATION, authorization);
        }
        try {
            MockHttpServletResponse response = mvc.perform(request).andReturn().getResponse();
            String text = response.getContentAsString(StandardCharsets.UTF_8);
            return new Answer(response.getStatus(), text.isEmpty() ? JSON.nullNode() : JSON.readTree(text));
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }
}
