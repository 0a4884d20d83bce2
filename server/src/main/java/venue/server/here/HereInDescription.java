package venue.server.here;

import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.Parameter;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.springdoc.core.customizers.OperationCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;

/** Tells in the API's description that whatever asks for {@link Here} names a site in its path. */
@Component
class HereInDescription implements OperationCustomizer {

    static {
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(Here.class);
    }

    @Override
    public Operation customize(Operation operation, HandlerMethod method) {
        if (Arrays.stream(method.getMethodParameters()).anyMatch(p -> p.getParameterType() == Here.class)) {
            Parameter site =
                    new Parameter().in("path").name("site").required(true).schema(new StringSchema());
            List<Parameter> known = operation.getParameters() == null ? List.of() : operation.getParameters();
            operation.setParameters(
                    Stream.concat(Stream.of(site), known.stream()).toList());
        }
        return operation;
    }
}
