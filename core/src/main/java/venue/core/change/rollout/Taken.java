package venue.core.change.rollout;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.template.Template;

/** What pages remember of the templates that they wear. */
public final class Taken {

    private Taken() {}

    /**
     * The items with which a site begins, each page as one that has taken what its template brings now: what that is without
     * on purpose is not offered to it.
     *
     * @param hashOf the hash of an item's content
     */
    public static List<Item> byAll(List<Item> items, Function<Item, Hash> hashOf) {
        Edition edition = Edition.of(items);
        Map<String, Hash> hashes = new HashMap<>();
        return items.stream()
                .map(i -> edition.page(i.id())
                        .map(p -> by(p, edition, hashes, hashOf))
                        .orElse(i))
                .toList();
    }

    private static Item by(Page page, Edition edition, Map<String, Hash> hashes, Function<Item, Hash> hashOf) {
        Template worn = edition.worn(page).template();
        return page.taken() == null
                ? page.withTaken(hashes.computeIfAbsent(worn.id(), id -> hashOf.apply(worn)))
                : page;
    }
}
