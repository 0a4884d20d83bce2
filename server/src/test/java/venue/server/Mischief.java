package venue.server;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a body may become on the way: parts missing, null, of another sort, huge, deep and odd. */
final class Mischief {

    /** What lies deeper is tried with the first few. */
    private static final int DEEP = 2;

    private static final int FEW = 6;
    private static final String HUGE = "x".repeat(20_000);
    /** Each takes the place of one part of a body, as JSON. */
    private static final List<String> PARTS = List.of(
            "null",
            "12.5",
            "[null]",
            "{\"\":null}",
            "\"\"",
            "\"\\ud800\\u0000\\u202e\"",
            "5",
            "-1",
            "1e400",
            "99999999999999999999999",
            "true",
            "[]",
            "{}",
            "\"" + HUGE + "\"",
            "\"\\u200b\\u3164\"",
            "\"../../etc/passwd\"",
            "\"javascript:alert(1)\"",
            "\"'; drop table step; --\"",
            "[" + "5,".repeat(2_000) + "5]",
            "[".repeat(50) + "]".repeat(50),
            "{\"toFill\":null}",
            "{\"bound\":5}");
    /** Whole bodies. */
    static final List<String> WHOLE = List.of(
            "", "null", "[]", "5", "\"x\"", "{", "{\"a\":}", "not json", "{\"more\":1}", "[".repeat(5_000), "\u0000");

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private Mischief() {}

    /** Every body that differs from a good one in one part. */
    static List<String> bodies(JsonNode good) {
        List<String> bad = new ArrayList<>(List.of(good.toString()));
        each(good, place -> {
            for (String part : PARTS.subList(0, place.way().size() > DEEP ? FEW : PARTS.size())) {
                bad.add(place.with(part));
            }
            place.without().ifPresent(bad::add);
        });
        return bad;
    }

    /** A part of a body, by the way to it. */
    private record Place(JsonNode whole, List<Object> way) {

        String with(String part) {
            JsonNode copy = whole.deepCopy();
            JsonNode in = above(copy);
            Object last = way.get(way.size() - 1);
            JsonNode marker = JSON.getNodeFactory().stringNode("@@here@@");
            if (in instanceof ObjectNode object) {
                object.set((String) last, marker);
            } else {
                ((ArrayNode) in).set((int) last, marker);
            }
            return copy.toString().replace("\"@@here@@\"", part);
        }

        java.util.Optional<String> without() {
            JsonNode copy = whole.deepCopy();
            if (above(copy) instanceof ObjectNode object) {
                object.remove((String) way.get(way.size() - 1));
                return java.util.Optional.of(copy.toString());
            }
            return java.util.Optional.empty();
        }

        private JsonNode above(JsonNode copy) {
            JsonNode at = copy;
            for (Object step : way.subList(0, way.size() - 1)) {
                at = step instanceof String name ? at.get(name) : at.get((int) step);
            }
            return at;
        }
    }

    private static void each(JsonNode whole, Consumer<Place> found) {
        each(whole, whole, List.of(), found);
    }

    private static void each(JsonNode whole, JsonNode at, List<Object> way, Consumer<Place> found) {
        if (!way.isEmpty()) {
            found.accept(new Place(whole, way));
        }
        at.propertyStream().forEach(p -> each(whole, p.getValue(), and(way, p.getKey()), found));
        for (int i = 0; at.isArray() && i < at.size(); i++) {
            each(whole, at.get(i), and(way, i), found);
        }
    }

    private static List<Object> and(List<Object> way, Object step) {
        List<Object> longer = new ArrayList<>(way);
        longer.add(step);
        return longer;
    }
}
