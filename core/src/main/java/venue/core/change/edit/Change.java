package venue.core.change.edit;

import java.util.List;
import venue.core.basics.item.Item;

/**
 * What a command does to the working copy.
 *
 * @param name what it is called in "Undo “…”": a few words in lower case
 * @param put items made or changed
 * @param removed ids of items taken away
 */
public record Change(String name, List<Item> put, List<String> removed) {

    public Change {
        put = List.copyOf(put);
        removed = List.copyOf(removed);
    }

    public static Change of(String name, Item item) {
        return new Change(name, List.of(item), List.of());
    }
}
