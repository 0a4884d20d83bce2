package venue.server.app;

import java.lang.reflect.RecordComponent;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.LogicalType;
import venue.core.basics.text.Letters;

/**
 * JSON is taken as the API's description says it: what a record does not mark as nullable must be there, nothing is taken
 * for something else (5 for "5", 12.5 for 12), and texts are rid of what may not stand in them.
 */
@Configuration(proxyBeanMethods = false)
class StrictJson {

    @Bean
    JsonMapperBuilderCustomizer strict() {
        return mapper -> mapper.annotationIntrospector(new RequiredInJson())
                .addModule(new SimpleModule("texts").addDeserializer(String.class, new CleanText()))
                .disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
                .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .withCoercionConfig(
                        LogicalType.Enum, c -> c.setCoercion(CoercionInputShape.EmptyString, CoercionAction.Fail));
    }

    /** Whether a component of a record may be absent. */
    static boolean isNullable(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
    }

    private static final class CleanText extends StdScalarDeserializer<String> {

        private CleanText() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser in, DeserializationContext context) {
            if (!in.hasToken(JsonToken.VALUE_STRING)) {
                return (String) context.handleUnexpectedToken(context.constructType(String.class), in);
            }
            return Letters.clean(in.getString());
        }
    }
}
