package venue.server.app;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.databind.JavaType;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import venue.core.edit.Command;
import venue.core.link.Link;
import venue.core.value.Value;

/** The API's description: what a record does not mark as nullable is always there. */
@Configuration
class OpenApi {

    static {
        SpringDocUtils.getConfig()
                .replaceWithSchema(Value.class, values())
                .replaceWithSchema(Link.class, new StringSchema().description("A link: see docs/formats/values.md"));
    }

    private static Schema<?> values() {
        Schema<?> group = new ObjectSchema().additionalProperties(true);
        Schema<?> value = new ComposedSchema()
                .addOneOfItem(new StringSchema())
                .addOneOfItem(new NumberSchema())
                .addOneOfItem(new BooleanSchema())
                .addOneOfItem(new ArraySchema().items(group))
                .addOneOfItem(group);
        return value.description("A value: see docs/formats/values.md");
    }

    /** Verbs as they are sent, in place of the names of the classes behind them. */
    @Bean
    OpenApiCustomizer verbs() {
        return api -> {
            Schema<?> command = api.getComponents().getSchemas().get("Command");
            for (JsonSubTypes.Type type :
                    Command.class.getAnnotation(JsonSubTypes.class).value()) {
                String ref = "#/components/schemas/" + type.value().getSimpleName();
                command.getDiscriminator().mapping(type.name(), ref);
            }
        };
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Venue").version("1"));
    }

    @Bean
    ModelConverter requiredComponents() {
        return new RequiredComponents();
    }

    /** Marks the components of records as required unless they may be absent. */
    private static final class RequiredComponents implements ModelConverter {

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
            return Arrays.stream(raw.getRecordComponents())
                    .filter(c -> !isNullable(c))
                    .map(RecordComponent::getName)
                    .filter(n -> model.getProperties().containsKey(n))
                    .toList();
        }

        private static boolean isNullable(RecordComponent component) {
            return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
        }
    }
}
