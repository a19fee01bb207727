package barrowmist.server;

import static org.assertj.core.api.Assertions.assertThat;

import barrowmist.server.Lab.Answer;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every operation that takes a body, by the API document: with each of its fields left out, null, or of another kind.
 * None fails, and none speaks of the program's insides.
 */
@LabTest
@TestPropertySource(properties = "lab.of=wrong bodies")
class WrongBodiesTest {

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final String HUGE = "x".repeat(200_000);
    private static final String FAR = "+999999999-01-01";

    private Lab lab;
    private JsonNode schemas;

    WrongBodiesTest(@Autowired MockMvc mvc) {
        lab = new Lab(mvc);
    }

    @Test
    void noneFailsAndNoneNamesAClass() {
        // some of these bodies would make an account or sign somebody out: a script's token stays good all the same
        JsonNode token = lab.lead()
                .post("/api/tokens", "{\"name\":\"Walk\",\"role\":\"lead\"}")
                .body();
        lab = lab.as("Bearer " + token.get("token").asString());
        lab.lot("washed");
        JsonNode document = lab.get("/v3/api-docs").body();
        schemas = document.get("components").get("schemas");
        List<String> wrong = new ArrayList<>();
        int asked = 0;
        for (var path : document.get("paths").properties()) {
            for (Map.Entry<String, JsonNode> operation : path.getValue().properties()) {
                JsonNode schema = operation.getValue().at("/requestBody/content/application~1json/schema");
                if (schema.isMissingNode() || path.getKey().contains("/model")) {
                    continue;
                }
                String address =
                        path.getKey().replaceAll("\\{date}", "2026-03-02").replaceAll("\\{[a-zA-Z]+}", "1");
                for (JsonNode body : variants(example(schema, 0))) {
                    asked++;
                    Answer answer = operation.getKey().equals("post")
                            ? lab.post(address, body.toString())
                            : lab.put(address, body.toString());
                    String said = answer.body().toString();
                    if (answer.status() >= 500
                            || answer.status() >= 400
                                    && said.matches("(?s).*(java\\.|barrowmist\\.|tools\\.jackson|`).*")
                            || answer.status() >= 400 && said.length() > 5000
                            || answer.status() < 400 && said.matches("(?s).*\"(\\w*(At|On|Date)|harvest)\":\"\\+9.*")) {
                        wrong.add(operation.getKey() + " " + address + " " + answer.status() + " "
                                + said.substring(0, Math.min(200, said.length())) + " for "
                                + body.toString()
                                        .substring(
                                                0, Math.min(120, body.toString().length())));
                    }
                }
            }
        }
        assertThat(asked).isGreaterThan(500);
        assertThat(wrong).isEmpty();
    }

    /** A body as the schema's examples write it, with every field there. */
    private JsonNode example(JsonNode schema, int depth) {
        if (schema.has("$ref")) {
            String name = schema.get("$ref").asString();
            return example(schemas.get(name.substring(name.lastIndexOf('/') + 1)), depth + 1);
        }
        if (schema.has("example")) {
            JsonNode said = schema.get("example");
            return said.isString() && !"string".equals(type(schema)) ? parsed(said.asString()) : said;
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(0);
        }
        return switch (type(schema)) {
            case "object" -> object(schema, depth);
            case "array" ->
                depth > 8 ? JSON.arrayNode() : JSON.arrayNode().add(example(schema.get("items"), depth + 1));
            case "integer" -> JSON.numberNode(1);
            case "number" -> JSON.numberNode(1.5);
            case "boolean" -> JSON.booleanNode(true);
            default -> JSON.stringNode("date".equals(text(schema, "format")) ? "2026-03-02" : "word");
        };
    }

    private JsonNode object(JsonNode schema, int depth) {
        ObjectNode out = JSON.objectNode();
        if (schema.has("properties")) {
            schema.get("properties").properties().forEach(p -> out.set(p.getKey(), example(p.getValue(), depth + 1)));
        } else if (schema.has("additionalProperties")) {
            out.set("any", example(schema.get("additionalProperties"), depth + 1));
        }
        return out;
    }

    private static JsonNode parsed(String text) {
        return JsonMapper.shared().readTree(text);
    }

    private static String type(JsonNode schema) {
        return schema.has("type") ? schema.get("type").asString() : "object";
    }

    private static String text(JsonNode schema, String field) {
        return schema.has(field) ? schema.get(field).asString() : "";
    }

    private static List<JsonNode> variants(JsonNode body) {
        List<JsonNode> out = new ArrayList<>(List.of(body, JSON.objectNode(), JSON.arrayNode(), JSON.stringNode("x")));
        vary(body, body, out);
        return out;
    }

    /** One change at a time, at every depth: the node is changed, the whole copied, the node set back. */
    private static void vary(JsonNode whole, JsonNode at, List<JsonNode> out) {
        List<JsonNode> others = List.of(
                JSON.nullNode(),
                JSON.stringNode("sixty"),
                JSON.stringNode(HUGE),
                JSON.stringNode(FAR),
                JSON.numberNode(-1e300),
                JSON.arrayNode(),
                JSON.objectNode().put("a", 1));
        if (at instanceof ObjectNode object) {
            for (String name : List.copyOf(object.propertyNames())) {
                JsonNode value = object.get(name);
                object.remove(name);
                out.add(whole.deepCopy());
                for (JsonNode other : others) {
                    object.set(name, other);
                    out.add(whole.deepCopy());
                }
                object.set(name, value);
                vary(whole, value, out);
            }
        } else if (at instanceof ArrayNode array && !array.isEmpty()) {
            JsonNode value = array.get(0);
            for (JsonNode other : others) {
                array.set(0, other);
                out.add(whole.deepCopy());
            }
            array.set(0, value);
            vary(whole, value, out);
        }
    }
}
