package venue.core.live.sitemap;

import java.time.Instant;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Touched;
import venue.core.model.form.Form;
import venue.core.model.gate.Visitor;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Site;
import venue.core.model.site.SiteFacts;
import venue.core.model.template.Template;
import venue.core.model.theme.Look;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/**
 * Which pages a change of an edition changes for visitors: those whose title, or what stands in their own zones, shows something else
 * than before. Fixed and shared sections stand there too; header, footer, menus, the look, what listings gather and what visitors leave
 * do not.
 */
public final class OwnChange {

    private final Edition before;
    private final Edition after;
    private final Set<String> may = new HashSet<>();

    private OwnChange(Edition before, Edition after) {
        this.before = before;
        this.after = after;
    }

    /**
     * Ids of the pages that have changed, new ones among them.
     *
     * @param changed ids of the items that are not what they were
     * @param at when somebody looks
     */
    public static Set<String> pages(Edition before, Edition after, Collection<String> changed, Instant at) {
        if (before.find(Site.class, Site.ID).isEmpty()) {
            return after.all(Page.class).map(Item::id).collect(Collectors.toUnmodifiableSet());
        }
        OwnChange change = new OwnChange(before, after);
        Touched.by(before, after, changed).forEach(change::item);
        changed.forEach(change::named);
        return among(before, after, change.may, at);
    }

    /** The same, where any of some pages may have changed. */
    static Set<String> among(Edition before, Edition after, Set<String> pages, Instant at) {
        // In one look, so that no page has changed by that.
        Edition was = before.with(after.all(Look.class).toList(), Set.of());
        Shown then = new Shown(was, at);
        Shown now = new Shown(after, at);
        return pages.stream()
                .filter(id -> after.page(id).isPresent() && (before.page(id).isEmpty() || now.differs(then, id)))
                .collect(Collectors.toUnmodifiableSet());
    }

    private void item(String id) {
        in(e -> e.page(id).map(Item::id).stream());
        in(e -> e.find(SharedSection.class, id).stream().flatMap(s -> showing(e, s.id())));
        in(e -> e.find(Template.class, id).stream().flatMap(t -> wearing(e, t.id())));
        in(e -> e.find(Kind.class, id).stream().flatMap(k -> e.plan().ofKind(k.id()).stream()));
        in(e -> e.find(Form.class, id).stream()
                .flatMap(f -> e.all(Page.class)
                        .filter(p ->
                                e.allFacts(p).anyMatch(a -> a.shows().forms().contains(f.id())))
                        .map(Item::id)));
        if (id.equals(Site.ID) && !said(before).equals(said(after))) {
            in(e -> e.all(Page.class).map(Item::id));
        }
    }

    /** What shows the name of another, or leads to it by that. */
    private void named(String id) {
        in(e -> e.inbound().pagesTo(id).stream().flatMap(i -> standing(e, i)));
        in(e -> e.inbound().naming(id).stream().flatMap(i -> standing(e, i)));
    }

    private static Stream<String> standing(Edition edition, String id) {
        return Stream.of(
                        Stream.of(id),
                        edition.find(Template.class, id).stream().flatMap(t -> wearing(edition, id)),
                        edition.find(SharedSection.class, id).stream().flatMap(s -> showing(edition, id)))
                .flatMap(s -> s);
    }

    private static Stream<String> showing(Edition edition, String shared) {
        return edition.inbound().sharing(shared).stream()
                .flatMap(i -> edition.find(Template.class, i).isPresent() ? wearing(edition, i) : Stream.of(i));
    }

    private static Stream<String> wearing(Edition edition, String template) {
        return edition.all(Page.class)
                .filter(p -> edition.worn(p).template().id().equals(template))
                .map(Item::id);
    }

    /** What pages may show of the site: all but its look, what stands on every page and how it is served. */
    private static Optional<Site> said(Edition edition) {
        return edition.find(Site.class, Site.ID)
                .map(s ->
                        served(s).toVisitors().withLook("").withHosts(List.of()).withFoot(List.of()));
    }

    private static Site served(Site site) {
        Site plain = site;
        for (Property how : SiteFacts.serving()) {
            plain = plain.with(how.key(), null);
        }
        return plain;
    }

    private interface Found {
        Stream<String> in(Edition edition);
    }

    private void in(Found found) {
        found.in(before).forEach(may::add);
        found.in(after).forEach(may::add);
    }

    /** An edition as strangers see it, and as those do who may open what strangers may not. */
    private static final class Shown {

        private final View stranger;
        private final View us;

        Shown(Edition edition, Instant at) {
            View view = View.of(edition, at, "", View.Mode.VISITOR);
            stranger = view.seenBy(Visitor.STRANGER);
            us = view.seenBy(Visitor.US);
        }

        boolean differs(Shown other, String id) {
            return !own(id).equals(other.own(id));
        }

        private String own(String id) {
            View view = stranger.edition().page(id).filter(stranger::shows).isPresent() ? stranger : us;
            return view.edition().page(id).map(p -> PageRenderer.own(view, p)).orElse("");
        }
    }
}
