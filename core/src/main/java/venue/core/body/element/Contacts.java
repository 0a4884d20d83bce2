package venue.core.body.element;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Link;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.property.PropertyType;
import venue.core.model.property.UsualFields;

/** E-mail and telephone as links, in words or as signs that say what they are to those who don't see them. */
final class Contacts {

    private static final String MAIL = "M3 5h18v14H3zM3 6l9 7 9-7";
    private static final String PHONE =
            "M6 3h4l2 5-3 2a12 12 0 0 0 5 5l2-3 5 2v4a3 3 0 0 1-3 3A16 16 0 0 1 3 6a3 3 0 0 1 3-3z";

    private static final List<String> KEYS = List.of(UsualFields.EMAIL, UsualFields.PHONE);

    private Contacts() {}

    /**
     * The properties {@code email} and {@code phone}, where they hold something.
     *
     * @param form {@code words}, {@code signs} or {@code buttons}
     */
    static void write(Props props, String form, HtmlWriter out) {
        if (!props.has(UsualFields.EMAIL) && !props.has(UsualFields.PHONE)) {
            return;
        }
        out.start("ul", "contacts " + form);
        one(props, UsualFields.EMAIL, "mailto:", Phrase.E_MAIL, form, out);
        one(props, UsualFields.PHONE, "tel:", Phrase.TELEPHONE, form, out);
        out.end();
    }

    /**
     * The same where they are not the element's own.
     *
     * @param held what is held by key, empty where that is nothing
     */
    static void write(Scene scene, UnaryOperator<String> held, String form, HtmlWriter out) {
        List<Property> declared = new ArrayList<>();
        Map<String, Value> known = new TreeMap<>();
        for (String key : KEYS) {
            declared.add(Property.of(key, key, PropertyType.WORDS));
            String words = held.apply(key);
            if (!words.isEmpty()) {
                known.put(key, Value.of(words));
            }
        }
        write(new Props(declared, known, scene), form, out);
    }

    /** Whether a page holds any in its own fields. */
    static boolean any(Scene scene, Page page) {
        return KEYS.stream().anyMatch(k -> !scene.words().words(page, k).isEmpty());
    }

    private static void one(Props props, String key, String scheme, Phrase what, String form, HtmlWriter out) {
        if (!props.has(key)) {
            return;
        }
        String words = props.text(key);
        String target = scheme + (scheme.equals("tel:") ? words.replaceAll("[^+0-9]", "") : words);
        boolean leads = !words.isEmpty() && Link.isAllowed(target);
        out.start("li");
        if (leads) {
            out.start("a", form.equals("buttons") ? "button" : "").attr("href", target);
        }
        if (form.equals("words") || !leads) {
            props.write(key, out);
        } else {
            out.attr("aria-label", props.scene().words().say(what) + " " + words)
                    .attr("title", words);
            if (form.equals("signs")) {
                sign(key.equals(UsualFields.EMAIL) ? MAIL : PHONE, out);
            } else {
                out.text(props.scene().words().say(what));
            }
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
