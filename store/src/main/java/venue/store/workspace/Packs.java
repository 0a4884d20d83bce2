package venue.store.workspace;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.carry.pack.Copied;
import venue.core.carry.pack.Pack;
import venue.core.carry.pack.Packing;
import venue.core.carry.pack.ReadAsked;
import venue.core.carry.pack.Reading;
import venue.core.carry.pack.Report;
import venue.core.carry.pack.Shelf;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.model.site.Role;
import venue.core.model.site.Site;

/** Carries what stands in a site elsewhere, and takes in what comes from there. */
public final class Packs {

    private final Workspace workspace;
    private final Arrivals arrivals;
    private final SiteArchive archive;

    Packs(Workspace workspace, Arrivals arrivals, SiteArchive archive) {
        this.workspace = workspace;
        this.arrivals = arrivals;
        this.archive = archive;
    }

    /** A pack of one of the site's items, or of all of it, as it stands now. */
    public Pack save(String item, boolean withEntries) {
        return packing().of(item, withEntries);
    }

    /** A pack of pages of the site, and of no others. */
    public Pack savePages(List<String> pages) {
        return packing().ofPages(pages);
    }

    private Packing packing() {
        return new Packing(workspace.now().working(), arrivals.known(), archive);
    }

    /** All of it for a site that begins as its copy: with its content, or structure and theme alone. */
    public Pack copy(boolean withContent) {
        Pack all = save(Site.ID, false);
        return withContent ? all : Copied.structure(all, archive::hashOf);
    }

    /** What reading a pack would do now; refused where the reading would be. */
    public Report look(Pack pack, ReadAsked how) {
        Reading reading = reading(pack, how);
        taking(pack, reading).on(workspace.desk());
        return reading.report();
    }

    private static WholeCommand taking(Pack pack, Reading reading) {
        return WholeCommand.takeInAsTheyAre(pack.rootItem().name(), List.copyOf(reading.items()));
    }

    /** What the item that a pack was saved for would be here, where it would change. */
    Optional<Item> foreseen(Pack pack, ReadAsked how) {
        return reading(pack, how).root();
    }

    /**
     * A pack's pages as they would stand here.
     *
     * @param pages all of them, with what each is here
     * @param ids their ids in it, by those that they have in the pack
     */
    public record Drawn(Standing on, List<Report.PackPage> pages, Edition edition, UnaryOperator<String> ids) {

        /** Whether this is still how it would stand in that site. */
        public boolean isOf(Workspace site) {
            return site.now() == on;
        }
    }

    /** What a site would be with all of a pack's pages as they are in it; for looking at. */
    public Drawn drawn(Pack pack) {
        Standing now = workspace.now();
        ReadAsked how = ReadAsked.each(pack.items().stream()
                .filter(p -> ItemSort.of(p.item()) == ItemSort.PAGE)
                .collect(Collectors.toMap(p -> p.item().id(), p -> ReadAsked.Differing.THEIRS)));
        Reading reading = Reading.of(pack, now.working(), arrivals.known(), archive, how);
        return new Drawn(now, reading.pages(), reading.after(), reading::idHere);
    }

    /** Reads a pack in one step. */
    public Done read(PersonId who, Role role, Pack pack, ReadAsked how) {
        return read(who, role, pack, how, () -> {});
    }

    /** The same, and what is written down with it. */
    Done read(PersonId who, Role role, Pack pack, ReadAsked how, Runnable also) {
        return workspace.take(who, role, () -> {
            Reading reading = reading(pack, how);
            return new Workspace.Taking(taking(pack, reading), done -> {
                arrivals.keep(reading.named());
                arrivals.keep(
                        reading.came(),
                        reading.pasts().values(),
                        done.step(),
                        done.revisions().isEmpty());
                also.run();
            });
        });
    }

    /** Everything that stands here. */
    Pack all() {
        return packing().all();
    }

    /** Remembers of what was given to all sites what it was then. */
    void gave(Pack pack) {
        Map<String, Reading.Came> given = new HashMap<>();
        pack.items().forEach(p -> given.put(p.item().id(), new Reading.Came(p.identity(), p.item())));
        arrivals.keep(given, List.of(), workspace.now().step(), true);
    }

    /** What all sites can take, as this one sees it. */
    List<Shelf.ShelfLine> shelf(Pack library) {
        return Shelf.of(library, workspace.now().working(), arrivals.known(), archive::hashOf);
    }

    private Reading reading(Pack pack, ReadAsked how) {
        return Reading.of(pack, workspace.now().working(), arrivals.known(), archive, how);
    }

    /** Begins a site that is what a pack holds. */
    void begin(PersonId who, Pack pack, String host) {
        Map<String, String> identities = new HashMap<>();
        pack.outside().forEach((id, outside) -> identities.put(id, outside.identity()));
        pack.items().forEach(p -> identities.put(p.item().id(), p.identity()));
        workspace.settle(
                who, WholeCommand.takeInAsTheyAre(pack.rootItem().name(), pack.asSite(host)), Workspace.BEGIN, done -> {
                    arrivals.keep(identities);
                    arrivals.kept(pack.pasts().values());
                });
    }
}
