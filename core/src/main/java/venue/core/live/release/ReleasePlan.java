package venue.core.live.release;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Item;
import venue.core.body.element.Elements;
import venue.core.body.element.LeftOut;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.Element;
import venue.core.model.site.Site;
import venue.core.sort.Between;

/** What stands between the live release and the working copy, and what a release of any part of it would be. */
public final class ReleasePlan {

    /** So many things that visitors will miss are named. */
    private static final int MISSING = 40;

    private final Edition live;
    private final Edition working;
    private final Map<String, ReleaseEntry> entries = new LinkedHashMap<>();

    private ReleasePlan(Edition live, Edition working, Collection<String> differing) {
        this.live = live;
        this.working = working;
        Between between = new Between(live, working);
        List<ReleaseEntry> found = new ArrayList<>();
        ChangeTeller teller = new ChangeTeller(between);
        for (String id : differing) {
            if (differs(live, working, id)) {
                found.add(teller.entry(
                        id, live.find(id).orElse(null), working.find(id).orElse(null)));
            }
        }
        found.stream()
                .sorted(Comparator.comparing(ReleaseEntry::sort)
                        .thenComparing(ReleaseEntry::name)
                        .thenComparing(ReleaseEntry::item))
                .forEach(e -> entries.put(e.item(), e));
        ReleaseNeeds needs = new ReleaseNeeds(between, entries.keySet());
        entries.replaceAll((id, e) -> e.withNeeds(needs.of(id)));
    }

    public static ReleasePlan of(Edition live, Edition working) {
        Set<String> all = new LinkedHashSet<>();
        working.items().forEach(item -> all.add(item.id()));
        live.items().forEach(item -> all.add(item.id()));
        return new ReleasePlan(live, working, all);
    }

    /**
     * The same, where it is known which items may differ.
     *
     * @param differing ids, all those that differ among them
     */
    public static ReleasePlan of(Edition live, Edition working, Collection<String> differing) {
        return new ReleasePlan(live, working, differing);
    }

    private static boolean differs(Edition live, Edition working, String id) {
        return Waits.differs(live.find(id).orElse(null), working.find(id).orElse(null));
    }

    public Collection<ReleaseEntry> entries() {
        return entries.values();
    }

    Edition live() {
        return live;
    }

    Edition working() {
        return working;
    }

    /** The chosen entries with all that must come along; an id that names no entry is refused. */
    public Set<String> closure(Collection<String> chosen) {
        Set<String> all = new LinkedHashSet<>();
        for (String id : chosen) {
            if (!entries.containsKey(id)) {
                throw Refusal.unknown("change", id);
            }
            add(id, all);
        }
        Set<String> clashing = clashes(all);
        while (all.addAll(clashing)) {
            clashing.forEach(id -> add(id, all));
            clashing = clashes(all);
        }
        return all;
    }

    private void add(String id, Set<String> all) {
        if (all.add(id) || all.contains(id)) {
            ReleaseEntry entry = entries.get(id);
            if (entry != null) {
                entry.needs().stream().filter(n -> !all.contains(n)).forEach(n -> add(n, all));
            }
        }
    }

    /** Pages left out that would share an address with one that goes live, or would stand in a ring with it. */
    private Set<String> clashes(Set<String> chosen) {
        Edition target = target(chosen);
        Set<String> found = new HashSet<>();
        for (String id : chosen) {
            target.page(id)
                    .ifPresent(page -> target.plan().beneath(page.parent()).stream()
                            .filter(s -> !s.equals(id))
                            .map(s -> target.require(Page.class, s))
                            .filter(s -> s.segment().equals(page.segment()) && entries.containsKey(s.id()))
                            .forEach(s -> found.add(s.id())));
        }
        chosen.forEach(id -> ring(target, id).filter(entries::containsKey).forEach(found::add));
        return found;
    }

    /** The pages above one, where they lead back to it: two pages that changed places, only one of them released. */
    private static Stream<String> ring(Edition target, String id) {
        List<String> above = new ArrayList<>();
        Optional<Page> at = target.page(id);
        while (at.isPresent() && !above.contains(at.get().id())) {
            above.add(at.get().id());
            at = target.page(at.get().parent());
        }
        return at.isPresent() ? above.stream() : Stream.empty();
    }

    /** The live site as it would be with the chosen entries, redirects not yet made. */
    private Edition target(Collection<String> chosen) {
        List<Item> put = new ArrayList<>();
        List<String> removed = new ArrayList<>();
        for (String id : chosen) {
            working.find(id).ifPresentOrElse(put::add, () -> removed.add(id));
        }
        return live.with(put, removed);
    }

    /** The release of the chosen entries with all that must come along. */
    public Prepared prepare(Collection<String> chosen) {
        Set<String> all = closure(chosen);
        if (all.isEmpty()) {
            throw Refusal.badInput(
                    "nothing-to-release", "items", "Nothing is chosen.", "Choose at least one change to release.");
        }
        Edition target = target(all);
        requireHome(target);
        return prepare(live, target, all);
    }

    private static void requireHome(Edition target) {
        boolean none = target.find(Site.class, Site.ID)
                .filter(s -> target.page(s.home()).isEmpty())
                .isPresent();
        if (none) {
            throw Refusal.conflict(
                    "no-home",
                    "items",
                    "The site would have no home page: visitors would find nothing at /.",
                    "Make a page the home page first, in the Plan.");
        }
    }

    /** A release that brings the live site to {@code target}: used for going back as well. */
    public static Prepared prepare(Edition live, Edition target, Collection<String> chosen) {
        Redirects redirects = Redirects.between(live, target);
        Edition complete = target.with(redirects.made(), redirects.dropped());
        return new Prepared(
                complete,
                List.copyOf(chosen),
                redirects.made(),
                redirects.dropped(),
                notes(redirects, complete, chosen));
    }

    /** What else happens, and what visitors will miss, by name. */
    private static List<String> notes(Redirects redirects, Edition complete, Collection<String> chosen) {
        Stream<String> missing = chosen.stream()
                .sorted()
                .flatMap(id -> complete.page(id).stream())
                .filter(p -> complete.plan().isShown(p.id()))
                .flatMap(p -> missing(p).stream());
        return Stream.concat(redirects.notes().stream(), missing.limit(MISSING)).toList();
    }

    private static Optional<String> missing(Page page) {
        List<String> left = page.zones()
                .all()
                .flatMap(s -> LeftOut.of(s).stream().map(e -> what(e) + " in “" + s.name() + "”"))
                .toList();
        return left.isEmpty()
                ? Optional.empty()
                : Optional.of("On “" + page.title() + "”, visitors don’t see what is empty: " + String.join(", ", left)
                        + ".");
    }

    private static String what(Element element) {
        return Elements.require(element.kind()).name().toLowerCase(Locale.ROOT);
    }

    /**
     * A release ready to go live.
     *
     * @param live the live site as it will be
     * @param items the entries it holds
     * @param notes what else happens, as sentences
     */
    public record Prepared(
            Edition live, List<String> items, List<Redirect> redirects, List<String> dropped, List<String> notes) {}
}
