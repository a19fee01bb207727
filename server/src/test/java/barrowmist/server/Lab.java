package barrowmist.server;

import jakarta.servlet.http.Cookie;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
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
    // stands for the connection, not sent to anybody
    private static final String SECURE = "X-Test-Secure";
    private static final String LEAD = "{\"name\":\"Maren\",\"password\":\"fog on the moor\"}";
    private final MockMvc mvc;
    private final String authorization;
    private final String device;
    private final Map<String, String> headers;
    // a browser's; null for a script, which keeps none
    private final Map<String, Cookie> cookies;

    public Lab(MockMvc mvc) {
        this(mvc, null, "127.0.0.1", Map.of(), null);
    }

    private Lab(
            MockMvc mvc,
            String authorization,
            String device,
            Map<String, String> headers,
            Map<String, Cookie> cookies) {
        this.mvc = mvc;
        this.authorization = authorization;
        this.device = device;
        this.headers = headers;
        this.cookies = cookies;
    }

    /** The same with this header {@code Authorization}. */
    public Lab as(String header) {
        return new Lab(mvc, header, device, headers, cookies);
    }

    /** The same from a device of this address. */
    public Lab from(String address) {
        return new Lab(mvc, authorization, address, headers, cookies);
    }

    /** The same with these headers. */
    public Lab with(Map<String, String> more) {
        return new Lab(mvc, authorization, device, more, cookies);
    }

    /** A browser of its own: keeps cookies, and proves at each change that it is our page that asks. */
    public Lab browser() {
        return new Lab(mvc, authorization, device, headers, new HashMap<>());
    }

    /** A browser in which the lab's first account is made, or that signs in with it. */
    public Lab lead() {
        Lab lead = browser();
        if (lead.post("/api/session/first", LEAD).status() != 201) {
            lead.post("/api/session", LEAD);
        }
        return lead;
    }

    /** Whoever signs in so. */
    public Lab signedIn(String name, String password) {
        Lab person = browser();
        person.post("/api/session", "{\"name\":\"%s\",\"password\":\"%s\"}".formatted(name, password));
        return person;
    }

    /** The same over HTTPS. */
    public Lab secure() {
        return with(Map.of(SECURE, "yes"));
    }

    /** The same browser without this cookie. */
    public Lab without(String cookie) {
        Map<String, Cookie> fewer = new HashMap<>(cookies);
        fewer.remove(cookie);
        return new Lab(mvc, authorization, device, headers, fewer);
    }

    /** The cookie of this name, when it is a browser and has one. */
    public Cookie cookie(String name) {
        return cookies.get(name);
    }

    /** Any operation. */
    public Answer send(String method, String path, String json) {
        return send(MockMvcRequestBuilders.request(HttpMethod.valueOf(method), URI.create(path))
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
        return answered(path).getStatus();
    }

    /** An answer that is text of another kind, such as a table. */
    public String text(String path) {
        return new String(answered(path).getContentAsByteArray(), StandardCharsets.UTF_8);
    }

    /** A page on paper. */
    public byte[] bytes(String path) {
        return answered(path).getContentAsByteArray();
    }

    private MockHttpServletResponse answered(String path) {
        try {
            return mvc.perform(MockMvcRequestBuilders.get(path)).andReturn().getResponse();
        } catch (Exception e) {
            throw new IllegalStateException(path, e);
        }
    }

    /** A text as it stands in JSON. */
    public static String quoted(String text) {
        return JSON.writeValueAsString(text);
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

    private void sendCookies(AbstractMockHttpServletRequestBuilder<?> request) {
        if (cookies == null || cookies.isEmpty()) {
            return;
        }
        request.cookie(cookies.values().toArray(Cookie[]::new));
        Cookie proof = cookies.get("XSRF-TOKEN");
        if (proof != null) {
            request.header("X-XSRF-TOKEN", proof.getValue());
        }
    }

    private void keepCookies(MockHttpServletResponse response) {
        if (cookies == null) {
            return;
        }
        for (Cookie cookie : response.getCookies()) {
            if (cookie.getMaxAge() == 0) {
                cookies.remove(cookie.getName());
            } else {
                cookies.put(cookie.getName(), cookie);
            }
        }
    }

    private Answer send(AbstractMockHttpServletRequestBuilder<?> request) {
        request.with(sent -> {
            sent.setRemoteAddr(device);
            sent.setSecure(headers.containsKey(SECURE));
            return sent;
        });
        if (authorization != null) {
            request.header(HttpHeaders.AUTHORIZATION, authorization);
        }
        try {
            headers.forEach(request::header);
            sendCookies(request);
            MockHttpServletResponse response = mvc.perform(request).andReturn().getResponse();
            keepCookies(response);
            String text = response.getContentAsString(StandardCharsets.UTF_8);
            boolean json = String.valueOf(response.getContentType()).contains("json");
            return new Answer(
                    response.getStatus(),
                    json ? JSON.readTree(text) : JSON.getNodeFactory().stringNode(text));
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }
}
