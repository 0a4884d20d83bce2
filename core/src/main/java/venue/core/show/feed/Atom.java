package venue.core.show.feed;

import java.time.Instant;
import java.time.temporal.ChronoUnit;
import venue.core.basics.html.HtmlWriter;

/** A feed as the Atom Syndication Format has it (RFC 4287). */
public final class Atom {

    public static final String TYPE = "application/atom+xml";

    private Atom() {}

    /** @param self where the feed itself is */
    public static String write(Feed feed, String self, String author) {
        HtmlWriter out = new HtmlWriter();
        out.start("feed").attr("xmlns", "http://www.w3.org/2005/Atom").attr("xml:lang", feed.language());
        out.element("id", feed.id()).element("title", feed.title());
        out.element("updated", time(feed.updated()));
        link(out, "self", TYPE, self);
        link(out, "alternate", "text/html", feed.home());
        out.start("author").element("name", author).end();
        for (Feed.Entry entry : feed.entries()) {
            out.start("entry").element("id", entry.id()).element("title", entry.title());
            out.element("updated", time(entry.updated()));
            if (entry.times().published() != null) {
                out.element("published", time(entry.times().published()));
            }
            link(out, "alternate", "text/html", entry.url());
            if (!entry.summary().isEmpty()) {
                out.element("summary", entry.summary());
            }
            out.end();
        }
        return "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + out.end().html();
    }

    private static void link(HtmlWriter out, String rel, String type, String href) {
        // An empty element of XML, which HTML's link would not close.
        out.start("link").attr("rel", rel).attr("type", type).attr("href", href).end();
    }

    private static String time(Instant at) {
        return at.truncatedTo(ChronoUnit.SECONDS).toString();
    }
}
