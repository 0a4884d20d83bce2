package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.basics.text.Phrase;
import venue.core.body.basket.Basket;
import venue.core.body.basket.Ware;
import venue.core.body.form.BasketField;
import venue.core.body.form.FormNames;
import venue.core.body.form.Mistake;
import venue.core.body.form.Posted;
import venue.core.body.form.Sending;
import venue.core.body.form.Steps;
import venue.core.model.form.Form;
import venue.core.model.form.FormField;
import venue.core.model.page.Page;
import venue.core.show.filling.Wares;
import venue.core.show.render.View;
import venue.store.workspace.Workspace;

/**
 * What visitors take along, in a cookie of the site's host: pages are the same for all of them, and nothing is kept here before an order is
 * sent. What the cookie holds is looked up in the live site each time.
 */
@Component
class Baskets {

    private static final String COOKIE = "venue-basket";
    private static final long DAYS_30 = 30L * 24 * 60 * 60;

    private final LiveSites sites;
    private final Callers callers;
    private final Walks walks;

    Baskets(LiveSites sites, Callers callers, Walks walks) {
        this.sites = sites;
        this.callers = callers;
        this.walks = walks;
    }

    /** Where an order is made: the page, the form on it, and its field. */
    private record Ordering(LiveSite site, View view, Page page, Form form, FormField field) {

        Reply shown(Basket basket, Map<String, Mistake> mistakes, int status) {
            Map<String, List<String>> typed = BasketField.typed(field, basket);
            return site.filled(
                    view,
                    page,
                    mistakes.isEmpty()
                            ? Sending.stepped(form.id(), 1, typed)
                            : Sending.refused(form.id(), typed, mistakes),
                    status);
        }
    }

    private Optional<Ordering> ordering(Workspace workspace, HttpServletRequest asked) {
        if (workspace.now().release() == 0) {
            return Optional.empty();
        }
        LiveSite site = sites.of(workspace);
        View view = walks.of(workspace, asked)
                .map(w -> walks.view(workspace, w))
                .orElseGet(() -> site.view(callers.of(workspace, asked)).wrapped(FilledPages.KEPT_OUT));
        return Wares.ordering(view.edition())
                .filter(view::shows)
                .flatMap(page -> Wares.form(view.edition(), page)
                        .flatMap(form ->
                                BasketField.in(form).map(field -> new Ordering(site, view, page, form, field))));
    }

    /** The page on which a basket is ordered, with what somebody has taken along; empty where nothing can be. */
    Optional<Reply> at(Workspace workspace, HttpServletRequest asked) {
        return ordering(workspace, asked).map(o -> o.shown(held(asked), Map.of(), 200));
    }

    /** Takes one thing along. What can't be had any more is told by the basket itself. */
    Optional<Reply> take(Workspace workspace, HttpServletRequest asked, String id) {
        return ordering(workspace, asked).map(o -> {
            Basket before = held(asked);
            Optional<Ware> ware =
                    FilledPages.offering(o.view(), o.page()).ware(id).filter(w -> !w.isSoldOut());
            if (ware.isEmpty()) {
                return o.shown(before, wrong(o, Phrase.BASKET_GONE), 410);
            }
            Basket after = before.with(ware.get());
            return after.fits()
                    ? Reply.seeOther(FormNames.BASKET).with(kept(asked, after))
                    : o.shown(before, wrong(o, Phrase.BASKET_FULL), 409);
        });
    }

    private static Map<String, Mistake> wrong(Ordering ordering, Phrase phrase) {
        return Map.of(ordering.field().key(), new Mistake(phrase, List.of()));
    }

    private static Basket held(HttpServletRequest asked) {
        return SiteCookie.of(asked, COOKIE).held(asked).map(Basket::kept).orElse(Basket.EMPTY);
    }

    private static String kept(HttpServletRequest asked, Basket basket) {
        SiteCookie cookie = SiteCookie.of(asked, COOKIE);
        return basket.lines().isEmpty() ? cookie.told("", 0) : cookie.told(basket.cookie(), DAYS_30);
    }

    /** How a form is shown again whose sum is only worked out; empty where it is sent, or has none. */
    static Optional<Sending> counted(Form form, Posted posted, Map<String, List<String>> typed) {
        String go = posted.one(FormNames.GO);
        return BasketField.in(form)
                .filter(f -> go.equals(BasketField.COUNT) || go.startsWith(BasketField.OUT))
                .map(f -> Sending.stepped(form.id(), Steps.of(form).fit(posted.one(FormNames.STEP)), typed));
    }

    /** What is answered to an order: the browser keeps what was sent until it is taken. */
    static Reply keeping(HttpServletRequest asked, Form form, Posted posted, Reply reply) {
        return BasketField.in(form)
                .filter(f -> posted.values().containsKey(f.key()))
                .map(field -> {
                    Basket sent = BasketField.sent(field, posted);
                    Basket left = reply.status() == 303 ? Basket.EMPTY : sent;
                    return left.fits() ? reply.with(kept(asked, left)) : reply;
                })
                .orElse(reply);
    }
}
