package venue.core.show.render;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.value.Values;
import venue.core.body.scene.ShownMenu;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.site.BoundPage;
import venue.core.model.site.SiteIdentity;
import venue.core.model.theme.Look;

/** Writes the footer: who it is, its menu, and the closing line with one of its own. */
final class Foot {

    private final View view;
    private final PageScene scene;
    private final HtmlWriter out;

    Foot(View view, PageScene scene, HtmlWriter out) {
        this.view = view;
        this.scene = scene;
        this.out = out;
    }

    void write() {
        Look theme = scene.look();
        out.start("footer", "foot t-" + theme.text("footerTone")).start("div", "in");
        SectionRenderer sections = new SectionRenderer(view, scene, out);
        if (sections.writeWithin(sections.everywhere("within"))) {
            closing(menu(SiteIdentity.CLOSING_MENU), true);
        } else {
            usual();
        }
        out.end().end();
    }

    /** Who it is, and the footer's menu: where nobody has arranged columns. */
    private void usual() {
        Optional<ShownMenu> menu = menu(SiteIdentity.FOOT_MENU);
        Optional<ShownMenu> closing = menu(SiteIdentity.CLOSING_MENU);
        List<ShownMenu.Line> all = menu.map(ShownMenu::lines).orElse(List.of());
        List<ShownMenu.Line> columns = all.stream()
                .filter(l -> closing.isPresent() || !l.beneath().isEmpty())
                .toList();
        who();
        if (!columns.isEmpty()) {
            nav(menu.orElseThrow().name(), columns, "columns");
        }
        closing(closing.or(() -> menu.map(m -> without(m, columns))), columns.isEmpty() || closing.isPresent());
    }

    private static ShownMenu without(ShownMenu menu, List<ShownMenu.Line> some) {
        return new ShownMenu(
                menu.name(),
                menu.lines().stream().filter(l -> !some.contains(l)).toList());
    }

    private Optional<ShownMenu> menu(String place) {
        return scene.links().menu(Values.text(view.edition().site().facts(), place));
    }

    /** @param landmark whether no other lines of the same menu stand above it */
    private void closing(Optional<ShownMenu> menu, boolean landmark) {
        String words = Values.text(view.edition().site().facts(), "closingWords");
        List<ShownMenu.Line> lines = menu.map(ShownMenu::lines).orElse(List.of());
        List<Page> bound = bound();
        if (words.isBlank() && lines.isEmpty() && bound.isEmpty()) {
            return;
        }
        out.start("div", "closing");
        if (!words.isBlank()) {
            out.element("p", words);
        }
        if (landmark && !lines.isEmpty()) {
            nav(menu.orElseThrow().name(), lines, "");
        } else if (!lines.isEmpty()) {
            ShownMenu.write(lines, 1, "", out);
        }
        for (Page page : bound) {
            out.start("p").start("a").attr("href", view.path(page)).text(page.menuLabel());
            out.end().end();
        }
        out.end();
    }

    /** The pages with a task that every page links to, but for those to which a menu around it leads already. */
    private List<Page> bound() {
        List<String> menus = SiteIdentity.menus(view.edition().site().facts());
        return Stream.of(BoundPage.CONTENTS, BoundPage.PRIVACY)
                .flatMap(task -> view.bound(task).stream())
                .filter(p -> view.edition().inbound().menusTo(p.id()).stream().noneMatch(menus::contains))
                .toList();
    }

    private void who() {
        out.start("div", "who");
        out.start("a", "name")
                .attr("href", "/")
                .text(view.edition().site().name())
                .end();
        scene.words().fact("tagline").ifPresent(t -> out.element("p", t));
        out.end();
    }

    private void nav(String name, List<ShownMenu.Line> some, String classes) {
        out.start("nav").attr("aria-label", name);
        ShownMenu.write(some, classes.isEmpty() ? 1 : Menu.LEVELS, classes, out);
        out.end();
    }
}
