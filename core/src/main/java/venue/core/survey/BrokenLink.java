package venue.core.survey;

import java.util.stream.Stream;
import venue.core.edition.Edition;
import venue.core.edition.Inbound;
import venue.core.edition.Plan;
import venue.core.link.Link;
import venue.core.page.Page;

/** Links in a page's own words that lead nowhere on this site. */
final class BrokenLink extends DeclaredRule {

    BrokenLink() {
        super("broken-link", "Broken link", Severity.MUST_FIX, "Visitors who follow it find nothing.");
    }

    @Override
    public Stream<Finding> find(Scope scope) {
        return Stream.concat(toPages(scope), elsewhere(scope));
    }

    /** Asks each page linked to, rather than each link: there are far fewer. */
    private Stream<Finding> toPages(Scope scope) {
        Plan plan = scope.edition().plan();
        Inbound inbound = scope.edition().inbound();
        return inbound.linkedTo()
                .filter(id -> !plan.isShown(id))
                .flatMap(id -> inbound.pagesTo(id).stream()
                        .flatMap(item -> scope.where(item).stream())
                        .map(from -> finding(scope, from, Link.toPage(id))));
    }

    private Stream<Finding> elsewhere(Scope scope) {
        return scope.stands()
                .flatMap(stand -> scope.edition().facts(stand.item()).elsewhere().stream()
                        .filter(l -> leadsNowhere(scope, l))
                        .map(l -> finding(scope, stand.page(), l)));
    }

    private Finding finding(Scope scope, String page, Link link) {
        return Finding.of(this, page, "Links to " + name(scope, link) + ".");
    }

    private static boolean leadsNowhere(Scope scope, Link link) {
        Edition edition = scope.edition();
        if (link.mediaId().isPresent()) {
            return edition.media(link.mediaId().get()).isEmpty();
        }
        String path = link.target().replaceAll("[?#].*", "");
        return path.length() > 1
                && path.startsWith("/")
                && edition.plan().pageAt(path).filter(edition.plan()::isShown).isEmpty()
                && edition.redirectFrom(path).isEmpty();
    }

    private static String name(Scope scope, Link link) {
        return link.pageId()
                .map(id -> scope.edition()
                        .page(id)
                        .map(Page::title)
                        .map(t -> "“" + t + "”, which is taken off the site")
                        .orElse("a page that is not there any more"))
                .orElse(
                        link.mediaId().isPresent()
                                ? "a file that is not there any more"
                                : "“" + link.target() + "”, where nothing is");
    }
}
