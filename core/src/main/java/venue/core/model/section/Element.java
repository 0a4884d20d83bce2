package venue.core.model.section;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Ids;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;

/** The smallest thing placed. Its id is its own within the section and stays the same in copies of the section. */
public record Element(String id, String kind, Map<String, Value> props) {

    public Element {
        Ids.check(id, "element");
        props = Values.copy(props);
    }

    public Element with(String key, @Nullable Value value) {
        return new Element(id, kind, Values.with(props, key, value));
    }
}
