package venue.server.app;

import com.fasterxml.jackson.databind.module.SimpleModule;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.Discriminator;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.util.Objects;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.properties.SpringDocConfigProperties;
import org.springdoc.core.providers.ObjectMapperProvider;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.web.csrf.CsrfToken;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.change.command.Commands;
import venue.core.change.edit.Command;

/** The API's description: what a record does not mark as nullable is always there. */
@Configuration(proxyBeanMethods = false)
class OpenApi {

    static {
        SpringDocUtils.getConfig()
                .addRequestWrapperToIgnore(CsrfToken.class)
                .replaceWithClass(SiteId.class, String.class)
                .replaceWithClass(PersonId.class, String.class)
                .replaceWithClass(Hash.class, String.class)
                .replaceWithSchema(Value.class, ref("Value"))
                .replaceWithSchema(Link.class, new StringSchema().description("A link: see docs/formats/values.md"));
    }

    private static Schema<?> ref(String name) {
        return new Schema<>().$ref("#/components/schemas/" + name);
    }

    private static Schema<?> marked(String key) {
        return new ObjectSchema().addProperty(key, new StringSchema()).addRequiredItem(key);
    }

    /** What a property holds, under a name of its own: clients write it once. */
    @Bean
    OpenApiCustomizer values() {
        Schema<?> value = new ComposedSchema()
                .addOneOfItem(new StringSchema())
                .addOneOfItem(new NumberSchema())
                .addOneOfItem(new BooleanSchema())
                .addOneOfItem(new ArraySchema().items(ref("Group")))
                .addOneOfItem(ref("Unfilled"))
                .addOneOfItem(ref("Bound"));
        return api -> api.getComponents()
                .addSchemas("Value", value.description("A value: see docs/formats/values.md"))
                .addSchemas("Group", new ObjectSchema().additionalProperties(ref("Value")))
                .addSchemas("Unfilled", marked("toFill"))
                .addSchemas("Bound", marked("bound"));
    }

    /** Tells what kinds of commands there are; {@link Command} itself does not know them. */
    @Bean
    ObjectMapperProvider objectMapperProvider(SpringDocConfigProperties properties) {
        ObjectMapperProvider provider = new ObjectMapperProvider(properties);
        SimpleModule commands = new SimpleModule() {
            @Override
            public void setupModule(SetupContext context) {
                super.setupModule(context);
                context.insertAnnotationIntrospector(new CommandSubtypes());
            }
        };
        provider.jsonMapper().registerModule(commands);
        provider.yamlMapper().registerModule(commands);
        return provider;
    }

    /** Verbs as they are sent, in place of the names of the classes behind them. */
    @Bean
    OpenApiCustomizer verbs() {
        return api -> {
            Schema<?> command =
                    Objects.requireNonNull(api.getComponents().getSchemas().get("Command"));
            Discriminator verb = command.getDiscriminator();
            Commands.onTheWire()
                    .forEach(c -> verb.mapping(Commands.verb(c), "#/components/schemas/" + c.getSimpleName()));
        };
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI().info(new Info().title("Venue").version("1"));
    }

    @Bean
    ModelConverter requiredComponents() {
        return new RequiredInDescription();
    }
}
