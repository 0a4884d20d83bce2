package venue.core.body.element;

import java.util.Map;
import java.util.Set;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.model.property.Property;

/** A kind of element by which visitors do something: it shows more than what is written in it. */
abstract class VisitorKind extends DeclaredKind {

    VisitorKind(String key, String name, String note, Property... properties) {
        super(key, name, note, properties);
    }

    @Override
    public boolean asksServer(Map<String, Value> props) {
        return true;
    }

    @Override
    public final boolean isGathered() {
        return true;
    }

    @Override
    public Sketch drawn(Map<String, Value> props) {
        return Sketch.ASKING;
    }

    @Override
    public final Set<String> themeParts() {
        return Set.of("button");
    }
}
