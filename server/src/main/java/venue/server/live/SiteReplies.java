package venue.server.live;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import venue.core.live.sitemap.Sitemap;
import venue.core.live.sitemap.SitemapFiles;
import venue.core.live.sitemap.SitemapPath;
import venue.core.show.render.OwnPages;
import venue.core.show.render.View;

/**
 * What a site answers to whoever looks at it as a view does: the live site to its visitors, and either of the two to those who walk it.
 *
 * @param changed when pages were last released with a change, by id
 */
record SiteReplies(View view, Map<String, Instant> changed) {

    /** An address that no site has. */
    private static final String UNREADABLE = "/-";

    /** @param path decoded */
    Reply at(String path, Map<String, String> query) {
        if (path.equals("/robots.txt")) {
            return Reply.text("text/plain; charset=utf-8", Sitemap.robots(view.edition(), view.origin()), Reply.ASK);
        }
        Optional<SitemapPath> sitemap = SitemapPath.of(path);
        if (sitemap.isPresent()) {
            return sitemap(sitemap.get());
        }
        return new Suggestions(view).at(path, query).orElseGet(() -> new PageReplies(view, query).at(path));
    }

    /** The same for a path as it came, still percent-encoded: however it is spelt, it is served at one address. */
    Reply spelt(String rawPath, Map<String, String> query) {
        String path = decode(rawPath);
        Reply reply = at(path, query);
        return reply.status() == 200 && !rawPath.equals(View.encoded(path)) ? Reply.moved(View.encoded(path)) : reply;
    }

    static String decode(String rawPath) {
        try {
            return URLDecoder.decode(rawPath.replace("+", "%2B"), StandardCharsets.UTF_8);
        } catch (IllegalArgumentException e) {
            return UNREADABLE;
        }
    }

    private Reply sitemap(SitemapPath path) {
        return new SitemapFiles(view, changed)
                .at(path)
                .map(f -> Reply.text(LiveSitemaps.XML, new String(f.xml(), StandardCharsets.UTF_8), Reply.ASK))
                .orElseGet(() -> Reply.page(404, OwnPages.notFound(view)));
    }
}
