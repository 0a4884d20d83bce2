package venue.core.show.render;

import java.util.Optional;
import venue.core.basics.link.Link;
import venue.core.basics.link.Way;
import venue.core.basics.text.Phrase;
import venue.core.edition.edition.Redirecting;
import venue.core.model.gate.GateSettings;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.redirect.Redirect;

/** Where links lead for whoever looks at a page; nowhere where that may not be seen. */
record Leading(View view, Page page) {

    Optional<Way> way(Link link) {
        Optional<String> pageId = link.pageId();
        if (pageId.isPresent()) {
            return view.edition().page(pageId.get()).filter(view::leadsTo).map(p -> toPage(p, link.anchor()));
        }
        if (link.mediaId().isPresent()) {
            return view.edition().media(link.mediaId().get()).map(Media::path).map(Way::to);
        }
        return link.target().startsWith("/") ? onSite(link.target()) : Optional.of(Way.to(link.target()));
    }

    private Way toPage(Page target, String anchor) {
        boolean here = target.id().equals(page.id());
        return here && !anchor.isEmpty() ? Way.to(anchor) : new Way(view.path(target) + anchor, aside(target));
    }

    /** What is said beside a link to a page where whoever looks is asked to sign in, where the site says so. */
    private String aside(Page target) {
        return GateSettings.isSaid(view.edition().site().facts()) && view.asksToSignIn(target)
                ? Phrase.FOR_MEMBERS.in(
                        PageSettings.language(page, view.edition().site().language()))
                : "";
    }

    /** A path typed by hand leads where it leads now, or nowhere when no page or redirect answers there. */
    private Optional<Way> onSite(String target) {
        String path = target.replaceAll("[?#].*", "");
        if (path.equals("/")) {
            return Optional.of(Way.to(target));
        }
        return view.edition()
                .plan()
                .pageAt(path)
                .flatMap(view.edition()::page)
                .filter(view::leadsTo)
                .map(p -> toPage(p, target.substring(path.length())))
                .or(() -> Redirecting.over(view.edition(), path)
                        .flatMap(Redirect::leads)
                        .filter(to -> !to.target().equals(target))
                        .flatMap(this::way));
    }
}
