package venue.core.show.render;

import java.util.Optional;
import venue.core.basics.link.Link;
import venue.core.edition.edition.Redirecting;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

/** Where links lead for whoever looks at a page; nowhere where that may not be seen. */
record Leading(View view, Page page) {

    Optional<String> href(Link link) {
        Optional<String> pageId = link.pageId();
        if (pageId.isPresent()) {
            return view.edition().page(pageId.get()).filter(view::shows).map(p -> toPage(p, link.anchor()));
        }
        if (link.mediaId().isPresent()) {
            return view.edition().media(link.mediaId().get()).map(Media::path);
        }
        return link.target().startsWith("/") ? onSite(link.target()) : Optional.of(link.target());
    }

    private String toPage(Page target, String anchor) {
        boolean here = target.id().equals(page.id());
        return anchor.isEmpty() ? view.path(target) : here ? anchor : view.path(target) + anchor;
    }

    /** A path typed by hand leads where it leads now, or nowhere when no page or redirect answers there. */
    private Optional<String> onSite(String target) {
        String path = target.replaceAll("[?#].*", "");
        if (path.equals("/")) {
            return Optional.of(target);
        }
        return view.edition()
                .plan()
                .pageAt(path)
                .flatMap(view.edition()::page)
                .filter(view::shows)
                .map(p -> view.path(p) + target.substring(path.length()))
                .or(() -> Redirecting.over(view.edition(), path)
                        .flatMap(Redirect::leads)
                        .filter(to -> !to.target().equals(target))
                        .flatMap(this::href));
    }
}
