package venue.store.workspace;

import java.util.Optional;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.item.SiteId;
import venue.core.edition.merge.Archive;
import venue.store.content.Contents;
import venue.store.journal.Journal;

/** What the items of one site were: contents are kept for all sites together, and only its journal says which were its. */
record SiteArchive(SiteId site, Contents contents, Journal journal, Arrivals arrivals) implements Archive {

    @Override
    public Object tree(Item item) {
        return contents.tree(item);
    }

    @Override
    public Item item(Class<? extends Item> type, Object tree) {
        return contents.item(type, tree);
    }

    @Override
    public Optional<Item> find(Hash hash) {
        return contents.find(hash);
    }

    @Override
    public Optional<Item> past(String id, Hash hash) {
        return journal.held(site, id, hash) || arrivals.held(id, hash) ? contents.find(hash) : Optional.empty();
    }

    @Override
    public Hash hashOf(Item item) {
        return contents.hashOf(item);
    }
}
