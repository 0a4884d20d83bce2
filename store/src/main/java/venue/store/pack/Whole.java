package venue.store.pack;

import java.lang.reflect.RecordComponent;
import java.util.Collection;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Records that were read from outside: whatever they may not do without is there, down to the last of their parts. */
final class Whole {

    private Whole() {}

    /** Gives the record back, or refuses it. */
    static <T> T check(T read, String path) {
        part(read, path);
        return read;
    }

    private static void record(Record record, String path) {
        for (RecordComponent component : record.getClass().getRecordComponents()) {
            Object value = value(record, component);
            if (value != null || !component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                part(value, path);
            }
        }
    }

    private static void part(@Nullable Object part, String path) {
        if (part == null) {
            throw Zip.noPack("in “" + Zip.shown(path) + "” something is missing");
        } else if (part instanceof Record record) {
            record(record, path);
        } else if (part instanceof Collection<?> many) {
            many.forEach(p -> part(p, path));
        } else if (part instanceof Map<?, ?> many) {
            many.values().forEach(p -> part(p, path));
        }
    }

    private static @Nullable Object value(Object part, RecordComponent component) {
        try {
            component.getAccessor().setAccessible(true);
            return component.getAccessor().invoke(part);
        } catch (ReflectiveOperationException e) {
            throw new IllegalStateException(e);
        }
    }
}
