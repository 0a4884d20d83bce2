package venue.core.body.scene;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.html.HtmlWriter;

/** A menu as this visitor gets it: the lines that lead somewhere, or stand over some that do. */
public record ShownMenu(String name, List<Line> lines) {

    /**
     * A line.
     *
     * @param href where it leads; absent for a heading
     * @param current {@code page} where it leads to the page that is shown, {@code true} where to one above it; else absent
     */
    public record Line(
            String words, @Nullable String href, @Nullable String current, List<Line> beneath) {

        /** Itself: a link, or the words of a heading. */
        public void write(HtmlWriter out) {
            if (href == null) {
                out.start("span", "over").text(words).end();
                return;
            }
            out.start("a").attr("href", href);
            if (current != null) {
                out.attr("aria-current", current);
            }
            out.text(words).end();
        }
    }

    /** The lines as a list with lists within, so many levels deep. */
    public static void write(List<Line> lines, int levels, String classes, HtmlWriter out) {
        if (classes.isEmpty()) {
            out.start("ul");
        } else {
            out.start("ul", classes);
        }
        for (Line line : lines) {
            out.start("li");
            line.write(out);
            if (levels > 1 && !line.beneath().isEmpty()) {
                write(line.beneath(), levels - 1, "", out);
            }
            out.end();
        }
        out.end();
    }
}
