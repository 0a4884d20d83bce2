package venue.server.app;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Marks the components of records as required unless they may be absent. */
final class RequiredInDescription implements ModelConverter {

    @Override
    public @Nullable Schema<?> resolve(
            AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
        Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
        Class<?> raw = raw(type);
        if (schema != null && raw != null && raw.isRecord() && context != null) {
            Schema<?> model = schema.get$ref() == null
                    ? schema
                    : context.getDefinedModels().get(schema.get$ref().replaceAll(".*/", ""));
            if (model != null && model.getProperties() != null) {
                model.setRequired(required(raw, model));
            }
        }
        return schema;
    }

    private static @Nullable Class<?> raw(AnnotatedType type) {
        if (type.getType() instanceof JavaType java) {
            return java.getRawClass();
        }
        return type.getType() instanceof Class<?> plain ? plain : null;
    }

    private static List<String> required(Class<?> raw, Schema<?> model) {
        return components(raw)
                .filter(c -> !StrictJson.isNullable(c))
                .map(RecordComponent::getName)
                .filter(n -> model.getProperties().containsKey(n))
                .toList();
    }

    /** The components of a record. A part that is told without its name is replaced by its own components. */
    private static Stream<RecordComponent> components(Class<?> raw) {
        return Arrays.stream(raw.getRecordComponents())
                .flatMap(c -> c.getAccessor().isAnnotationPresent(JsonUnwrapped.class)
                        ? components(c.getType())
                        : Stream.of(c));
    }
}
