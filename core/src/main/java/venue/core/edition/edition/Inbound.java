package venue.core.edition.edition;

import java.util.Collection;
import java.util.List;
import java.util.stream.IntStream;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentMap;
import kotlinx.collections.immutable.PersistentSet;
import venue.core.basics.item.Item;
import venue.core.body.listing.GatheredAt;

/**
 * Who links to whom: pages by their words and menus by their lines, which kinds are shown by listings, and where shared
 * sections stand. Immutable; what a change makes of it costs what the changed items link to.
 */
public final class Inbound {

    private static final Inbound EMPTY = new Inbound(
            new NamedBy(none()),
            new NamedBy(none()),
            new NamedBy(none()),
            new NamedBy(none()),
            new NamedBy(none()),
            new NamedBy(none()),
            new NamedBy(none()));

    private final NamedBy fromPages;
    private final NamedBy fromFields;
    private final NamedBy fromMenus;
    private final NamedBy listing;
    private final NamedBy gathering;
    private final NamedBy sharing;
    private final NamedBy fromPaths;

    private Inbound(
            NamedBy fromPages,
            NamedBy fromFields,
            NamedBy fromMenus,
            NamedBy listing,
            NamedBy gathering,
            NamedBy sharing,
            NamedBy fromPaths) {
        this.fromPages = fromPages;
        this.fromFields = fromFields;
        this.fromMenus = fromMenus;
        this.listing = listing;
        this.gathering = gathering;
        this.sharing = sharing;
        this.fromPaths = fromPaths;
    }

    private static PersistentMap<String, PersistentSet<String>> none() {
        return ExtensionsKt.persistentHashMapOf();
    }

    static Inbound of(Edition edition) {
        return EMPTY.after(
                edition.items().stream().map(item -> new ItemChange(null, item)).toList(), edition, edition);
    }

    Inbound after(Collection<ItemChange> turns, Edition before, Edition after) {
        Inbound now = this;
        for (ItemChange turn : turns) {
            now = now.after(turn, before, after);
        }
        return now;
    }

    private Inbound after(ItemChange turn, Edition before, Edition after) {
        Item named = turn.before() == null ? turn.after() : turn.before();
        Named was = Named.of(turn.before(), before);
        Named is = Named.of(turn.after(), after);
        if (named == null || was.equals(is)) {
            return this;
        }
        return new Inbound(
                fromPages.after(named.id(), was.pages(), is.pages()),
                fromFields.after(named.id(), was.fields(), is.fields()),
                fromMenus.after(named.id(), was.menuPages(), is.menuPages()),
                listing.after(named.id(), was.listed(), is.listed()),
                gathering.after(named.id(), was.gathered(), is.gathered()),
                sharing.after(named.id(), was.shared(), is.shared()),
                fromPaths.after(named.id(), was.paths(), is.paths()));
    }

    /** Whether some words or some menu lead to the page. */
    public boolean isNamed(String pageId) {
        return fromPages.by().containsKey(pageId) || fromMenus.by().containsKey(pageId);
    }

    /** Ids of the pages, templates and shared sections that link to an address on this site by writing it out. */
    public List<String> toPath(String path) {
        return fromPaths.of(path);
    }

    /** Ids of the pages, templates and shared sections whose words link to the page. */
    public List<String> pagesTo(String pageId) {
        return fromPages.of(pageId);
    }

    /** Ids of whatever names the page, file or form by a field or a setting: pages and entries above all. */
    public List<String> naming(String id) {
        return fromFields.of(id);
    }

    /** Ids of the pages and templates in which a shared section stands. */
    public List<String> sharing(String sharedId) {
        return sharing.of(sharedId);
    }

    public List<String> menusTo(String pageId) {
        return fromMenus.of(pageId);
    }

    /**
     * Whether a list shows by itself what stands beneath a page.
     *
     * @param pageId empty for the top of the plan
     * @param levels how far beneath, from 1
     */
    public boolean isGathered(String pageId, int levels) {
        return gathering.by().containsKey(pageId)
                || IntStream.rangeClosed(levels, GatheredAt.DEEPEST)
                        .anyMatch(n -> gathering.by().containsKey(GatheredAt.within(pageId, n)));
    }

    /** Ids of the items in which a listing shows what is of the kind. */
    public List<String> listing(String kindId) {
        return listing.of(kindId);
    }

    /** Whether some listing shows pages of the kind. */
    public boolean isListed(String kindId) {
        return listing.by().containsKey(kindId);
    }
}
