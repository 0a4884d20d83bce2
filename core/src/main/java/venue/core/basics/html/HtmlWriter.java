package venue.core.basics.html;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Set;
import venue.core.basics.link.Way;
import venue.core.basics.text.SafeHtml;

/**
 * Writes HTML. What is started is ended in order; words are escaped; only text that the cleaner made is written as it
 * stands.
 */
public final class HtmlWriter {

    private static final int USUAL = 16_384;
    /** Tags that show without a word in them. */
    private static final Set<String> SHOWN = Set.of("iframe", "video", "audio", "svg", "button", "select", "textarea");

    /** Marks an element that only the managers' proof shows, and whatever holds nothing but such elements. */
    public static final String UNSEEN = "data-unseen";

    /** Tags that visitors get whatever is in them. */
    private static final Set<String> ROOMS = Set.of("html", "body", "main");

    private final Buffer out = new Buffer(USUAL);
    private final Deque<Open> open = new ArrayDeque<>();
    private final Buffer marks = new Buffer(0);
    private final Open whole = new Open("", 0, false);
    private String classes = "";
    private boolean inTag;
    private boolean nextUnseen;

    /** An element that is open: where attributes may still be put into its start tag, and for whom what it holds so far is. */
    private static final class Open {
        private final String tag;
        private final int attributes;
        private final boolean unseen;
        private boolean holdsSeen;
        private boolean holdsUnseen;

        Open(String tag, int attributes, boolean unseen) {
            this.tag = tag;
            this.attributes = attributes;
            this.unseen = unseen;
        }
    }

    /** Starts an element; attributes may follow. */
    public HtmlWriter start(String tag) {
        return start(tag, "");
    }

    /** Starts an element with classes. */
    public HtmlWriter start(String tag, String its) {
        closeTag();
        out.append('<').append(tag).append(marks);
        marks.clear();
        open.push(new Open(tag, out.length(), nextUnseen));
        if (nextUnseen) {
            out.append(' ').append(UNSEEN);
            nextUnseen = false;
        }
        inTag = true;
        String all = its.isEmpty() || classes.isEmpty() ? its + classes : its + " " + classes;
        classes = "";
        return all.isEmpty() ? this : attr("class", all);
    }

    /** Starts a link. */
    public HtmlWriter start(Way way, String its) {
        return start("a", its).attr("href", way.href());
    }

    /** Ends a link, with what is said beside it. */
    public HtmlWriter end(Way way) {
        return text(way.after()).end();
    }

    /** An element without content and end tag, such as {@code img}; attributes may follow. */
    public HtmlWriter empty(String tag) {
        return empty(tag, "");
    }

    public HtmlWriter empty(String tag, String its) {
        start(tag, its);
        open.peek().holdsSeen = !tag.equals("hr");
        ended(open.pop());
        return this;
    }

    public HtmlWriter attr(String name, String value) {
        out.append(' ').append(name).append("=\"");
        out.escape(value);
        out.append('"');
        return this;
    }

    public HtmlWriter attr(String name, long value) {
        out.append(' ').append(name).append("=\"").append(Long.toString(value)).append('"');
        return this;
    }

    /** An attribute without a value. */
    public HtmlWriter attr(String name) {
        out.append(' ').append(name);
        return this;
    }

    /** An attribute that the next element to be started will carry. */
    public HtmlWriter mark(String name, String value) {
        marks.append(' ').append(name).append("=\"");
        marks.escape(value);
        marks.append('"');
        return this;
    }

    /** Classes that the next element to be started will carry beside its own. */
    public HtmlWriter alsoClasses(String more) {
        classes = more;
        return this;
    }

    public HtmlWriter text(String words) {
        closeTag();
        if (!words.isBlank()) {
            holds(false);
        }
        out.escape(words);
        return this;
    }

    public HtmlWriter trusted(SafeHtml html) {
        closeTag();
        holds(false);
        out.append(html.html());
        return this;
    }

    /** Writes what another writer has finished. */
    public HtmlWriter append(HtmlWriter finished) {
        closeTag();
        holds(finished.isUnseen());
        out.append(finished.html());
        return this;
    }

    /** Whether all that stands in it is for managers alone. */
    public boolean isUnseen() {
        return whole.holdsUnseen && !whole.holdsSeen;
    }

    /** Ends the element started last. */
    public HtmlWriter end() {
        closeTag();
        Open ended = open.pop();
        out.append("</").append(ended.tag).append('>');
        ended(ended);
        return this;
    }

    /** The next element to be started is for managers alone; what holds nothing but such elements is so, too. */
    public HtmlWriter unseen() {
        nextUnseen = true;
        return this;
    }

    /**
     * Tells the element around whether this one is seen by visitors. An element with nothing in it says nothing, unless its tag shows by
     * itself.
     */
    private void ended(Open ended) {
        boolean onlyUnseen = ended.holdsUnseen && !ended.holdsSeen && !ROOMS.contains(ended.tag);
        if (onlyUnseen && !ended.unseen) {
            out.insert(ended.attributes, " " + UNSEEN);
        }
        if (onlyUnseen || ended.unseen) {
            holds(true);
        } else if (ended.holdsSeen || SHOWN.contains(ended.tag)) {
            holds(false);
        }
    }

    /** The element that is open is there for visitors too, whatever it holds. */
    public HtmlWriter stays() {
        open.element().holdsSeen = true;
        return this;
    }

    private void holds(boolean unseen) {
        Open around = open.isEmpty() ? whole : open.peek();
        around.holdsUnseen |= unseen;
        around.holdsSeen |= !unseen;
    }

    /** A whole element with nothing but words in it. */
    public HtmlWriter element(String tag, String words) {
        return start(tag).text(words).end();
    }

    /** A stylesheet of our own making, as it is: what stands in one is not escaped, so that nothing in it may end it. */
    public HtmlWriter style(String css) {
        if (css.contains("<")) {
            throw new IllegalArgumentException("a stylesheet that could end early");
        }
        start("style");
        closeTag();
        out.append(css);
        return end();
    }

    /** A block of data that no script runs (HTML, 4.12.1.1): JSON whose letters can't end it. */
    public HtmlWriter data(String type, String json) {
        start("script").attr("type", type);
        closeTag();
        out.append(json.replace("<", "\\u003c"));
        return end();
    }

    /** The HTML so far; refused while an element is open. */
    public String html() {
        closeTag();
        if (!open.isEmpty()) {
            throw new IllegalStateException(
                    "still open: " + open.stream().map(o -> o.tag).toList());
        }
        return out.toString();
    }

    private void closeTag() {
        if (inTag) {
            out.append('>');
            inTag = false;
        }
    }
}
