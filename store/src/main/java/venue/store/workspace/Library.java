package venue.store.workspace;

import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.carry.pack.Pack;
import venue.core.carry.pack.ReadAsked;
import venue.core.carry.pack.Report;
import venue.core.carry.pack.Shelf;
import venue.core.model.site.Role;

/**
 * What all sites can take: kinds, templates, patterns and looks, with what they need. It is a site without pages and hosts;
 * giving and taking are the reading of a pack whose items are known.
 */
public final class Library {

    /** The id of its rows, which no site can have. */
    static final SiteId ID = new SiteId("library");

    private final Workspace workspace;

    Library(Workspace workspace) {
        this.workspace = workspace;
    }

    /** Gives an item of a site to all sites, with what it needs; what was given before moves on. */
    public Pack give(PersonId who, Workspace from, String item) {
        Pack pack = from.packs().save(item, false);
        if (pack.holds() == Pack.Holds.SITE || pack.holds() == Pack.Holds.PAGE) {
            throw Refusal.badInput(
                    "not-for-all",
                    "item",
                    "“" + pack.rootItem().name() + "” can't be given to all sites.",
                    "Give a kind, a template, a pattern or a look; a page can be carried as a pack.");
        }
        workspace
                .packs()
                .read(
                        who,
                        Role.MANAGER,
                        pack,
                        ReadAsked.given(),
                        () -> from.packs().gave(pack));
        return pack;
    }

    /** What there is, as a site sees it. */
    public List<Shelf.ShelfLine> shelf(Workspace site) {
        return site.packs().shelf(workspace.packs().all());
    }

    /** What taking an item would do in a site; where it is there already, what carrying it over would. */
    public Report look(Workspace site, String item) {
        return site.packs().look(workspace.packs().save(item, false), ReadAsked.together(null));
    }

    /** What an item would be in a site once it has been taken; empty where nothing of it would come. */
    public Optional<Item> foreseen(Workspace site, String item) {
        Pack pack = workspace.packs().save(item, false);
        return site.packs().foreseen(pack, ReadAsked.together(null));
    }

    /**
     * Takes an item into a site in one step, or carries over what the library has changed; what was adapted is merged.
     *
     * @param kind the kind whose pages are to wear it, where it is a template; absent for none more than before
     */
    public Done take(PersonId who, Role role, Workspace site, String item, @Nullable String kind) {
        return site.packs().read(who, role, workspace.packs().save(item, false), ReadAsked.together(kind));
    }
}
