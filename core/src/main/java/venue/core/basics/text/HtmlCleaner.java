package venue.core.basics.text;

import java.util.Optional;
import java.util.function.Function;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.TextNode;
import org.jsoup.safety.Cleaner;
import org.jsoup.safety.Safelist;
import venue.core.basics.link.Link;
import venue.core.basics.link.Way;

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
    public static SafeHtml clean(String written) {
        String html = Letters.clean(written);
        if (isPlain(html)) {
            return new SafeHtml(html);
        }
        return new SafeHtml(cleaned(html).html());
    }

    /**
     * Cleans for a page.
     *
     * @param target where each link leads there; an empty answer unwraps the link, keeping its words
     * @param topHeading the level that the text's greater headings have there, 2 to 6; the lesser ones follow
     */
    public static SafeHtml forPage(String html, Function<Link, Optional<Way>> target, int topHeading) {
        if (isPlain(html)) {
            return new SafeHtml("<p>" + html + "</p>");
        }
        return CleanText.of(html).write(target, topHeading);
    }

    /** The same text with other links; an empty answer unwraps one, keeping its words. */
    public static String relinked(String html, Function<Link, Optional<Link>> change) {
        if (isPlain(html)) {
            return html;
        }
        Element body = cleaned(html);
        for (Element link : body.select("a[href]")) {
            Optional<Link> now = Link.find(link.attr("href")).flatMap(change);
            now.ifPresentOrElse(l -> link.attr("href", l.target()), link::unwrap);
        }
        return body.html();
    }

    private static boolean isPlain(String html) {
        return html.indexOf('<') < 0 && html.indexOf('&') < 0 && html.indexOf('>') < 0;
    }

    /** The cleaned tree; links that may not be are unwrapped. */
    static Element cleaned(String html) {
        Document clean = new Cleaner(ALLOWED).clean(Jsoup.parseBodyFragment(html));
        clean.outputSettings().prettyPrint(false);
        for (Element link : clean.select("a")) {
            if (!Link.isAllowed(link.attr("href"))) {
                link.unwrap();
            }
        }
        clean.nodeStream(TextNode.class).forEach(words -> words.text(Letters.clean(words.getWholeText())));
        return clean.body();
    }
}
