package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Values;
import venue.core.body.element.RatingElement;
import venue.core.body.form.FormNames;
import venue.core.body.form.Mistake;
import venue.core.body.form.Posted;
import venue.core.body.form.Sending;
import venue.core.body.trace.Rating;
import venue.core.edition.usage.ElementUse;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;
import venue.core.model.section.Element;
import venue.core.show.render.View;
import venue.server.filling.FormFacts;
import venue.server.filling.NetworkDays;
import venue.store.member.Member;
import venue.store.rating.PageRatings;
import venue.store.workspace.Workspace;

/**
 * Takes what visitors give pages: a stranger once by browser, which a cookie that nothing else sets knows, and so much a day from one
 * network; a member once, wherever they are.
 */
@Component
class RatedPages {

    private static final String COOKIE = "venue-rated";
    private static final long YEAR = 365L * 24 * 60 * 60;
    /** So many pages one browser knows to have rated: the last. */
    private static final int KNOWN = 100;
    /** So often a page is rated from one network on a day: those who share a house have a voice each. */
    static final int OF_A_PAGE = 5;
    /** So much is rated from one network on a day. */
    static final int OF_ALL = 60;

    private final LiveSites sites;
    private final Callers callers;
    private final Walks walks;
    private final FormFacts facts;
    private final NetworkDays days;
    private final PageRatings ratings;

    RatedPages(LiveSites sites, Callers callers, Walks walks, FormFacts facts, NetworkDays days, PageRatings ratings) {
        this.sites = sites;
        this.callers = callers;
        this.walks = walks;
        this.facts = facts;
        this.days = days;
        this.ratings = ratings;
    }

    /** What is given to a page, by whom. */
    private record Given(
            Workspace workspace,
            LiveSite site,
            View view,
            Page page,
            int value,
            Optional<Member> member,
            String network) {

        Reply told(Phrase phrase, int status) {
            Mistake words = new Mistake(phrase, List.of(String.valueOf(value)));
            return site.filled(view, page, Sending.told(FormNames.RATE, words), status);
        }

        SiteId of() {
            return workspace.site();
        }
    }

    Reply rate(Workspace workspace, HttpServletRequest asked, Posted posted, String network) {
        LiveSite site = sites.of(workspace);
        Optional<Walk> walk = walks.of(workspace, asked);
        Caller caller = callers.of(workspace, asked);
        View view = walk.map(w -> walks.view(workspace, w)).orElseGet(() -> site.view(caller));
        Optional<Page> page = FilledPages.pageAt(view, asked.getRequestURI());
        Optional<Element> element = page.flatMap(
                p -> ElementUse.on(view.edition(), p, RatingElement.KEY).findFirst());
        String said = posted.one(FormNames.RATE);
        if (page.isEmpty() || element.isEmpty()) {
            return site.at("/-");
        }
        if (!said.matches("[1-" + Rating.MOST + "]")) {
            return site.filled(view, page.get(), Sending.NOTHING, 422);
        }
        Given given = new Given(workspace, site, view, page.get(), Integer.parseInt(said), caller.member(), network);
        if (walk.isPresent()) {
            return given.told(Phrase.FORM_TRIED, 200);
        }
        if (PageSettings.isRatingClosed(given.page())) {
            return given.told(Phrase.RATING_CLOSED, 409);
        }
        if (given.member().isPresent()) {
            String member = given.member().get().id().toString();
            boolean first = ratings.give(given.of(), given.page().id(), member, given.value());
            return first ? given.told(Phrase.RATING_GIVEN, 200) : given.told(Phrase.RATING_TWICE, 409);
        }
        return Values.flag(element.get().props(), RatingElement.MEMBERS)
                ? site.filled(view, given.page(), Sending.NOTHING, 403)
                : byStranger(given, asked, posted);
    }

    private Reply byStranger(Given given, HttpServletRequest asked, Posted posted) {
        SiteCookie cookie = SiteCookie.of(asked, COOKIE);
        String before =
                cookie.held(asked).filter(c -> c.matches("[0-9a-f.~]{0,4000}")).orElse("");
        String key = Rating.key(given.page().id());
        if (Stream.of(before.split("~")).anyMatch(line -> line.startsWith(key + "."))) {
            return given.told(Phrase.RATING_TWICE, 409);
        }
        boolean ours = facts.written(given.of(), posted.one(FormNames.STAMP)).isPresent();
        String what = given.of() + " " + given.page().id();
        if (!ours
                || !days.may(given.network(), "rate " + given.of(), OF_ALL)
                || !days.may(given.network(), "rate " + what, OF_A_PAGE)) {
            return given.told(Phrase.RATING_LATER, 429);
        }
        ratings.give(given.of(), given.page().id(), given.value());
        String after = Stream.concat(Stream.of(key + "." + given.value()), Stream.of(before.split("~")))
                .filter(line -> !line.isEmpty())
                .limit(KNOWN)
                .collect(Collectors.joining("~"));
        return Reply.seeOther(given.view().path(given.page()) + "?" + FormNames.RATE + "=" + given.value() + "#"
                        + RatingElement.KEY)
                .with(cookie.told(after, YEAR));
    }
}
