package barrowmist.server.web;

import tools.jackson.databind.json.JsonMapper;

/** Content that is kept as JSON text in one column. */
public final class Json {

    private static final JsonMapper MAPPER = JsonMapper.shared();

    private Json() {}

    public static String write(Object content) {
        return MAPPER.writeValueAsString(content);
    }

    public static <T> T read(String json, Class<T> type) {
        return MAPPER.readValue(json, type);
    }
}
