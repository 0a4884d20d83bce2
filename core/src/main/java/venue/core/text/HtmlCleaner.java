package venue.core.text;

import java.util.function.UnaryOperator;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.safety.Cleaner;
import org.jsoup.safety.Safelist;
import venue.core.link.Link;

/**
 * Cleans written text by an allow-list: paragraphs, lists, emphasis, code, quotes, small headings, tables and links.
 * Cleaning twice changes nothing more.
 */
public final class HtmlCleaner {

    private static final Safelist ALLOWED = new Safelist()
            .addTags("p", "br", "strong", "em", "b", "i", "code", "pre", "blockquote", "ul", "ol", "li", "h3", "h4")
            .addTags("a", "sub", "sup", "table", "thead", "tbody", "tr", "th", "td", "hr", "s")
            .addAttributes("a", "href");

    private static final int LONGEST = 200_000;

    private HtmlCleaner() {}

    /** The longest text that is taken, in characters. */
    public static int longest() {
        return LONGEST;
    }

    /** Keeps what the allow-list names; links that could run something lose their target and become plain words. */
    public static SafeHtml clean(String html) {
        return rewriteLinks(html, href -> href);
    }

    /**
     * Cleans and passes each link's target through {@code target}; an empty answer unwraps the link, keeping its words.
     */
    public static SafeHtml rewriteLinks(String html, UnaryOperator<String> target) {
        if (html.indexOf('<') < 0 && html.indexOf('&') < 0 && html.indexOf('>') < 0) {
            return new SafeHtml(html);
        }
        Document dirty = Jsoup.parseBodyFragment(html);
        Document clean = new Cleaner(ALLOWED).clean(dirty);
        clean.outputSettings().prettyPrint(false);
        for (Element link : clean.select("a")) {
            String href = Link.isAllowed(link.attr("href")) ? target.apply(link.attr("href")) : "";
            if (href.isEmpty()) {
                link.unwrap();
            } else {
                link.attr("href", href);
            }
        }
        return new SafeHtml(clean.body().html());
    }
}
