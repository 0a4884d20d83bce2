package venue.core.change.edit;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;

/** What commands come to, each of which works on what those before it made. */
public final class Gathered {

    private final Desk desk;
    private final Map<String, Item> put = new LinkedHashMap<>();
    private final Set<String> removed = new LinkedHashSet<>();
    private Edition at;

    public Gathered(Desk desk) {
        this.desk = desk;
        at = desk.edition();
    }

    /** Takes one more; one that is refused changes nothing. */
    public void take(Command command) {
        Change change = command.on(desk.on(at));
        at = at.with(change.put(), change.removed());
        change.put().forEach(i -> {
            put.put(i.id(), i);
            removed.remove(i.id());
        });
        change.removed().forEach(id -> {
            put.remove(id);
            removed.add(id);
        });
    }

    public Change change(String name) {
        removed.removeIf(id -> desk.edition().find(id).isEmpty());
        return new Change(name, List.copyOf(put.values()), List.copyOf(removed));
    }
}
