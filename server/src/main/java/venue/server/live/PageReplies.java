package venue.server.live;

import java.util.Map;
import java.util.Optional;
import venue.core.basics.link.SitePath;
import venue.core.body.listing.Asked;
import venue.core.edition.edition.Edition;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.model.page.Page;
import venue.core.show.render.OwnPages;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

/** What is answered at the addresses of pages, and of what stands beneath them: further pages of listings, feeds, calendars. */
record PageReplies(View view, Map<String, String> query) {

    private Edition edition() {
        return view.edition();
    }

    Reply at(String path) {
        String right = SitePath.right(path);
        Optional<Feeds.Followed> followed = Feeds.Followed.in(right);
        Asked.Address further = Asked.at(right, query);
        String address = followed.map(Feeds.Followed::address).orElse(further.page());
        Addresses addresses = Addresses.of(edition(), view.visitor());
        boolean isPage = address.equals(right) || !addresses.isOfPage(address);
        AtAddress there = addresses.at(isPage ? path : address);
        if (there instanceof AtAddress.Here here) {
            return isPage
                    ? rendered(view.asking(further.asked()), here.page())
                    : beneath(here.page(), path, followed, further.asked());
        }
        if (there instanceof AtAddress.Moved moved) {
            return isPage
                    ? Reply.moved(view.path(moved.page()) + moved.anchor())
                    : beneath(moved.page(), path, followed, further.asked());
        }
        if (there instanceof AtAddress.Elsewhere elsewhere) {
            return Reply.moved(elsewhere.address());
        }
        if (there instanceof AtAddress.Closed closed) {
            return closed.signIn() ? Reply.signIn(View.encoded(right)) : Reply.page(403, OwnPages.closed(view));
        }
        return there instanceof AtAddress.Gone ? gone() : Reply.page(404, OwnPages.notFound(view));
    }

    private Reply beneath(Page page, String path, Optional<Feeds.Followed> followed, Asked asked) {
        return followed.isPresent() ? followed(page, path, followed.get()) : further(page, path, asked);
    }

    /** A further page of a listing. Where there are fewer of them than there were, the page itself is the place, for now. */
    private Reply further(Page page, String path, Asked asked) {
        String address = edition().servedAt(page);
        Reply reply = rendered(view.asking(asked), page);
        int pages = reply.ways().further().getOrDefault(asked.listing(), 0);
        if (asked.number() == 1) {
            return Reply.moved(View.encoded(address));
        }
        if (asked.number() > pages) {
            return Reply.elsewhereForNow(View.encoded(address));
        }
        String own = Asked.path(address, asked.listing(), asked.number());
        return own.equals(path) ? reply : Reply.moved(View.encoded(own));
    }

    private Reply followed(Page page, String path, Feeds.Followed followed) {
        String own = followed.of(edition().servedAt(page));
        return new Feeds(view)
                .of(page, followed)
                .map(reply -> own.equals(path) ? reply : Reply.moved(View.encoded(own)))
                .orElseGet(this::gone);
    }

    private Reply rendered(View asking, Page page) {
        return Reply.page(200, PageRenderer.render(asking, page));
    }

    private Reply gone() {
        return Reply.page(410, OwnPages.gone(view));
    }
}
