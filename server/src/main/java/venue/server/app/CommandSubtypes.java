package venue.server.app;

import com.fasterxml.jackson.databind.introspect.Annotated;
import com.fasterxml.jackson.databind.introspect.NopAnnotationIntrospector;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.change.command.Commands;
import venue.core.change.edit.Command;

/** What kinds of commands there are, for the description of the API. */
final class CommandSubtypes extends NopAnnotationIntrospector {

    private static final long serialVersionUID = 1;

    @Override
    public @Nullable List<NamedType> findSubtypes(Annotated type) {
        if (type.getRawType() != Command.class) {
            return null;
        }
        // It is changed by whoever asks.
        List<NamedType> known = new ArrayList<>();
        Commands.onTheWire().forEach(c -> known.add(new NamedType(c, Commands.verb(c))));
        return known;
    }
}
