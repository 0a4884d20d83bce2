package venue.core.body.element;

import static venue.core.model.property.Property.choice;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Value;
import venue.core.body.scene.Props;
import venue.core.body.scene.Scene;
import venue.core.model.page.Page;
import venue.core.model.page.PageSettings;

/** Links to the pages beside this one and beneath it, as the plan has them. */
final class AroundElement extends DeclaredKind {

    AroundElement() {
        super(
                "around",
                "Pages around",
                "Links to the pages beside this one and beneath it",
                choice("shows", "Shows", "beside=Those beside it and beneath it", "beneath=Those beneath it"));
    }

    @Override
    public boolean isOwn(Map<String, Value> props) {
        return false;
    }

    @Override
    public boolean isGathered() {
        return true;
    }

    @Override
    public boolean hasSomething(Props props) {
        return !beneath(props.scene()).isEmpty()
                || beside(props) && beside(props.scene()).size() > 1;
    }

    private static boolean beside(Props props) {
        return props.text("shows").equals("beside");
    }

    private static List<Page> beneath(Scene scene) {
        return listed(scene, scene.page().id());
    }

    private static List<Page> listed(Scene scene, String parent) {
        return scene.links().pages().beneath(parent).stream()
                .filter(p -> p.id().equals(scene.page().id()) || PageSettings.Listed.AROUND.holds(p))
                .toList();
    }

    /** This page and its siblings; at the top of the plan that is the site's main pages, which stand in its menu. */
    private static List<Page> beside(Scene scene) {
        String parent = scene.page().parent();
        return parent == null ? List.of(scene.page()) : listed(scene, parent);
    }

    @Override
    public void render(Props props, HtmlWriter out) {
        Scene scene = props.scene();
        String parent = scene.page().parent();
        Optional<Page> above =
                beside(props) && parent != null ? scene.links().pages().page(parent) : Optional.of(scene.page());
        out.start("nav", "around")
                .attr(
                        "aria-label",
                        above.map(Page::menuLabel).orElse(scene.page().title()));
        above.ifPresent(p -> {
            out.start("p");
            link(scene, p, out);
            out.end();
        });
        if (beside(props) && parent != null) {
            out.start("ul");
            for (Page page : beside(scene)) {
                boolean here = page.id().equals(scene.page().id());
                out.start("li");
                link(scene, page, out);
                if (here) {
                    list(scene, beneath(scene), out);
                }
                out.end();
            }
            out.end();
        } else {
            list(scene, beneath(scene), out);
        }
        out.end();
    }

    private static void list(Scene scene, List<Page> pages, HtmlWriter out) {
        if (pages.isEmpty()) {
            return;
        }
        out.start("ul");
        for (Page page : pages) {
            out.start("li");
            link(scene, page, out);
            out.end();
        }
        out.end();
    }

    private static void link(Scene scene, Page page, HtmlWriter out) {
        out.start("a").attr("href", scene.links().address(page));
        if (page.id().equals(scene.page().id())) {
            out.attr("aria-current", "page");
        }
        out.text(page.menuLabel()).end();
    }
}
