package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import barrowmist.server.web.StoredJson;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.tngtech.archunit.core.domain.JavaField;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Field;
import java.lang.reflect.ParameterizedType;
import java.lang.reflect.RecordComponent;
import java.lang.reflect.Type;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Whatever is stored as JSON is found again, by this version and by the next: an example of every version is read. */
class StoredJsonTest {

    private static final JsonMapper JSON = JsonMapper.shared();

    /** Every kind that the server stores, wherever it is declared. */
    static List<StoredJson<?>> kinds() {
        return new ClassFileImporter()
                .withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("barrowmist.server").stream()
                        .flatMap(c -> c.getFields().stream())
                        .filter(f -> f.getRawType().isEquivalentTo(StoredJson.class))
                        .filter(f -> f.getModifiers().contains(JavaModifier.STATIC))
                        .<StoredJson<?>>map(StoredJsonTest::value)
                        .toList();
    }

    private static StoredJson<?> value(JavaField field) {
        try {
            Field f = field.reflect();
            f.setAccessible(true);
            return (StoredJson<?>) f.get(null);
        } catch (IllegalAccessException e) {
            throw new IllegalStateException(e);
        }
    }

    private static JsonNode example(StoredJson<?> kind, int version) throws IOException {
        String file = kind.name() + "." + version + ".json";
        try (InputStream in = StoredJsonTest.class.getResourceAsStream("stored/" + file)) {
            assertThat(in).as("an example of what is stored: stored/" + file).isNotNull();
            return JSON.readTree(in);
        }
    }

    private static String stored(int version, JsonNode content) {
        return JSON.createObjectNode()
                .put("storedVersion", version)
                .set("content", content)
                .toString();
    }

    private static <T> JsonNode again(StoredJson<T> kind, String text) {
        return JSON.readTree(kind.write(kind.read(text))).get("content");
    }

    @Test
    void kindsAreFoundAndNoTwoShareAName() {
        assertThat(kinds().stream().map(StoredJson::name))
                .hasSizeGreaterThan(25)
                .doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyVersionIsReadWithNothingLost(StoredJson<?> kind) throws IOException {
        JsonNode newest = example(kind, kind.version());
        for (int v = 1; v <= kind.version(); v++) {
            assertThat(again(kind, stored(v, example(kind, v))))
                    .as(kind.name() + " of version " + v)
                    .isEqualTo(newest);
        }
        assertThat(again(kind, example(kind, 1).toString()))
                .as("from before versions were written")
                .isEqualTo(newest);
    }

    /** A field that is not in the example could be renamed, and nobody would see it lost. */
    @ParameterizedTest
    @MethodSource("kinds")
    void theNewestExampleSpeaksOfEveryField(StoredJson<?> kind) throws IOException {
        Set<String> silent = new TreeSet<>();
        find(kind.type(), List.of(example(kind, kind.version())), "", silent);
        assertThat(silent)
                .as("fields of " + kind.name() + " that its example does not give")
                .isEmpty();
    }

    private static void find(Type type, List<JsonNode> there, String path, Set<String> silent) {
        if (type instanceof ParameterizedType p) {
            Class<?> raw = (Class<?>) p.getRawType();
            Type of = p.getActualTypeArguments()[p.getActualTypeArguments().length - 1];
            boolean many = Iterable.class.isAssignableFrom(raw) || Map.class.isAssignableFrom(raw);
            find(of, many ? inside(there) : there, path, silent);
        } else if (type instanceof Class<?> c && c.isArray()) {
            find(c.getComponentType(), inside(there), path, silent);
        } else if (type instanceof Class<?> c && c.isRecord()) {
            for (RecordComponent part : c.getRecordComponents()) {
                if (part.getAccessor().isAnnotationPresent(JsonUnwrapped.class)) {
                    find(part.getGenericType(), there, path, silent);
                    continue;
                }
                String name = path + "." + part.getName();
                List<JsonNode> values = there.stream()
                        .map(n -> n.get(part.getName()))
                        .filter(n -> n != null && !n.isNull())
                        .toList();
                if (values.isEmpty()) {
                    silent.add(name);
                } else {
                    find(part.getGenericType(), values, name, silent);
                }
            }
        } else if (there.isEmpty()) {
            silent.add(path);
        }
    }

    private static List<JsonNode> inside(List<JsonNode> there) {
        return there.stream().flatMap(JsonNode::valueStream).toList();
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void whatMayBeMissingMayBeMissing(StoredJson<?> kind) throws IOException {
        if (kind.type().isRecord()) {
            Stream.of(kind.type().getRecordComponents())
                    .filter(c -> c.getAnnotatedType().isAnnotationPresent(Nullable.class))
                    .forEach(c -> assertThat(again(kind, stored(kind.version(), without(kind, c.getName()))))
                            .as(kind.name() + " without " + c.getName())
                            .isNotNull());
        }
    }

    private static JsonNode without(StoredJson<?> kind, String field) {
        try {
            ObjectNode content = (ObjectNode) example(kind, kind.version());
            content.remove(field);
            return content;
        } catch (IOException e) {
            throw new IllegalStateException(e);
        }
    }

    /** How many kilos of what. */
    record Sack(String origin, double kg) {}

    private static final StoredJson<Sack> SACK = StoredJson.of("sack", Sack.class)
            .then(v1 -> {
                ObjectNode v2 = (ObjectNode) v1;
                return v2.<ObjectNode>set("origin", v2.remove("country"));
            })
            .then(v2 ->
                    ((ObjectNode) v2).put("kg", v2.get("pounds").asDouble() / 2).without("pounds"));

    @Test
    void anEarlierVersionIsMadeIntoTheNextOneByOne() {
        Sack sack = new Sack("Malawi", 60);
        assertThat(SACK.read("{\"country\":\"Malawi\",\"pounds\":120}")).isEqualTo(sack);
        assertThat(SACK.read("{\"storedVersion\":2,\"content\":{\"origin\":\"Malawi\",\"pounds\":120}}"))
                .isEqualTo(sack);
        assertThat(SACK.read(SACK.write(sack))).isEqualTo(sack);
        assertThat(SACK.version()).isEqualTo(3);
    }

    @Test
    void whatWouldBeLostIsRefused() {
        assertThatThrownBy(() -> SACK.read("{\"storedVersion\":4,\"content\":{}}"))
                .hasMessageContaining("\"sack\" is of version 4")
                .hasMessageContaining("Start the later one");
        assertThatThrownBy(() -> SACK.read("{\"storedVersion\":3,\"content\":{\"land\":\"Malawi\",\"kg\":60}}"))
                .hasMessageContaining("land");
    }
}
