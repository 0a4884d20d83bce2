package venue.core.survey;

import java.util.stream.Stream;
import venue.core.link.Link;
import venue.core.page.Page;

/** Links in a page's own words that lead nowhere on this site. */
final class BrokenLink implements Rule {

    @Override
    public String key() {
        return "broken-link";
    }

    @Override
    public String name() {
        return "Broken link";
    }

    @Override
    public Severity severity() {
        return Severity.MUST_FIX;
    }

    @Override
    public String why() {
        return "Visitors who follow it find nothing.";
    }

    @Override
    public Stream<Finding> find(Scope scope) {
        return scope.pages()
                .flatMap(page -> scope.edition().facts(page).links().stream()
                        .filter(l -> isBroken(scope, l))
                        .distinct()
                        .map(l -> Finding.of(this, page.id(), "Links to " + name(scope, l) + ".")));
    }

    private static boolean isBroken(Scope scope, Link link) {
        if (link.pageId().isPresent()) {
            return scope.edition()
                    .page(link.pageId().get())
                    .filter(p -> scope.view().shows(p))
                    .isEmpty();
        }
        if (link.mediaId().isPresent()) {
            return scope.edition().media(link.mediaId().get()).isEmpty();
        }
        String path = link.target().replaceAll("[?#].*", "");
        return path.length() > 1
                && path.startsWith("/")
                && scope.edition()
                        .plan()
                        .pageAt(path)
                        .flatMap(scope.edition()::page)
                        .filter(p -> scope.view().shows(p))
                        .isEmpty()
                && scope.edition().redirectFrom(path).isEmpty();
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
