package venue.server.proof;

import venue.core.basics.html.HtmlWriter;
import venue.core.edition.edition.Edition;
import venue.core.model.site.Site;
import venue.core.model.theme.StyleSheet;

/**
 * The document in which many drawings are drawn, each in a shadow tree of its own. It holds nothing but a script, and what that
 * is told by the interface that frames it; the live look is fetched with it, for most drawings wear that.
 */
public final class Board {

    private Board() {}

    public static String document(Edition live) {
        HtmlWriter out = new HtmlWriter();
        out.start("html").start("head");
        out.empty("meta").attr("charset", "utf-8");
        out.element("title", "Drawings");
        style(out, "/-/proof.css");
        if (live.find(Site.ID).isPresent()) {
            style(out, StyleSheet.of(live.theme(), live::media).path());
        }
        out.end().start("body").attr("inert");
        out.start("script").attr("src", "/-/drawings.js").end();
        return "<!doctype html>" + out.end().end().html();
    }

    /** Readable for the script: rules are taken out of it. */
    private static void style(HtmlWriter out, String path) {
        out.empty("link").attr("rel", "stylesheet").attr("crossorigin").attr("href", path);
    }
}
