package venue.core.carry.pack;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.sort.Refs;
import venue.core.sort.Walk;

/** Pages once more under other ids: where they name one another, the copies do so among themselves. */
public final class Twin {

    private Twin() {}

    /** @param ids the id of each copy, by that of the page */
    public static List<Page> of(Edition edition, Collection<Page> pages, Map<String, String> ids) {
        Refs refs = id -> Optional.of(ids.getOrDefault(id, id));
        Walk walk = new Walk(refs, Walk.fieldsOf(edition::find));
        return pages.stream()
                .map(p -> (Page) walk.item(p, ids.getOrDefault(p.id(), p.id())).orElseThrow())
                .toList();
    }
}
