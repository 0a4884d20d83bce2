package venue.server.live;

import java.time.Duration;
import java.time.InstantSource;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.function.Supplier;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Sending;
import venue.core.body.form.VisitorFacts;
import venue.core.body.search.Busy;
import venue.core.body.search.Searcher;
import venue.core.edition.edition.Edition;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.show.render.OwnPages;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.store.workspace.Standing;

/**
 * One release of one site as visitors get it. A page is written when it is first asked for and its bytes are kept for a
 * minute, so that showing dates and listings of coming things are right to the minute; a release makes a new one.
 */
final class LiveSite {

    static final Reply NOT_RELEASED = Reply.text(
            404,
            "text/plain; charset=utf-8",
            "This site has not been released yet.\n",
            Reply.ASK,
            "default-src 'none'");

    static final Reply NO_PART =
            Reply.text(404, "text/plain; charset=utf-8", "There is no such part.\n", "no-store", "default-src 'none'");

    private static final int AT_ONCE = 3;
    private static final Duration KEPT = Duration.ofMinutes(1);

    private final Standing standing;
    private final Edition edition;
    private final String origin;
    private final InstantSource clock;
    private final Function<Visitor, Searcher> searcher;
    private final Supplier<VisitorFacts> facts;
    private final HeldReplies held;
    private final Semaphore asking = new Semaphore(AT_ONCE, true);
    /** What this release's answers are called among all that are held. */
    private final String name;

    LiveSite(
            SiteId site,
            Standing standing,
            String origin,
            InstantSource clock,
            Function<Visitor, Searcher> searcher,
            Supplier<VisitorFacts> facts,
            HeldReplies held) {
        this.held = held;
        this.facts = facts;
        name = site + " " + standing.release() + " " + origin + " ";
        this.standing = standing;
        this.edition = standing.live();
        this.origin = origin;
        this.clock = clock;
        this.searcher = searcher;
    }

    String origin() {
        return origin;
    }

    int release() {
        return standing.release();
    }

    /** The answer to a path as it came, still percent-encoded. */
    Reply at(String rawPath) {
        return at(rawPath, Map.of());
    }

    /** However an address is spelt, it is held once. */
    private Reply plain(String path) {
        return held.find(name + path, KEPT).orElseGet(() -> {
            Reply made = make(path, Map.of());
            if (made.status() == 200) {
                held.put(name + path, KEPT, made);
            }
            return made;
        });
    }

    /** The same with what a visitor chose there; it is not kept, or anybody could fill the memory by asking. */
    Reply at(String rawPath, Map<String, String> query) {
        try {
            String path = SiteReplies.decode(rawPath);
            if (path.equals(Suggestions.PATH)) {
                return inTurn(() -> make(path, query));
            }
            Reply plain = plain(path);
            // However an address is spelt, it is served at one.
            if (plain.status() == 200 && !rawPath.equals(View.encoded(path))) {
                return Reply.moved(View.encoded(path));
            }
            return query.isEmpty() || !plain.ways().asks() ? plain : inTurn(() -> make(path, query));
        } catch (Busy all) {
            return Reply.comeAgain();
        }
    }

    /** What visitors left on a page has changed: it is made anew when it is asked for next. */
    void forget(String page) {
        edition.page(page).map(edition::servedAt).ifPresent(path -> held.forget(name + path, KEPT));
    }

    /** Makes an answer that is for one visitor alone. A few are made at once; others wait for up to a second, and are then sent away. */
    private <T> T inTurn(Supplier<T> made) {
        try {
            if (!asking.tryAcquire(1, TimeUnit.SECONDS)) {
                throw new Busy("As many as may ask at once.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy("The server is being stopped.");
        }
        try {
            return made.get();
        } finally {
            asking.release();
        }
    }

    private Reply make(String path, Map<String, String> query) {
        return standing.release() == 0 ? NOT_RELEASED : answers(Caller.STRANGER).at(path, query);
    }

    /** What it answers to somebody who is known: made for them alone, and kept nowhere but with them. */
    Reply at(Caller caller, String rawPath, Map<String, String> query) {
        try {
            Reply reply = standing.release() == 0
                    ? NOT_RELEASED
                    : rawPath.equals(Suggestions.PATH) || !query.isEmpty()
                            ? inTurn(() -> answers(caller).spelt(rawPath, query))
                            : answers(caller).spelt(rawPath, query);
            return reply.kept(Reply.PRIVATE);
        } catch (Busy all) {
            return Reply.comeAgain();
        }
    }

    private SiteReplies answers(Caller caller) {
        return new SiteReplies(view(caller), standing.changed());
    }

    /**
     * One element of a page, for a page of the site that is served elsewhere: not found where not everybody may see such a one.
     *
     * @param path the address of the page, decoded
     */
    Reply part(String path, String section, String element) {
        try {
            return inTurn(() -> element(path, section, element))
                    .map(html -> Reply.text("text/html; charset=utf-8", html, "no-store"))
                    .orElse(NO_PART);
        } catch (Busy all) {
            return Reply.comeAgain();
        }
    }

    private Optional<String> element(String path, String section, String element) {
        View view = view(Caller.STRANGER);
        View within = view.telling(view.facts().within(origin));
        return (path.equals("/") ? edition.home() : edition.plan().pageAt(path).flatMap(edition::page))
                .filter(within::shows)
                .flatMap(p -> PageRenderer.element(within, p, section, element));
    }

    /** A page with a form that has come to something: made for one visitor alone, and kept nowhere. */
    Reply filled(View view, Page page, Sending sending, int status) {
        try {
            return inTurn(() -> Reply.page(
                            status,
                            PageRenderer.render(view.telling(view.facts().at(sending)), page)))
                    .kept("no-store");
        } catch (Busy all) {
            return Reply.comeAgain();
        }
    }

    /** The live site as somebody sees it. */
    View view(Caller caller) {
        return View.of(edition, clock.instant(), origin, View.Mode.VISITOR)
                .knowing(standing.changed())
                .searchedBy(searcher.apply(caller.visitor()))
                .seenBy(caller.visitor())
                .greeting(MemberPages.guest(standing, caller))
                .telling(facts.get());
    }

    /** What is answered to an address that can't be read: a page of the site's own. */
    Reply unreadable() {
        return standing.release() == 0 ? NOT_RELEASED : Reply.page(400, OwnPages.notFound(view(Caller.STRANGER)));
    }
}
