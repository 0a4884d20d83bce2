package venue.server.live;

import java.io.ByteArrayOutputStream;
import java.io.OutputStream;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Map;
import venue.core.live.sitemap.Sitemap;
import venue.core.live.sitemap.SitemapWriter;
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
        if (SitemapFiles.isOne(path)) {
            return sitemap(path);
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

    /** The sitemap is the same for all who ask: it is for search engines, who are strangers. What is on the way is not held in memory. */
    private Reply sitemap(String path) {
        int wanted = SitemapFiles.number(path);
        ByteArrayOutputStream file = new ByteArrayOutputStream();
        int count = SitemapFiles.write(
                view, changed, n -> n == Math.max(1, wanted) ? file : OutputStream.nullOutputStream());
        if (wanted > count) {
            return Reply.page(404, OwnPages.notFound(view));
        }
        String xml = wanted == 0 && count > 1
                ? SitemapWriter.index(view.origin(), count)
                : file.toString(StandardCharsets.UTF_8);
        return Reply.text(SitemapFiles.XML, xml, Reply.ASK);
    }
}
