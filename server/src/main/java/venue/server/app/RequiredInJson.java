package venue.server.app;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.lang.reflect.RecordComponent;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.cfg.MapperConfig;
import tools.jackson.databind.introspect.Annotated;
import tools.jackson.databind.introspect.AnnotatedMember;
import tools.jackson.databind.introspect.AnnotatedParameter;
import tools.jackson.databind.introspect.JacksonAnnotationIntrospector;

/** What must be there in what is sent. */
final class RequiredInJson extends JacksonAnnotationIntrospector {

    private static final long serialVersionUID = 1;

    @Override
    public @Nullable Boolean hasRequiredMarker(MapperConfig<?> config, AnnotatedMember member) {
        return isRequired(member) ? Boolean.TRUE : super.hasRequiredMarker(config, member);
    }

    @Override
    public JsonSetter.Value findSetterInfo(MapperConfig<?> config, Annotated member) {
        return isRequired(member)
                ? JsonSetter.Value.construct(Nulls.FAIL, Nulls.FAIL)
                : super.findSetterInfo(config, member);
    }

    private static boolean isRequired(Annotated member) {
        if (!(member instanceof AnnotatedParameter parameter)) {
            return false;
        }
        Class<?> owner = parameter.getDeclaringClass();
        RecordComponent[] components = owner.isRecord() ? owner.getRecordComponents() : null;
        return components != null
                && owner.getName().startsWith("venue.")
                && parameter.getOwner().getParameterCount() == components.length
                && !StrictJson.isNullable(components[parameter.getIndex()]);
    }
}
