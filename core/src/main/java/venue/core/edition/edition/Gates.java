package venue.core.edition.edition;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.model.gate.Gate;
import venue.core.model.gate.Visitor;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;
import venue.core.model.site.Site;

/** The gates of the pages of an edition: what a page says itself, else what stands above it, else its kind, else the site. */
public final class Gates {

    /** Where a page has its gate from. */
    public enum Source {
        PAGE,
        BRANCH,
        KIND,
        SITE
    }

    /**
     * The gate of a page.
     *
     * @param from the page above, or the kind, that gives it; absent where the page or the site does
     */
    public record Held(Gate gate, Source source, @Nullable String from) {}

    private final Edition edition;
    private final Held ofSite;
    /** Whether anything has a gate: where nothing has, no page needs to be looked at. */
    private final boolean any;

    private final Map<String, Held> known = new ConcurrentHashMap<>();

    private Gates(Edition edition) {
        this.edition = edition;
        Optional<Gate> site = Gate.in(edition.site().facts());
        ofSite = new Held(site.orElse(Gate.OPEN), Source.SITE, null);
        any = edition.derived.gates() > 0;
    }

    /** How many gates of its own an item has in an edition: one or none. */
    static int own(Edition edition, @Nullable Item item) {
        return item == null
                ? 0
                : (int) Stream.of(
                                edition.page(item.id()).map(Page::settings),
                                edition.find(Kind.class, item.id()).map(Kind::settings),
                                edition.find(Site.class, item.id()).map(Site::facts))
                        .flatMap(Optional::stream)
                        .filter(settings -> Gate.in(settings).isPresent())
                        .count();
    }

    public static Gates of(Edition edition) {
        return edition.kept(Gates.class, () -> new Gates(edition));
    }

    /** The gate of the whole site. */
    public Gate ofSite() {
        return ofSite.gate();
    }

    /** The gate of a page, and where it has it from. */
    public Held of(Page page) {
        if (!any) {
            return ofSite;
        }
        Held held = known.get(page.id());
        if (held == null) {
            held = worked(page);
            known.put(page.id(), held);
        }
        return held;
    }

    /** The home page is closed with the whole site, and by nothing else. */
    private Held worked(Page page) {
        if (edition.isHome(page)) {
            return own(page).filter(h -> h.gate().isOpen()).orElse(ofSite);
        }
        return own(page).or(() -> branch(page)).or(() -> kind(page)).orElse(ofSite);
    }

    private static Optional<Held> own(Page page) {
        return Gate.in(page.settings()).map(g -> new Held(g, Source.PAGE, null));
    }

    private Optional<Held> branch(Page page) {
        return edition.plan().ancestors(page.id()).stream()
                .flatMap(id -> edition.page(id).stream())
                .flatMap(above -> Gate.in(above.settings()).map(g -> new Held(g, Source.BRANCH, above.id())).stream())
                .findFirst();
    }

    private Optional<Held> kind(Page page) {
        return edition.kindOf(page).flatMap(k -> Gate.in(k.settings()).map(g -> new Held(g, Source.KIND, k.id())));
    }

    /** The pages that strangers may not open. */
    public List<Page> closed() {
        return any || !ofSite().isOpen()
                ? edition.kept(
                        Closed.class,
                        () -> edition.all(Page.class)
                                .filter(p -> !of(p).gate().lets(Visitor.STRANGER))
                                .toList())
                : List.of();
    }

    /** The key of what is kept. */
    private static final class Closed {}

    /** Whether somebody may open a page: it and all above it are on the site, and its gate lets them. */
    public boolean opens(Page page, Visitor visitor) {
        return edition.plan().isShown(page.id()) && of(page).gate().lets(visitor);
    }

    /** Whether a link may lead somebody to a page: they may open it, or are told how they could. */
    public boolean leads(Page page, Visitor visitor) {
        return edition.plan().isShown(page.id()) && of(page).gate().meets(visitor) != Gate.Meeting.NOTHING;
    }

    /**
     * The edition as somebody sees it: without the pages of which they don't learn. One of them above a page of which they learn
     * stays, because that has its address from it; that may not be opened either.
     */
    public Edition seenBy(Visitor visitor) {
        if (!any) {
            return edition;
        }
        return edition.kept(new SeenBy(visitor), () -> {
            Set<String> without = unseenBy(visitor);
            return without.isEmpty() ? edition : edition.kept(new Without(without), () -> without(without));
        });
    }

    /** What leads to a page that is not there is not there either: it would say that there was something. */
    private Edition without(Set<String> pages) {
        Stream<String> leading = edition.all(Redirect.class)
                .filter(r -> r.pageId().filter(pages::contains).isPresent())
                .map(Redirect::id);
        return edition.with(Set.of(), Stream.concat(pages.stream(), leading).toList());
    }

    private record SeenBy(Visitor visitor) {}

    /** Shared by all who see the same. */
    private record Without(Set<String> pages) {}

    private Set<String> unseenBy(Visitor visitor) {
        return edition.plan().beneath(null).stream()
                .flatMap(id -> branchUnseen(id, visitor))
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Those of a page's branch; the page itself is the last of them where all beneath it are among them. */
    private Stream<String> branchUnseen(String id, Visitor visitor) {
        var beneath = edition.plan().beneath(id);
        Set<String> unseen =
                beneath.stream().flatMap(b -> branchUnseen(b, visitor)).collect(Collectors.toSet());
        boolean goes = unseen.containsAll(beneath)
                && edition.page(id)
                        .filter(p -> of(p).gate().meets(visitor) == Gate.Meeting.NOTHING)
                        .isPresent();
        return goes ? Stream.concat(unseen.stream(), Stream.of(id)) : unseen.stream();
    }
}
