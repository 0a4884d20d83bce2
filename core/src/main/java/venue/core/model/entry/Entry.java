package venue.core.model.entry;

import java.util.Map;
import org.jspecify.annotations.Nullable;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.model.page.OfKind;
import venue.core.model.page.Page;

/**
 * One of a kind that has no pages: it is shown by listings and has no address.
 *
 * @param position its place among the others, ascending; gaps mean nothing
 */
public record Entry(String id, String name, String kind, long position, Map<String, Value> fields) implements OfKind {

    public Entry {
        fields = Values.copy(fields);
    }

    public Entry withName(String words) {
        return new Entry(id, words, kind, position, fields);
    }

    public Entry at(long place) {
        return new Entry(id, name, kind, place, fields);
    }

    public Entry with(String key, @Nullable Value value) {
        return new Entry(id, name, kind, position, Values.with(fields, key, value));
    }

    /** A page without a place in the plan. */
    @Override
    public Page asListed() {
        return Page.of(id, name, id, kind).withPlace(null, position).withFields(fields);
    }
}
