package venue.core.edition.json;

import java.math.BigDecimal;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import tools.jackson.core.JsonGenerator;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.ValueSerializer;
import venue.core.basics.value.Value;

/** Writes values as their own JSON says, without looking up for each of them how it is written: items are full of them. */
final class ValueWriter extends ValueSerializer<Value> {

    @Override
    public void serialize(Value value, JsonGenerator out, SerializationContext context) {
        write(value.json(), out);
    }

    @Override
    public boolean isEmpty(SerializationContext context, Value value) {
        Object json = value.json();
        return "".equals(json) || json instanceof Collection<?> list && list.isEmpty();
    }

    private static void write(Object json, JsonGenerator out) {
        if (json instanceof String text) {
            out.writeString(text);
        } else if (json instanceof Boolean flag) {
            out.writeBoolean(flag);
        } else if (json instanceof Long number) {
            out.writeNumber(number);
        } else if (json instanceof BigDecimal number) {
            out.writeNumber(number);
        } else if (json instanceof List<?> list) {
            out.writeStartArray();
            list.forEach(entry -> write(entry, out));
            out.writeEndArray();
        } else if (json instanceof Map<?, ?> map) {
            out.writeStartObject();
            map.forEach((key, inner) -> {
                out.writeName(String.valueOf(key));
                write(inner, out);
            });
            out.writeEndObject();
        } else {
            throw new IllegalStateException("no value is written as " + json.getClass());
        }
    }
}
