package venue.core.render;

import java.util.List;
import venue.core.html.HtmlWriter;
import venue.core.menu.Line;
import venue.core.menu.Menu;
import venue.core.theme.Look;
import venue.core.value.Values;

/** Writes the footer: who it is, the foot menu, and the closing line. */
final class Foot {

    private final View view;
    private final PageScene scene;
    private final MenuLines lines;
    private final HtmlWriter out;

    Foot(View view, PageScene scene, MenuLines lines, HtmlWriter out) {
        this.view = view;
        this.scene = scene;
        this.lines = lines;
        this.out = out;
    }

    void write() {
        Look theme = view.edition().theme();
        List<Line> all = lines.of("foot").map(Menu::lines).map(lines::leading).orElse(List.of());
        List<Line> plain =
                all.stream().filter(l -> lines.leading(l.beneath()).isEmpty()).toList();
        List<Line> columns = all.stream().filter(l -> !plain.contains(l)).toList();
        out.start("footer", "foot t-" + theme.text("footerTone")).start("div", "in");
        who();
        if (!columns.isEmpty()) {
            nav(columns, "columns");
        }
        closing(Values.text(view.edition().site().facts(), "closingWords"), plain, columns.isEmpty());
        out.end().end();
    }

    /** @param first whether no other lines of the menu stand above it */
    private void closing(String words, List<Line> plain, boolean first) {
        if (words.isBlank() && plain.isEmpty()) {
            return;
        }
        out.start("div", "closing");
        if (!words.isBlank()) {
            out.element("p", words);
        }
        if (first && !plain.isEmpty()) {
            nav(plain, "");
        } else if (!plain.isEmpty()) {
            lines.write(plain, "");
        }
        out.end();
    }

    private void who() {
        out.start("div", "who");
        out.start("a", "name")
                .attr("href", "/")
                .text(view.edition().site().name())
                .end();
        scene.fact("tagline").ifPresent(t -> out.element("p", t));
        out.end();
    }

    private void nav(List<Line> some, String classes) {
        out.start("nav").attr("aria-label", lines.of("foot").map(Menu::name).orElse(""));
        lines.write(some, classes);
        out.end();
    }
}
