package venue.core.carry.pack;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.merge.Archive;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.section.Origin;
import venue.core.model.section.Sectioned;
import venue.core.model.template.Template;
import venue.core.sort.Refs;
import venue.core.sort.Sorts;
import venue.core.sort.Walk;

/** Makes packs of what stands in a site. */
public final class Packing {

    private final Edition edition;
    private final Known known;
    private final Archive archive;
    private final Function<String, List<Property>> fields;
    private final Map<String, Hash> hashes = new HashMap<>();

    public Packing(Edition edition, Known known, Archive archive) {
        this.edition = edition;
        this.known = known;
        this.archive = archive;
        fields = Walk.fieldsOf(edition::find);
    }

    /**
     * A pack of an item: the site itself, or a page with those beneath it, a template, a pattern, a kind, a look.
     *
     * @param withEntries whether the entries of a kind come along
     */
    public Pack of(String id, boolean withEntries) {
        Item root = edition.require(Item.class, id);
        Pack.Holds holds = Pack.Holds.of(root);
        if (holds == Pack.Holds.SITE) {
            return packed(holds, id, edition.items());
        }
        List<Item> roots = new ArrayList<>(List.of(root));
        roots.addAll(Sorts.along(root, edition, withEntries));
        return packed(holds, id, needed(roots));
    }

    /** A pack of pages, and of none beneath them that is not named too; it is saved for the topmost. */
    public Pack ofPages(List<String> ids) {
        List<Page> pages = ids.stream()
                .distinct()
                .map(id -> edition.require(Page.class, id))
                .sorted(Comparator.<Page>comparingInt(
                                p -> edition.plan().ancestors(p.id()).size())
                        .thenComparingLong(Page::position))
                .toList();
        if (pages.isEmpty()) {
            throw Refusal.badInput("no-page-chosen", "page", "No page is chosen.", "Choose one at least.");
        }
        return packed(Pack.Holds.PAGE, pages.get(0).id(), needed(pages));
    }

    private Collection<Item> needed(Collection<? extends Item> roots) {
        return PackNeeds.of(
                roots, edition::find, fields, edition.all(Kind.class).toList());
    }

    /** Everything that stands there, for no item in particular. */
    public Pack all() {
        return packed(Pack.Holds.SITE, "", edition.items());
    }

    private Pack packed(Pack.Holds holds, String root, Collection<Item> items) {
        Map<String, Item> all = new TreeMap<>();
        items.forEach(i -> all.put(i.id(), Sorts.carried(i)));
        Map<String, Pack.Outside> outside = new HashMap<>();
        Map<Hash, Item> pasts = new HashMap<>();
        Refs look = id -> {
            if (!all.containsKey(id)) {
                String name = edition.find(id).map(Item::name).orElse("");
                outside.put(id, new Pack.Outside(known.identity(id), name));
            }
            return Optional.of(id);
        };
        Walk walk = new Walk(look, fields);
        all.values().forEach(i -> pasts.putAll(pasts(i)));
        all.values().forEach(i -> walk.item(i, i.id()));
        pasts.values().forEach(i -> walk.item(i, i.id()));
        List<Pack.Packed> packed = all.values().stream()
                .sorted(Comparator.comparing(Item::id))
                .map(i -> new Pack.Packed(i, known.identity(i.id())))
                .toList();
        return new Pack(holds, root, packed, outside, pasts);
    }

    /** What the origins of an item and its sections were as they were taken, where they have moved on since. */
    private Map<Hash, Item> pasts(Item item) {
        Map<Hash, Item> found = new HashMap<>();
        if (item instanceof Sectioned sectioned) {
            sectioned
                    .everySection()
                    .flatMap(s -> Stream.ofNullable(s.origin()))
                    .filter(this::hasMovedOn)
                    .forEach(o -> archive.past(o.item(), o.taken()).ifPresent(then -> found.put(o.taken(), then)));
        }
        edition.page(item.id()).ifPresent(page -> {
            Hash taken = page.taken();
            Template worn = edition.worn(page).template();
            if (taken != null) {
                archive.past(worn.id(), taken)
                        .filter(then -> !then.equals(worn))
                        .ifPresent(then -> found.put(taken, then));
            }
        });
        return found;
    }

    private boolean hasMovedOn(Origin origin) {
        return edition.find(origin.item())
                .map(now -> hashes.computeIfAbsent(now.id(), id -> archive.hashOf(now)))
                .filter(now -> !now.equals(origin.taken()))
                .isPresent();
    }
}
