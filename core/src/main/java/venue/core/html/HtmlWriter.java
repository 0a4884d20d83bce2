package venue.core.html;

import java.util.ArrayDeque;
import java.util.Deque;
import venue.core.text.SafeHtml;

/**
 * Writes HTML. What is started is ended in order; words are escaped; only text that the cleaner made is written as it
 * stands.
 */
public final class HtmlWriter {

    private static final int USUAL = 16_384;

    private final Buffer out = new Buffer(USUAL);
    private final Deque<String> open = new ArrayDeque<>();
    private final Buffer marks = new Buffer(0);
    private String classes = "";
    private boolean inTag;

    /** Starts an element; attributes may follow. */
    public HtmlWriter start(String tag) {
        return start(tag, "");
    }

    /** Starts an element with classes. */
    public HtmlWriter start(String tag, String its) {
        closeTag();
        out.append('<').append(tag).append(marks);
        marks.clear();
        open.push(tag);
        inTag = true;
        String all = its.isEmpty() || classes.isEmpty() ? its + classes : its + " " + classes;
        classes = "";
        return all.isEmpty() ? this : attr("class", all);
    }

    /** An element without content and end tag, such as {@code img}; attributes may follow. */
    public HtmlWriter empty(String tag) {
        return empty(tag, "");
    }

    public HtmlWriter empty(String tag, String its) {
        start(tag, its);
        open.pop();
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
        out.escape(words);
        return this;
    }

    public HtmlWriter trusted(SafeHtml html) {
        closeTag();
        out.append(html.html());
        return this;
    }

    /** Writes what another writer has finished. */
    public HtmlWriter append(HtmlWriter finished) {
        closeTag();
        out.append(finished.html());
        return this;
    }

    /** Ends the element started last. */
    public HtmlWriter end() {
        closeTag();
        out.append("</").append(open.pop()).append('>');
        return this;
    }

    /** A whole element with nothing but words in it. */
    public HtmlWriter element(String tag, String words) {
        return start(tag).text(words).end();
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
            throw new IllegalStateException("still open: " + open);
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
