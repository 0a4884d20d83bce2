package venue.core.edition.json;

import com.fasterxml.jackson.annotation.JsonAutoDetect.Visibility;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.io.IOException;
import java.util.Map;
import java.util.function.UnaryOperator;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.edition.edition.ItemSort;

/** Items as canonical JSON: keys in order, nothing empty; equal items give equal bytes. */
public final class ItemJson {

    private static final JsonMapper MAPPER = mapper().addModule(
                    new SimpleModule().addSerializer(Value.class, new ValueWriter()))
            .build();

    /** As the items' own annotations say. */
    static JsonMapper.Builder mapper() {
        return JsonMapper.builder()
                .enable(MapperFeature.SORT_PROPERTIES_ALPHABETICALLY)
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                // Older contents lack what items have learned to say since.
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .changeDefaultPropertyInclusion(i -> i.withValueInclusion(JsonInclude.Include.NON_EMPTY))
                .changeDefaultVisibility(v -> v.withFieldVisibility(Visibility.ANY)
                        .withGetterVisibility(Visibility.NONE)
                        .withIsGetterVisibility(Visibility.NONE));
    }

    private static final JsonMapper GLANCE =
            mapper().disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();

    /** The number of the shape in which items are written now. */
    public static final int SHAPE = Shapes.NOW;

    private ItemJson() {}

    /** Canonical JSON of an item, or of what is kept beside items. */
    public static String write(Object item) {
        return MAPPER.writeValueAsString(item);
    }

    public static <T> T read(Class<T> type, String json) {
        return MAPPER.readValue(json, type);
    }

    /** The same of a text that was kept elsewhere; {@link IOException} where it isn't what we wrote. */
    public static <T> T readFromElsewhere(Class<T> type, String json) throws IOException {
        try {
            return read(type, json);
        } catch (JacksonException unfit) {
            throw new IOException("it can't be read", unfit);
        }
    }

    /** The same of a text that may say more than is asked of it. */
    public static <T> T glance(Class<T> type, String json) {
        return GLANCE.readValue(json, type);
    }

    /** An item that was written in a shape of then or now. */
    public static Item read(ItemSort sort, int shape, String json) {
        return read(sort.record(), Shapes.upgraded(sort, shape, json));
    }

    /** The same, each text in it as {@code said} has it. */
    public static Item read(ItemSort sort, int shape, String json, UnaryOperator<String> said) {
        return read(sort, shape, said(MAPPER.readTree(json), said).toString());
    }

    private static JsonNode said(JsonNode node, UnaryOperator<String> said) {
        if (node instanceof ObjectNode object) {
            object.propertyNames().forEach(name -> object.set(name, said(object.get(name), said)));
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                array.set(i, said(array.get(i), said));
            }
        }
        return node instanceof StringNode text ? StringNode.valueOf(said.apply(text.stringValue())) : node;
    }

    /** The item as maps, lists, texts and numbers. */
    public static Object tree(Item item) {
        return MAPPER.convertValue(item, Map.class);
    }

    /** The item that {@link #tree} gave. */
    public static Item item(Class<? extends Item> type, Object tree) {
        return MAPPER.convertValue(tree, type);
    }
}
