package venue.core.carry.pack;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.ItemSort;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.site.Site;
import venue.core.sort.Walk;

/**
 * An item with all that it needs, or a whole site. Nothing in it depends on where it was saved but the ids, which are its own.
 *
 * @param root the id of the item that it was saved for
 * @param items in the order of their ids
 * @param outside what items name that did not come along, by id
 * @param pasts what templates and patterns once were, for the copies that were taken then, by hash
 */
public record Pack(Holds holds, String root, List<Packed> items, Map<String, Outside> outside, Map<Hash, Item> pasts) {

    /** What a pack was saved for. */
    public enum Holds {
        SITE(ItemSort.SITE),
        PAGE(ItemSort.PAGE),
        TEMPLATE(ItemSort.TEMPLATE),
        PATTERN(ItemSort.PATTERN),
        KIND(ItemSort.KIND),
        LOOK(ItemSort.THEME);

        private final ItemSort sort;

        Holds(ItemSort sort) {
            this.sort = sort;
        }

        static Holds of(Item root) {
            return Arrays.stream(values())
                    .filter(h -> h.sort == ItemSort.of(root))
                    .findFirst()
                    .orElseThrow(
                            () -> Refusal.badInput(
                                    "no-pack",
                                    "item",
                                    "“" + root.name() + "” can't be a pack of its own.",
                                    "Save the site, a page, a template, a pattern, a kind or a look; the rest comes along where it is needed."));
        }
    }

    /**
     * An item, and who it is wherever it goes.
     *
     * @param identity 16 hexadecimal digits that the item keeps in every site that it is carried to
     */
    public record Packed(Item item, String identity) {}

    /** An item that did not come along: who it is, and what it is called; nothing where it was gone already. */
    public record Outside(String identity, String name) {

        public Outside {
            name = name == null ? "" : name;
        }

        boolean isGone() {
            return name.isEmpty();
        }
    }

    public Pack {
        items = List.copyOf(items);
        outside = Map.copyOf(outside);
        pasts = Map.copyOf(pasts);
    }

    /** The identity of an item that began with this content. */
    public static String identity(String id, String firstContent) {
        return Hash.shortOf(id + " " + firstContent);
    }

    public Item rootItem() {
        return find(root).orElseThrow();
    }

    public Optional<Item> find(String id) {
        return items.stream().map(Packed::item).filter(i -> i.id().equals(id)).findFirst();
    }

    /** All that a site of its own is made of, under a host name. */
    public List<Item> asSite(String host) {
        if (holds != Holds.SITE) {
            throw Refusal.badInput(
                    "no-site-in-pack",
                    "asSite",
                    "This pack holds no whole site.",
                    "Read it into a site that is there.");
        }
        return withSite(s -> s.withHosts(List.of(host))).items().stream()
                .map(Packed::item)
                .toList();
    }

    /** The same with the site itself changed. */
    Pack withSite(UnaryOperator<Site> change) {
        List<Packed> changed = items.stream()
                .map(p -> p.item().id().equals(Site.ID) ? new Packed(change.apply((Site) p.item()), p.identity()) : p)
                .toList();
        return new Pack(holds, root, changed, outside, pasts);
    }

    /** The same with what reading some of its pages alone needs, named by their ids in it. */
    public Pack only(Collection<String> pages) {
        return ChosenPages.of(this, pages);
    }

    /** Those of its items, for one of them; what stays behind is named as what never came along. */
    Pack cut(Holds holds, String root, List<Packed> left) {
        Map<String, Outside> beyond = new HashMap<>(outside);
        Set<String> kept = left.stream().map(p -> p.item().id()).collect(Collectors.toSet());
        items.stream()
                .filter(p -> !kept.contains(p.item().id()))
                .forEach(p -> beyond.put(
                        p.item().id(), new Outside(p.identity(), p.item().name())));
        return new Pack(holds, root, left, beyond, pasts);
    }

    /** The files that it shows. */
    public List<Media> media() {
        return all(Media.class).toList();
    }

    Stream<Page> pages() {
        return all(Page.class);
    }

    /** Its pages in the order of their plan, each before those beneath it. */
    List<Page> plannedPages() {
        Map<String, List<Page>> beneath = new HashMap<>();
        Set<String> ids = pages().map(Page::id).collect(Collectors.toSet());
        pages().sorted(Comparator.comparingLong(Page::position))
                .forEach(p -> beneath.computeIfAbsent(
                                ids.contains(p.parent()) ? p.parent() : "", above -> new ArrayList<>())
                        .add(p));
        List<Page> planned = new ArrayList<>();
        Deque<Page> open = new ArrayDeque<>(beneath.getOrDefault("", List.of()));
        while (!open.isEmpty()) {
            Page page = open.pop();
            planned.add(page);
            List<Page> under = beneath.getOrDefault(page.id(), List.of());
            for (int i = under.size() - 1; i >= 0; i--) {
                open.push(under.get(i));
            }
        }
        return planned;
    }

    <T extends Item> Stream<T> all(Class<T> type) {
        return items.stream().map(Packed::item).filter(type::isInstance).map(type::cast);
    }

    Map<String, Item> byId() {
        return items.stream().map(Packed::item).collect(Collectors.toMap(Item::id, Function.identity()));
    }

    /** The fields of its kinds. */
    Function<String, List<Property>> fields() {
        Map<String, Item> byId = byId();
        return Walk.fieldsOf(id -> Optional.ofNullable(byId.get(id)));
    }
}
