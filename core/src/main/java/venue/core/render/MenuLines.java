package venue.core.render;

import java.util.List;
import java.util.Optional;
import venue.core.html.HtmlWriter;
import venue.core.link.Link;
import venue.core.menu.Line;
import venue.core.menu.Menu;
import venue.core.page.Page;

/** The site's menus as lists of links, with the page that is shown marked in them. */
final class MenuLines {

    private final View view;
    private final Page page;
    private final PageScene scene;
    private final HtmlWriter out;

    MenuLines(View view, Page page, PageScene scene, HtmlWriter out) {
        this.view = view;
        this.page = page;
        this.scene = scene;
        this.out = out;
    }

    Optional<Menu> of(String place) {
        return view.edition().menus().stream()
                .filter(m -> m.place().equals(place))
                .findFirst();
    }

    /** The lines that lead somewhere this visitor may go. */
    List<Line> leading(List<Line> all) {
        return all.stream().filter(l -> scene.href(l.link()).isPresent()).toList();
    }

    /** Lines that lead somewhere, with what leads somewhere beneath them. */
    void write(List<Line> lines, String classes) {
        if (classes.isEmpty()) {
            out.start("ul");
        } else {
            out.start("ul", classes);
        }
        for (Line line : lines) {
            out.start("li").start("a").attr("href", scene.href(line.link()).orElse("/"));
            if (isHere(line.link())) {
                out.attr(
                        "aria-current",
                        line.link().pageId().filter(page.id()::equals).isPresent() ? "page" : "true");
            }
            out.text(line.words(view.edition()::page)).end();
            List<Line> beneath = leading(line.beneath());
            if (!beneath.isEmpty()) {
                write(beneath, "");
            }
            out.end();
        }
        out.end();
    }

    private boolean isHere(Link link) {
        return link.pageId()
                .filter(id -> id.equals(page.id())
                        || view.edition().plan().ancestors(page.id()).contains(id))
                .isPresent();
    }
}
