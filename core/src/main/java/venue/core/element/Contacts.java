package venue.core.element;

import venue.core.html.HtmlWriter;
import venue.core.link.Link;
import venue.core.text.Phrase;

/** E-mail and telephone as links, in words or as signs that say what they are to those who don't see them. */
final class Contacts {

    private static final String MAIL = "M3 5h18v14H3zM3 6l9 7 9-7";
    private static final String PHONE =
            "M6 3h4l2 5-3 2a12 12 0 0 0 5 5l2-3 5 2v4a3 3 0 0 1-3 3A16 16 0 0 1 3 6a3 3 0 0 1 3-3z";

    private Contacts() {}

    /** The properties {@code email} and {@code phone}, where they hold something. */
    static void write(Props props, boolean signs, HtmlWriter out) {
        if (!props.has("email") && !props.has("phone")) {
            return;
        }
        out.start("ul", signs ? "contacts signs" : "contacts");
        one(props, "email", "mailto:", Phrase.E_MAIL, signs ? MAIL : "", out);
        one(props, "phone", "tel:", Phrase.TELEPHONE, signs ? PHONE : "", out);
        out.end();
    }

    private static void one(Props props, String key, String scheme, Phrase what, String sign, HtmlWriter out) {
        if (!props.has(key)) {
            return;
        }
        String words = props.text(key);
        String target = scheme + (scheme.equals("tel:") ? words.replaceAll("[^+0-9]", "") : words);
        boolean leads = !words.isEmpty() && Link.isAllowed(target);
        out.start("li");
        if (leads) {
            out.start("a").attr("href", target);
        }
        if (sign.isEmpty() || !leads) {
            props.write(key, out);
        } else {
            out.attr("aria-label", props.scene().say(what) + " " + words).attr("title", words);
            sign(sign, out);
        }
        if (leads) {
            out.end();
        }
        out.end();
    }

    private static void sign(String path, HtmlWriter out) {
        out.start("svg")
                .attr("viewBox", "0 0 24 24")
                .attr("width", 22)
                .attr("height", 22)
                .attr("aria-hidden", "true");
        out.start("path")
                .attr("d", path)
                .attr("fill", "none")
                .attr("stroke", "currentColor")
                .attr("stroke-width", "1.6")
                .end();
        out.end();
    }
}
