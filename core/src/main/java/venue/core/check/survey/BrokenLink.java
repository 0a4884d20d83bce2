package venue.core.check.survey;

import java.util.stream.Stream;
import venue.core.basics.item.Item;
import venue.core.basics.link.Link;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.PageFacts;
import venue.core.edition.edition.Redirecting;
import venue.core.model.page.Page;

/** Links in a page's own words that lead nowhere on this site. */
final class BrokenLink extends DeclaredRule {

    BrokenLink() {
        super("broken-link", "Broken link", Severity.MUST_FIX, "Visitors who follow it find nothing.");
    }

    @Override
    public Stream<Finding> find(Scope scope, Item item) {
        return scope.stand(item).stream().flatMap(stand -> {
            PageFacts facts = scope.edition().facts(stand.item());
            Stream<Link> toPages = facts.leads().pages().stream()
                    .filter(id -> !scope.shows(id))
                    .map(Link::toPage);
            Stream<Link> elsewhere = facts.leads().elsewhere().stream().filter(l -> leadsNowhere(scope, l));
            return Stream.concat(toPages, elsewhere).map(l -> finding(scope, stand.page(), l));
        });
    }

    private Finding finding(Scope scope, String page, Link link) {
        return Finding.of(this, page, "Links to " + name(scope, link) + ".");
    }

    private static boolean leadsNowhere(Scope scope, Link link) {
        Edition edition = scope.edition();
        if (link.mediaId().isPresent()) {
            return edition.media(link.mediaId().get()).isEmpty();
        }
        return link.sitePath()
                .filter(path -> edition.plan().pageAt(path).filter(scope::shows).isEmpty())
                .filter(path -> Redirecting.over(edition, path)
                        .filter(r -> r.to() != null)
                        .filter(r -> r.pageId().map(scope::shows).orElse(true))
                        .isEmpty())
                .isPresent();
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
