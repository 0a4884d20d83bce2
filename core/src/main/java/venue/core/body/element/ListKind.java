package venue.core.body.element;

import java.util.Map;
import java.util.Set;
import venue.core.basics.value.Value;
import venue.core.body.drawn.Sketch;
import venue.core.body.scene.Props;
import venue.core.model.property.Property;

/** Things of one sort, one after another: there is something where one of them is. */
abstract class ListKind extends DeclaredKind {

    private final String things;
    private final Sketch sketch;

    /** @param things the key of the property that holds them */
    ListKind(String things, Sketch sketch, String key, String name, String note, Property... properties) {
        super(key, name, note, properties);
        this.things = things;
        this.sketch = sketch;
    }

    @Override
    public final Sketch drawn(Map<String, Value> props) {
        return sketch;
    }

    @Override
    public Set<String> themeParts() {
        return Set.of("lists");
    }

    @Override
    public final boolean hasSomething(Props props) {
        return !props.shown(things).isEmpty();
    }
}
