package venue.core.body.element;

import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Way;
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
        Optional<Way> way = props.way(link);
        if (!props.has(label)) {
            return;
        }
        out.start("p", "buttons");
        led(way, "button", props, label, out);
        out.end();
    }

    /** Words that look like a link, and are one where it leads somewhere. */
    static void led(Optional<Way> way, String classes, Props props, String label, HtmlWriter out) {
        way.ifPresentOrElse(w -> out.start(w, classes), () -> out.start("span", classes));
        props.write(label, out);
        way.ifPresentOrElse(out::end, out::end);
    }
}
