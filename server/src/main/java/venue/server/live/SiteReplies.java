package venue.server.live;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import venue.core.live.sitemap.Sitemap;
import venue.core.model.gate.Visitor;
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
            return Reply.text("text/plain; charset=utf-8", Sitemap.robots(view.edition().site(), view.origin()), Reply.ASK);
        }
        if (path.startsWith("/sitemap") && path.endsWith(".xml")) {
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

    /** The sitemap is the same for all who ask: it is for search engines, who are strangers. */
    private Reply sitemap(String path) {
        List<String> files = Sitemap.files(Sitemap.addresses(view.seenBy(Visitor.STRANGER), changed));
        String type = "application/xml; charset=utf-8";
        if (path.equals("/sitemap.xml")) {
            String xml = files.size() == 1 ? files.get(0) : Sitemap.index(view.origin(), files.size());
            return Reply.text(type, xml, Reply.ASK);
        }
        return IntStream.rangeClosed(1, files.size())
                .filter(n -> path.equals("/sitemap-" + n + ".xml"))
                .mapToObj(n -> Reply.text(type, files.get(n - 1), Reply.ASK))
                .findFirst()
                .orElseGet(() -> Reply.page(404, OwnPages.notFound(view)));
    }
}
