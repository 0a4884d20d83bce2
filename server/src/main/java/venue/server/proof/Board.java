package venue.server.proof;

import venue.core.edition.Edition;
import venue.core.html.HtmlWriter;
import venue.core.site.Site;
import venue.core.theme.Look;
import venue.core.theme.StyleSheet;

/**
 * The document in which many drawings are drawn, each in a shadow tree of its own. It holds nothing but a script, and what that
 * is told by the interface that frames it; what the live look needs is fetched meanwhile.
 */
public final class Board {

    private Board() {}

    public static String document(Edition live) {
        HtmlWriter out = new HtmlWriter();
        out.start("html").start("head");
        out.empty("meta").attr("charset", "utf-8");
        out.element("title", "Drawings");
        out.empty("link").attr("rel", "stylesheet").attr("href", "/-/proof.css").attr("crossorigin");
        if (live.find(Site.ID).isPresent()) {
            Look look = live.theme();
            ahead(out, "style", StyleSheet.of(look, live::media).path());
            StyleSheet.fonts(look, live::media, false).forEach(font -> ahead(out, "font", font));
        }
        out.end().start("body").attr("inert");
        out.start("script").attr("src", "/-/drawings.js").end();
        return "<!doctype html>" + out.end().end().html();
    }

    private static void ahead(HtmlWriter out, String as, String path) {
        out.empty("link")
                .attr("rel", "preload")
                .attr("as", as)
                .attr("crossorigin")
                .attr("href", path);
    }
}
