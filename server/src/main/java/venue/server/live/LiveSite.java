package venue.server.live;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import venue.core.basics.item.SiteId;
import venue.core.body.search.Busy;
import venue.core.body.search.Searcher;
import venue.core.edition.edition.Edition;
import venue.core.live.sitemap.Sitemap;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;
import venue.store.workspace.Standing;

/**
 * One release of one site as visitors get it. A page is written when it is first asked for and its bytes are kept for a
 * minute, so that showing dates and listings of coming things are right to the minute; a release makes a new one.
 */
final class LiveSite {

    private static final int AT_ONCE = 3;
    private static final Duration KEPT = Duration.ofMinutes(1);

    private final Standing standing;
    private final Edition edition;
    private final String origin;
    private final InstantSource clock;
    private final Searcher searcher;
    private final HeldReplies held;
    private final Semaphore asking = new Semaphore(AT_ONCE, true);
    /** What this release's answers are called among all that are held. */
    private final String name;

    LiveSite(SiteId site, Standing standing, String origin, InstantSource clock, Searcher searcher, HeldReplies held) {
        this.held = held;
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
            String path = decode(rawPath);
            if (path.equals(Suggestions.PATH)) {
                return inTurn(path, query);
            }
            Reply plain = plain(path);
            // However an address is spelt, it is served at one.
            if (plain.status() == 200 && !rawPath.equals(View.encoded(path))) {
                return Reply.moved(View.encoded(path));
            }
            return query.isEmpty() || !plain.ways().asks() ? plain : inTurn(path, query);
        } catch (Busy all) {
            return Reply.comeAgain();
        }
    }

    /** Makes an answer that is for one visitor alone. A few are made at once; others wait for up to a second, and are then sent away. */
    private Reply inTurn(String path, Map<String, String> query) {
        try {
            if (!asking.tryAcquire(1, TimeUnit.SECONDS)) {
                throw new Busy("As many as may ask at once.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy("The server is being stopped.");
        }
        try {
            return make(path, query);
        } finally {
            asking.release();
        }
    }

    private Reply make(String path, Map<String, String> query) {
        if (standing.release() == 0) {
            return Reply.text(
                    404,
                    "text/plain; charset=utf-8",
                    "This site has not been released yet.\n",
                    Reply.ASK,
                    "default-src 'none'");
        }
        View view = View.of(edition, clock.instant(), origin, View.Mode.VISITOR)
                .knowing(standing.changed())
                .searchedBy(searcher);
        if (path.equals("/robots.txt")) {
            return Reply.text("text/plain; charset=utf-8", Sitemap.robots(origin), Reply.ASK);
        }
        if (path.startsWith("/sitemap") && path.endsWith(".xml")) {
            return sitemap(view, path);
        }
        return new Suggestions(view).at(path, query).orElseGet(() -> new PageReplies(view, query).at(path));
    }

    /** What is answered to an address that can't be read: a page of the site's own. */
    Reply unreadable() {
        return Reply.page(400, PageRenderer.notFound(View.of(edition, clock.instant(), origin, View.Mode.VISITOR)));
    }

    private static String decode(String rawPath) {
        try {
            return URLDecoder.decode(rawPath.replace("+", "%2B"), StandardCharsets.UTF_8);
        } catch (IllegalArgumentException e) {
            return "/-";
        }
    }

    private Reply sitemap(View view, String path) {
        List<String> files = Sitemap.files(Sitemap.addresses(view, standing.changed()));
        String type = "application/xml; charset=utf-8";
        if (path.equals("/sitemap.xml")) {
            String xml = files.size() == 1 ? files.get(0) : Sitemap.index(origin, files.size());
            return Reply.text(type, xml, Reply.ASK);
        }
        return IntStream.rangeClosed(1, files.size())
                .filter(n -> path.equals("/sitemap-" + n + ".xml"))
                .mapToObj(n -> Reply.text(type, files.get(n - 1), Reply.ASK))
                .findFirst()
                .orElseGet(() -> Reply.page(404, PageRenderer.notFound(view)));
    }
}
