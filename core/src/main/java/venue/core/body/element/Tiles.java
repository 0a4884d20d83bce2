package venue.core.body.element;

import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.body.scene.Props;

/** What things that stand side by side have in common. */
final class Tiles {

    private Tiles() {}

    /** What stands where a person's picture would: the first letter of their name. */
    static void initial(String name, HtmlWriter out) {
        out.start("span", "initial").attr("aria-hidden", "true");
        out.text(name.isEmpty() ? "" : name.substring(0, name.offsetByCodePoints(0, 1)))
                .end();
    }

    /** Written text in a block of its own, where there is some. */
    static void words(Props props, String key, HtmlWriter out) {
        if (props.has(key)) {
            out.start("div", "text");
            props.write(key, out);
            out.end();
        }
    }

    /** A line of words in an element of its own, where there are some. */
    static void line(Props props, String key, String tag, String classes, HtmlWriter out) {
        if (props.has(key)) {
            out.start(tag, classes);
            props.write(key, out);
            out.end();
        }
    }

    /** The place of a picture that managers are to choose. */
    static void place(Props props, String key, String tag, HtmlWriter out) {
        out.unseen().start(tag, "to-fill-picture");
        props.write(key, out);
        out.end();
    }

    /** A row of one button at the foot of the tile. */
    static void button(Props props, String label, String link, HtmlWriter out) {
        Optional<String> href = props.href(link);
        if (!props.has(label)) {
            return;
        }
        out.start("p", "buttons");
        if (href.isPresent()) {
            out.start("a", "button").attr("href", href.get());
        } else {
            out.start("span", "button");
        }
        props.write(label, out);
        out.end().end();
    }
}
