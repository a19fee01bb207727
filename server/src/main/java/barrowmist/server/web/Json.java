package barrowmist.server.web;

import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** JSON text that is no answer to a call: a file, or what a filter writes. What is stored has {@link StoredJson}. */
public final class Json {

    /** What an earlier version kept lacks the numbers that came later: they read 0, and their record says what that is. */
    private static final JsonMapper MAPPER = builder().build();

    private Json() {}

    static JsonMapper.Builder builder() {
        JsonMapper.Builder builder = JsonMapper.builder().disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES);
        CodedValues.addTo(builder);
        return builder;
    }

    public static String write(Object content) {
        return MAPPER.writeValueAsString(content);
    }

    public static <T> T read(String json, Class<T> type) {
        return MAPPER.readValue(json, type);
    }

    static <T> T read(JsonNode json, Class<T> type) {
        return MAPPER.treeToValue(json, type);
    }
}
