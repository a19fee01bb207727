package barrowmist.server.web;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * One kind of content that is stored as JSON text in a column, with the version of its shape. A field that is renamed or
 * removed makes a new version with an upgrade from the one before; a field that is added, and may be missing, does not.
 * {@code StoredJsonTest} reads an example of every version.
 *
 * @param <T> the content
 */
public final class StoredJson<T> {

    private static final String VERSION = "storedVersion";
    private static final String CONTENT = "content";

    /** A field nobody knows is a rename without an upgrade: reading on would lose it. */
    private static final JsonMapper STRICT = Json.builder()
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .build();

    private final String name;
    private final Class<T> type;

    /** From version n to n + 1, at place n - 1. */
    private final List<UnaryOperator<JsonNode>> upgrades;

    private StoredJson(String name, Class<T> type, List<UnaryOperator<JsonNode>> upgrades) {
        this.name = name;
        this.type = type;
        this.upgrades = List.copyOf(upgrades);
    }

    /** Content at its first version. */
    public static <T> StoredJson<T> of(String name, Class<T> type) {
        return new StoredJson<>(name, type, List.of());
    }

    /** The next version. @param upgrade makes what the version before wrote into what this one reads */
    public StoredJson<T> then(UnaryOperator<JsonNode> upgrade) {
        List<UnaryOperator<JsonNode>> all = new ArrayList<>(upgrades);
        all.add(upgrade);
        return new StoredJson<>(name, type, all);
    }

    public String name() {
        return name;
    }

    public Class<T> type() {
        return type;
    }

    /** The version that is written, from 1. */
    public int version() {
        return upgrades.size() + 1;
    }

    public String write(T content) {
        ObjectNode out = STRICT.createObjectNode().put(VERSION, version());
        return STRICT.writeValueAsString(out.set(CONTENT, STRICT.valueToTree(content)));
    }

    /**
     * Reads what any version has written. Text without a version is from before versions were written: its shape is that
     * of version 1, fields that were dropped before then are left out, and numbers that came later read 0.
     *
     * @throws StoredLater if a later version of the program wrote it
     */
    public T read(String text) {
        JsonNode root = STRICT.readTree(text);
        boolean versioned = root.isObject() && root.size() == 2 && root.has(VERSION) && root.has(CONTENT);
        int written = versioned ? root.get(VERSION).asInt() : 1;
        if (written > version()) {
            throw new StoredLater(name, written, version());
        }
        JsonNode content = versioned ? root.get(CONTENT) : root;
        for (UnaryOperator<JsonNode> upgrade : upgrades.subList(written - 1, upgrades.size())) {
            content = upgrade.apply(content);
        }
        return versioned ? STRICT.treeToValue(content, type) : Json.read(content, type);
    }
}
