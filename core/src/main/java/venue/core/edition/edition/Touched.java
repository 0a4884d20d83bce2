package venue.core.edition.edition;

import java.util.Collection;
import java.util.HashSet;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Item;
import venue.core.body.listing.GatheredAt;
import venue.core.model.gate.Gate;
import venue.core.model.kind.BeneathRule;
import venue.core.model.kind.Kind;
import venue.core.model.media.Media;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.OnSite;
import venue.core.model.site.Site;
import venue.core.model.template.Template;

/**
 * The items that a change may matter to: those that change, and those that show, name, hold or lead to what changes. What a
 * change of the site, of a kind, a template or a look may matter to is everything that reads them; whoever reads them knows.
 */
public final class Touched {

    private static final Set<Class<?>> READ_BY_ALL = Set.of(Site.class, Kind.class, Template.class);

    private final Edition before;
    private final Edition after;
    private final Set<String> ids = new HashSet<>();

    private Touched(Edition before, Edition after) {
        this.before = before;
        this.after = after;
    }

    /** @param changed ids of the items that are not what they were */
    public static Set<String> by(Edition before, Edition after, Collection<String> changed) {
        Touched touched = new Touched(before, after);
        changed.forEach(touched::item);
        return touched.ids;
    }

    /** Whether a change matters to everything: one of the site itself, of a kind or of a template. */
    public static boolean isEverything(Edition before, Edition after, Collection<String> changed) {
        return changed.stream()
                .flatMap(id -> Stream.of(before.find(id), after.find(id)))
                .flatMap(Optional::stream)
                .anyMatch(i -> READ_BY_ALL.contains(i.getClass()));
    }

    private void item(String id) {
        ids.add(id);
        Item was = before.find(id).orElse(null);
        Item is = after.find(id).orElse(null);
        names(was, is);
        in(e -> e.inbound().menusTo(id).stream());
        in(e -> e.inbound().sharing(id).stream());
        if (!called(was).equals(called(is))) {
            leading(id);
            whereNamed(id);
        }
        page(id);
        if (isIn(Media.class, id)) {
            in(e -> e.all(OnSite.class).filter(i -> shows(e.facts(i), id)).map(Item::id));
        }
        in(e -> e.find(Redirect.class, id).stream().flatMap(r -> writing(e, r)));
    }

    /** What links to an address of a redirect by writing it out. */
    private static Stream<String> writing(Edition edition, Redirect redirect) {
        return redirect.isBranch()
                ? edition.all(OnSite.class)
                        .filter(i -> edition.facts(i).leads().elsewhere().stream()
                                .flatMap(l -> l.sitePath().stream())
                                .anyMatch(redirect::covers))
                        .map(Item::id)
                : edition.inbound().toPath(redirect.from()).stream();
    }

    private void in(Function<Edition, Stream<String>> found) {
        found.apply(before).forEach(ids::add);
        found.apply(after).forEach(ids::add);
    }

    private boolean isIn(Class<? extends Item> type, String id) {
        return before.find(type, id).isPresent() || after.find(type, id).isPresent();
    }

    private static String called(@Nullable Item item) {
        return item == null ? "" : item.name();
    }

    /** What it names now and did not before, or the other way round. */
    private void names(@Nullable Item was, @Nullable Item is) {
        Named then = Named.of(was, before);
        Named now = Named.of(is, after);
        differing(then.pages(), now.pages()).forEach(ids::add);
        differing(then.fields(), now.fields()).forEach(ids::add);
        differing(then.gathered(), now.gathered())
                .map(GatheredAt::page)
                .forEach(page -> in(e -> page.isEmpty()
                        ? e.all(Page.class).map(Item::id)
                        : e.page(page).isPresent() ? e.plan().subtree(page) : Stream.empty()));
        differing(then.menuPages(), now.menuPages()).forEach(ids::add);
        differing(following(was, before), following(is, after)).forEach(ids::add);
        differing(then.shared(), now.shared()).forEach(ids::add);
        differing(then.listed(), now.listed())
                .filter(k -> before.inbound().isListed(k) != after.inbound().isListed(k))
                .forEach(kind -> in(e -> e.plan().ofKind(kind).stream()));
    }

    /** The pages that stand in a menu by themselves. */
    private static Set<String> following(@Nullable Item item, Edition edition) {
        return Optional.ofNullable(item).flatMap(i -> edition.find(Menu.class, i.id())).stream()
                .flatMap(Menu::all)
                .flatMap(l -> Branch.of(edition, l).stream())
                .flatMap(l -> Stream.concat(Stream.of(l), l.beneath().stream()))
                .map(Line::id)
                .collect(Collectors.toSet());
    }

    private static Stream<String> differing(Set<String> some, Set<String> others) {
        return Stream.concat(
                some.stream().filter(s -> !others.contains(s)), others.stream().filter(s -> !some.contains(s)));
    }

    /** Whatever leads to a page that visitors may not get: it is told by its name. */
    private void leading(String id) {
        if (!before.plan().isShown(id) || !after.plan().isShown(id)) {
            in(e -> e.inbound().pagesTo(id).stream());
        }
    }

    /** The pages of kinds that name this one in their rules of placement. */
    private void whereNamed(String id) {
        in(e -> e.all(Kind.class)
                .filter(k -> k.beneath().ids().contains(id))
                .flatMap(k -> e.plan().ofKind(k.id()).stream()));
    }

    private static boolean shows(PageFacts facts, String media) {
        return facts.shows().media().contains(media)
                || facts.leads().elsewhere().stream()
                        .anyMatch(l -> l.mediaId().filter(media::equals).isPresent());
    }

    private void page(String id) {
        Optional<Page> was = before.page(id);
        Optional<Page> is = after.page(id);
        if (was.isEmpty() && is.isEmpty()) {
            return;
        }
        if (was.isEmpty() || is.isEmpty() || !holdsAlike(was.get(), is.get())) {
            in(e -> e.plan().beneath(id).stream());
        }
        boolean shown = before.plan().isShown(id) != after.plan().isShown(id)
                || !gate(before, id).equals(gate(after, id));
        boolean moved = !address(before, id).equals(address(after, id));
        if (shown || moved) {
            Set<String> subtree = new HashSet<>();
            before.plan().subtree(id).forEach(subtree::add);
            after.plan().subtree(id).forEach(subtree::add);
            subtree.forEach(this::elsewhere);
            in(e -> e.all(Redirect.class)
                    .filter(r -> r.pageId().filter(subtree::contains).isPresent())
                    .flatMap(r -> writing(e, r)));
        }
    }

    private static boolean holdsAlike(Page was, Page is) {
        return was.kind().equals(is.kind())
                && Objects.equals(was.template(), is.template())
                && BeneathRule.in(was.settings()).equals(BeneathRule.in(is.settings()));
    }

    private static Optional<Gate> gate(Edition edition, String id) {
        return edition.page(id).map(p -> Gates.of(edition).of(p).gate());
    }

    private static String address(Edition edition, String id) {
        return edition.page(id).isPresent() ? edition.plan().address(id) : "";
    }

    /** A page that is served somewhere else than before, or not any more, or now. */
    private void elsewhere(String id) {
        ids.add(id);
        in(e -> e.inbound().pagesTo(id).stream());
        in(e -> e.inbound().naming(id).stream());
        in(e -> e.inbound().menusTo(id).stream());
        in(e -> Named.of(e.find(id).orElse(null), e).shared().stream());
        ids.addAll(pathsTo(address(before, id)));
        ids.addAll(pathsTo(address(after, id)));
    }

    private Set<String> pathsTo(String address) {
        Set<String> from = new HashSet<>(before.inbound().toPath(address));
        from.addAll(after.inbound().toPath(address));
        return from;
    }
}
