package venue.core.edition.edition;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import java.util.stream.Stream;
import kotlinx.collections.immutable.ExtensionsKt;
import kotlinx.collections.immutable.PersistentMap;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.model.entry.Entry;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.menu.Menu;
import venue.core.model.page.OfKind;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.property.Property;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.Section;
import venue.core.model.section.Sectioned;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Site;
import venue.core.model.site.SiteIdentity;
import venue.core.model.theme.Look;

/**
 * All items of a site at one moment: the working copy, or a release. Immutable; a change gives a new edition that shares
 * what it can with the old one.
 */
public final class Edition {

    private final Layered<Item> items;
    private final PersistentMap<Class<?>, PersistentMap<String, Item>> bySort;
    private final FactsCache facts;
    private volatile @Nullable Plan plan;
    private volatile @Nullable Inbound inbound;
    private volatile @Nullable Site site;
    final Derived derived = new Derived(this);
    /** The items of a class as lists, made when they are first asked for; going through the maps each time is slower. */
    private final Map<Class<? extends Item>, List<Item>> lists = new ConcurrentHashMap<>();

    private Edition(
            Layered<Item> items, PersistentMap<Class<?>, PersistentMap<String, Item>> bySort, FactsCache facts) {
        this.items = items;
        this.bySort = bySort;
        this.facts = facts;
    }

    public static Edition of(Collection<? extends Item> items) {
        Edition empty = new Edition(Layered.of(Map.of()), ExtensionsKt.persistentHashMapOf(), new FactsCache());
        return items.isEmpty() ? empty : empty.with(items, List.of());
    }

    /** This edition with items put in (or in place of the old ones) and others taken out. */
    public Edition with(Collection<? extends Item> put, Collection<String> removed) {
        Map<String, @Nullable Item> changed = new HashMap<>();
        put.forEach(item -> changed.put(item.id(), item));
        removed.forEach(id -> changed.put(id, null));
        List<ItemChange> turns = new ArrayList<>(changed.size());
        changed.forEach((id, item) -> turns.add(new ItemChange(items.get(id), item)));
        Edition after = new Edition(items.with(changed), sorted(turns), facts);
        Plan tree = plan;
        after.plan = tree == null ? null : tree.after(turns).orElse(null);
        Inbound links = inbound;
        after.inbound = links == null || turns.stream().anyMatch(ItemChange::isOfFields)
                ? null
                : links.after(turns, this, after);
        derived.carryOn(turns, after.derived);
        lists.forEach((type, list) -> {
            if (turns.stream().noneMatch(t -> type.isInstance(t.before()) || type.isInstance(t.after()))) {
                after.lists.put(type, list);
            }
        });
        return after;
    }

    private PersistentMap<Class<?>, PersistentMap<String, Item>> sorted(List<ItemChange> turns) {
        Map<Class<?>, PersistentMap.Builder<String, Item>> touched = new HashMap<>();
        for (ItemChange turn : turns) {
            if (turn.before() != null) {
                touched(touched, turn.before()).remove(turn.before().id());
            }
            if (turn.after() != null) {
                touched(touched, turn.after()).put(turn.after().id(), turn.after());
            }
        }
        PersistentMap.Builder<Class<?>, PersistentMap<String, Item>> sorts = bySort.builder();
        touched.forEach((sort, ofSort) -> sorts.put(sort, ofSort.build()));
        return sorts.build();
    }

    private PersistentMap.Builder<String, Item> touched(
            Map<Class<?>, PersistentMap.Builder<String, Item>> touched, Item item) {
        return touched.computeIfAbsent(item.getClass(), sort -> {
            PersistentMap<String, Item> known = bySort.get(sort);
            return (known == null ? ExtensionsKt.<String, Item>persistentHashMapOf() : known).builder();
        });
    }

    public Collection<Item> items() {
        return Collections.unmodifiableCollection(items.values());
    }

    public Optional<Item> find(String id) {
        return Optional.ofNullable(items.get(id));
    }

    public <T extends Item> Optional<T> find(Class<T> type, @Nullable String id) {
        return id == null
                ? Optional.empty()
                : Optional.ofNullable(items.get(id)).filter(type::isInstance).map(type::cast);
    }

    /** The item, or a refusal naming what it should have been. */
    public <T extends Item> T require(Class<T> type, String id) {
        return find(type, id).orElseThrow(() -> Refusal.unknown(ItemSort.nounOf(type), id));
    }

    public <T extends Item> Stream<T> all(Class<T> type) {
        return lists.computeIfAbsent(type, this::gather).stream().map(type::cast);
    }

    private List<Item> gather(Class<? extends Item> type) {
        return bySort.entrySet().stream()
                .filter(sort -> type.isAssignableFrom(sort.getKey()))
                .flatMap(sort -> sort.getValue().values().stream())
                .toList();
    }

    public Site site() {
        Site known = site;
        if (known == null) {
            known = require(Site.class, Site.ID);
            site = known;
        }
        return known;
    }

    /** The theme that the site wears. */
    public Look theme() {
        return require(Look.class, site().look());
    }

    public Optional<Page> page(@Nullable String id) {
        return find(Page.class, id);
    }

    public Optional<Media> media(@Nullable String id) {
        return find(Media.class, id);
    }

    public Optional<Kind> kindOf(Page page) {
        return find(Kind.class, page.kind());
    }

    /** All menus: the header's first, then the footer's, then the others by name. */
    public List<Menu> menus() {
        return kept(
                "menus",
                () -> Stream.concat(
                                SiteIdentity.menus(site().facts()).stream()
                                        .flatMap(id -> find(Menu.class, id).stream()),
                                all(Menu.class).sorted(Comparator.comparing(Menu::name)))
                        .distinct()
                        .toList());
    }

    public Stream<Pattern> patterns() {
        return all(Pattern.class);
    }

    /** The redirect that is from this path and from no other. */
    public Optional<Redirect> redirectFrom(String path) {
        return find(Redirect.class, Redirect.idOf(path));
    }

    public Optional<Page> home() {
        return page(site().home());
    }

    public boolean isHome(Page page) {
        return page.id().equals(site().home());
    }

    /** The template a page wears, and why. */
    public Worn worn(Page page) {
        return Worn.of(this, page);
    }

    /** What can be worked out of this edition alone, kept for whoever asks again under the same key. */
    public <T> T kept(Object key, Supplier<T> workOut) {
        return derived.get(key, workOut);
    }

    /** The pages and entries of each kind in the order of what they hold. */
    public Ranks ranks() {
        return derived.ranks();
    }

    /** The entries of a kind that has no pages, in their order. */
    public List<Entry> entries(String kind) {
        return kept(
                "entries " + kind,
                () -> all(Entry.class)
                        .filter(e -> e.kind().equals(kind))
                        .sorted(Comparator.comparing(Entry::position).thenComparing(Entry::id))
                        .toList());
    }

    /** What a page holds in a field: its own value, else its kind's default. */
    public Optional<Value> field(Page page, String key) {
        return kindOf(page).flatMap(k -> k.field(key)).flatMap(f -> f.in(page.fields()));
    }

    /** The words a page holds in a field, or none. */
    public String words(Page page, String key) {
        return field(page, key).orElse(null) instanceof Value.Text text ? text.text() : "";
    }

    /** The tree of pages and their addresses. */
    public Plan plan() {
        Plan known = plan;
        if (known == null) {
            known = Plan.of(all(Page.class).toList());
            plan = known;
        }
        return known;
    }

    /** Where a page is served: {@code /} for the home page, else its own address. */
    public String servedAt(Page page) {
        return isHome(page) ? "/" : plan().address(page.id());
    }

    /** What an item's own content links to, shows and leaves to fill. */
    public PageFacts facts(Sectioned item) {
        return facts.of(item, item instanceof OfKind of ? fields(of.kind()) : List.of());
    }

    /** What its fields alone link to and show. */
    public PageFacts factsOfFields(OfKind of) {
        return PageFacts.of(List.of(), fields(of.kind()), of.fields());
    }

    private List<Property> fields(String kind) {
        return find(Kind.class, kind).map(Kind::fields).orElse(List.of());
    }

    /** The facts of a page's own content, then those of the shared sections on it. */
    public Stream<PageFacts> allFacts(Page page) {
        PageFacts own = facts(page);
        return Stream.concat(
                Stream.of(own),
                own.shows().shared().values().stream()
                        .flatMap(id -> find(SharedSection.class, id).stream())
                        .map(this::facts));
    }

    /** The places still to fill on a page, in its own content and in the shared sections on it. */
    public List<PageFacts.ToFill> toFill(Page page) {
        return facts(page).placesWith(id -> find(SharedSection.class, id).map(this::facts));
    }

    /** The section as it shows: where it stands for a shared one, that one's content under its own id. */
    public Section shown(Section section) {
        return section.sharedFrom()
                .flatMap(id -> find(SharedSection.class, id))
                .map(s -> s.section().withId(section.id()))
                .orElse(section);
    }

    /** The sections that stand on every page, under the ids of the shared sections they are. */
    public List<Section> foot() {
        return site().foot().stream()
                .flatMap(id -> find(SharedSection.class, id).stream())
                .map(s -> s.section().withId(s.id()))
                .toList();
    }

    /** Who links to a page. */
    public Inbound inbound() {
        Inbound known = inbound;
        if (known == null) {
            known = Inbound.of(this);
            inbound = known;
        }
        return known;
    }
}
