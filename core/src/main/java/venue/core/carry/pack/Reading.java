package venue.core.carry.pack;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.merge.Archive;
import venue.core.edition.merge.TreeMerge;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.site.Site;
import venue.core.model.theme.Look;
import venue.core.sort.Sorts;

/** What reading a pack into a site comes to: worked out once, told as a report, done as one change. */
public final class Reading {

    private final Pack pack;
    private final Edition here;
    private final ReadAsked asked;
    private final Settled settled;
    private final Placed placed;
    private final @Nullable Page replaced;
    private final Archive archive;
    private final Known known;
    private final List<Pack.Packed> fresh = new ArrayList<>();
    private final List<Pack.Packed> same = new ArrayList<>();
    private final Set<Pack.Packed> differing = new LinkedHashSet<>();
    private final Map<String, Item> put = new LinkedHashMap<>();
    private final Map<String, Came> came = new HashMap<>();
    private final List<String> clashing = new ArrayList<>();
    private final Renamed renamed;

    /**
     * Who an item is that has come.
     *
     * @param theirs what it was in the pack, as it is here
     */
    public record Came(String identity, Item theirs) {}

    private Reading(Pack pack, Edition here, Known known, Archive archive, ReadAsked asked) {
        this.pack = pack;
        this.here = here;
        this.asked = asked;
        this.archive = archive;
        this.known = known;
        renamed = new Renamed(here);
        settled = new Settled(pack, here, known, archive::hashOf, asked.keepsNames());
        replaced = replaced();
        if (replaced != null) {
            settled.settle(pack.root(), replaced.id());
        }
        placed = new Placed(here, asked.how() == ReadAsked.How.UNDER ? asked.at() : null);
    }

    /** What reading it as asked comes to; nothing is done. */
    public static Reading of(Pack pack, Edition here, Known known, Archive archive, ReadAsked asked) {
        Pack read = asked.how() == ReadAsked.How.ONLY_PATTERNS ? OnlyPatterns.of(pack) : pack;
        Reading reading = new Reading(read, here, known, archive, asked);
        reading.sort();
        reading.gather();
        return reading;
    }

    private @Nullable Page replaced() {
        if (asked.how() == ReadAsked.How.IN_PLACE_OF) {
            if (pack.holds() != Pack.Holds.PAGE) {
                throw Refusal.badInput(
                        "no-page-in-pack",
                        "inPlaceOf",
                        "This pack holds no page that could take another's place.",
                        "Read it without naming a page.");
            }
            return here.require(Page.class, String.valueOf(asked.at()));
        }
        return null;
    }

    /** Says of each item whether it is here, and whether it is the same; those that are to come twice get an id of their own. */
    private void sort() {
        for (Pack.Packed packed : pack.items()) {
            Optional<Item> then = content(packed.item());
            if (then.isEmpty()) {
                continue;
            }
            Optional<Item> now = here.find(then.get().id());
            boolean takesPlace = replaced != null && packed.item().id().equals(pack.root());
            if (now.isEmpty() || takesPlace && !now.equals(then)) {
                fresh.add(packed);
            } else if (now.equals(then) && !asked.wantsAnother(packed.item().id())) {
                same.add(packed);
            } else {
                differing.add(packed);
            }
        }
        differing.stream()
                .filter(p -> choice(p) == ReadAsked.Differing.BOTH)
                .forEach(p -> settled.settle(p.item().id(), beside(p)));
    }

    /** The same content comes beside what is here once, unless another copy of it is wanted. */
    private String beside(Pack.Packed packed) {
        String made = Hash.shortOf(packed.identity() + " beside " + archive.hashOf(packed.item()));
        while (asked.wantsAnother(packed.item().id()) && known.isUsed(made)) {
            made = Hash.shortOf(made + " and another");
        }
        return made;
    }

    private void gather() {
        fresh.forEach(p -> content(p.item()).ifPresent(i -> put(p, i)));
        for (Pack.Packed packed : differing) {
            Optional<Item> then = content(packed.item());
            if (choice(packed) == ReadAsked.Differing.BOTH) {
                then.filter(i -> here.find(i.id()).isEmpty()).ifPresent(i -> put(packed, renamed.beside(i)));
            } else if (choice(packed) == ReadAsked.Differing.THEIRS) {
                then.ifPresent(i -> put(packed, i));
            } else if (choice(packed) == ReadAsked.Differing.MERGED) {
                then.ifPresent(i -> merge(packed, i));
            }
        }
        same.stream()
                .filter(p -> known.taken(settled.id(p.item())).isPresent())
                .forEach(p -> content(p.item()).ifPresent(i -> came.put(i.id(), new Came(p.identity(), i))));
        if (asked.wornBy() != null && pack.holds() == Pack.Holds.TEMPLATE) {
            letWear(here.require(Kind.class, asked.wornBy()), settled.id(pack.rootItem()));
        }
        if (asked.wearItsLook()) {
            Site site = (Site) put.getOrDefault(Site.ID, here.site());
            look().ifPresent(l -> put.put(Site.ID, site.withLook(settled.id(l))));
        }
    }

    private void letWear(Kind kind, String template) {
        Kind now = (Kind) put.getOrDefault(kind.id(), kind);
        if (!now.mayWear(template)) {
            List<String> more = new ArrayList<>(now.templates());
            more.add(template);
            put.put(now.id(), now.withTemplates(now.template(), more));
        }
    }

    private void put(Pack.Packed packed, Item item) {
        put.put(item.id(), item);
        boolean takesPlace = replaced != null && item.id().equals(replaced.id());
        if (!takesPlace && choiceOf(packed) != ReadAsked.Differing.BOTH) {
            came.put(item.id(), new Came(packed.identity(), item));
        }
    }

    /** Both changes since it came; where both changed the same part, what is here stands. */
    private void merge(Pack.Packed packed, Item theirs) {
        Optional<Item> base = base(theirs.id());
        Item ours = here.require(Item.class, theirs.id());
        if (base.isPresent()) {
            TreeMerge.Merged merged =
                    TreeMerge.merge(archive.tree(base.get()), archive.tree(theirs), archive.tree(ours));
            if (!merged.conflicts().isEmpty()) {
                clashing.add(ours.name());
            }
            put.put(ours.id(), archive.item(ours.getClass(), merged.tree()));
            came.put(ours.id(), new Came(packed.identity(), theirs));
        }
    }

    private Optional<Item> base(String id) {
        return known.taken(id).flatMap(hash -> archive.past(id, hash));
    }

    private ReadAsked.@Nullable Differing choiceOf(Pack.Packed packed) {
        return differing.contains(packed) ? choice(packed) : null;
    }

    private ReadAsked.Differing choice(Pack.Packed packed) {
        ReadAsked.Differing wanted = asked.of(packed.item().id());
        boolean can = switch (wanted) {
            case BOTH -> Renamed.canBe(packed.item());
            case MERGED -> base(settled.id(packed.item())).isPresent();
            default -> true;
        };
        return can ? wanted : ReadAsked.Differing.MINE;
    }

    /** An item as it would be here: what belongs to a place is as it is here. */
    private Optional<Item> content(Item item) {
        return settled.item(item).flatMap(then -> Sorts.arriving(then, placed));
    }

    private Optional<Look> look() {
        return pack.holds() == Pack.Holds.SITE
                ? pack.find(((Site) pack.rootItem()).look()).map(Look.class::cast)
                : Optional.empty();
    }

    /** All that would be put, in one change. */
    public Collection<Item> items() {
        return put.values();
    }

    /** What it was saved for, as it would be here; empty where it would not change. */
    public Optional<Item> root() {
        return Optional.ofNullable(put.get(settled.id(pack.rootItem())));
    }

    /** Who the new items are, by the ids that they have here. */
    public Map<String, Came> came() {
        return came;
    }

    /** Who is named and not here, by the id that is kept for it. */
    public Map<String, String> named() {
        return settled.named();
    }

    /** What templates and patterns once were, and are not here, by hash. */
    public Map<Hash, Item> pasts() {
        Map<Hash, Item> pasts = settled.pasts();
        pasts.values()
                .removeIf(then -> then.equals(put.get(then.id()))
                        || here.find(then.id()).filter(then::equals).isPresent());
        return pasts;
    }

    /** What stands here, with what would be put. */
    public Edition after() {
        return here.with(put.values(), List.of());
    }

    /** The id that an item of the pack has here, or would have. */
    public String idHere(String inPack) {
        return pack.find(inPack).map(settled::id).orElse(inPack);
    }

    /** All pages of the pack, with what each is here. */
    public List<Report.PackPage> pages() {
        Map<String, Report.Standing> standings = new HashMap<>();
        fresh.forEach(p -> standings.put(p.item().id(), Report.Standing.FRESH));
        same.forEach(p -> standings.put(p.item().id(), Report.Standing.SAME));
        return pack.plannedPages().stream()
                .map(p -> new Report.PackPage(
                        p.id(),
                        p.parent(),
                        p.title(),
                        standings.getOrDefault(p.id(), Report.Standing.DIFFERING),
                        here.page(settled.id(p))
                                .map(h -> Report.PageHere.of(here, h))
                                .orElse(null)))
                .toList();
    }

    public Report report() {
        Edition after = after();
        return new Report(
                new Report.PackOf(pack.holds(), pack.root(), pack.rootItem().name()),
                new Report.PackLines(lines(fresh, after), lines(same, after), lines(differing, after), replacing()),
                settled.gone(),
                clashing,
                look().map(Look::name).orElse(null),
                put.size());
    }

    private List<Report.PageHere> replacing() {
        return put.keySet().stream()
                .flatMap(id -> here.page(id).stream())
                .map(p -> Report.PageHere.of(here, p))
                .toList();
    }

    private List<Report.PackLine> lines(Collection<Pack.Packed> items, Edition after) {
        return items.stream()
                .map(p -> line(p, after))
                .sorted(Comparator.comparing(Report.PackLine::sort)
                        .thenComparing(l -> String.valueOf(l.address()))
                        .thenComparing(Report.PackLine::name))
                .toList();
    }

    private Report.PackLine line(Pack.Packed packed, Edition after) {
        Item item = packed.item();
        String address = after.page(settled.id(item)).map(after::servedAt).orElse(null);
        return new Report.PackLine(
                item.id(), ItemSort.of(item), item.name(), Sorts.note(item), address, choiceOf(packed));
    }
}
