package venue.server;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Bodies as the API's own description asks for them, with names from the demo where there are such. */
final class Samples {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int DEEPEST = 4;
    private static final Map<String, String> NAMES = Map.ofEntries(
            Map.entry("page", "tonight"),
            Map.entry("item", "tonight"),
            Map.entry("parent", "visit"),
            Map.entry("before", "groups"),
            Map.entry("section", "tonight-main1"),
            Map.entry("element", "e1"),
            Map.entry("kind", "standard"),
            Map.entry("template", "plain"),
            Map.entry("pattern", "dark-road"),
            Map.entry("menu", "main"),
            Map.entry("look", "dusk"),
            Map.entry("entry", "sponsor-1"),
            Map.entry("site", "kestrel-moor"),
            Map.entry("zone", "main"),
            Map.entry("key", "summary"));

    private final JsonNode api;

    Samples(String openapi) {
        api = JsonMapper.builder().build().readTree(openapi);
    }

    JsonNode paths() {
        return api.get("paths");
    }

    static String named(String parameter) {
        return NAMES.getOrDefault(parameter, parameter.equals("number") || parameter.equals("since") ? "1" : "x1");
    }

    /** The body of an operation, or nothing where it has none. */
    JsonNode body(JsonNode operation) {
        JsonNode schema = operation.at("/requestBody/content/application~1json/schema");
        return schema.isMissingNode() ? NODES.missingNode() : of("", schema, 0);
    }

    /** A body for each verb, where the operation takes commands. */
    java.util.List<JsonNode> bodies(JsonNode operation) {
        JsonNode body = body(operation);
        if (!body.has("command")) {
            return java.util.List.of(body);
        }
        JsonNode verbs = api.at("/components/schemas/Command/discriminator/mapping");
        return verbs.propertyStream()
                .map(verb -> {
                    ObjectNode given = (ObjectNode) body.deepCopy();
                    ObjectNode command = (ObjectNode) of(
                            "", NODES.objectNode().put("$ref", verb.getValue().asString()), 0);
                    given.set("command", command.put("verb", verb.getKey()));
                    given.set("seen", NODES.objectNode());
                    return (JsonNode) given;
                })
                .toList();
    }

    private JsonNode of(String name, JsonNode schema, int depth) {
        if (schema.has("$ref")) {
            return of(name, api.at(schema.get("$ref").asString().substring(1)), depth + 1);
        }
        for (String several : new String[] {"allOf", "oneOf"}) {
            if (schema.has(several)) {
                JsonNode last = schema.get(several)
                        .get(several.equals("oneOf") ? 0 : schema.get(several).size() - 1);
                return of(name, last, depth + 1);
            }
        }
        if (schema.has("enum")) {
            return schema.get("enum").get(0);
        }
        return switch (schema.path("type").asString("object")) {
            case "string" -> NODES.stringNode(named(name));
            case "integer", "number" -> NODES.numberNode(1);
            case "boolean" -> NODES.booleanNode(true);
            case "array" -> array(name, schema, depth);
            default -> object(schema, depth);
        };
    }

    private ArrayNode array(String name, JsonNode schema, int depth) {
        ArrayNode list = NODES.arrayNode();
        return depth > DEEPEST ? list : list.add(of(name.replaceAll("s$", ""), schema.get("items"), depth + 1));
    }

    private ObjectNode object(JsonNode schema, int depth) {
        ObjectNode object = NODES.objectNode();
        if (depth <= DEEPEST) {
            schema.path("properties")
                    .propertyStream()
                    .forEach(p -> object.set(p.getKey(), of(p.getKey(), p.getValue(), depth + 1)));
            if (object.isEmpty() && schema.path("additionalProperties").isObject()) {
                object.set("tonight", of("", schema.get("additionalProperties"), depth + 1));
            }
        }
        return object;
    }
}
