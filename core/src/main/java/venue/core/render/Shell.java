package venue.core.render;

import java.util.List;
import java.util.Optional;
import venue.core.element.Pictures;
import venue.core.html.HtmlWriter;
import venue.core.link.Link;
import venue.core.media.Media;
import venue.core.menu.Line;
import venue.core.menu.Menu;
import venue.core.page.Page;
import venue.core.property.UsualFields;
import venue.core.site.Site;
import venue.core.template.Template;
import venue.core.text.Phrase;
import venue.core.theme.Look;
import venue.core.value.Window;

/** Writes what a frame keeps around the zones: notice strip, header, title band and footer. */
final class Shell {

    private final View view;
    private final Page page;
    private final PageScene scene;
    private final HtmlWriter out;

    Shell(View view, Page page, PageScene scene, HtmlWriter out) {
        this.view = view;
        this.page = page;
        this.scene = scene;
        this.out = out;
    }

    void top(Template template) {
        out.start("a", "skip").attr("href", "#main").text(say(Phrase.SKIP)).end();
        if (template.shows("notice")) {
            notice();
        }
        if (template.shows("header")) {
            header();
        }
    }

    private String say(Phrase phrase) {
        return scene.say(phrase);
    }

    private void notice() {
        Look theme = view.edition().theme();
        boolean over =
                Window.until(theme.text("noticeUntil")).isOver(view.localTime().toString());
        if (theme.flag("noticeShown") && !theme.text("noticeWords").isBlank() && !over) {
            out.start("aside", "notice t-deep").attr("aria-label", say(Phrase.NOTICE));
            out.start("div", "in").text(theme.text("noticeWords")).end();
            out.end();
        }
    }

    private void header() {
        Site site = view.edition().site();
        Look theme = view.edition().theme();
        String shape = theme.text("headerShape").equals("stacked") ? " stacked" : "";
        out.start("header", "top t-" + theme.text("headerTone") + shape).start("div", "in");
        out.start("a", "name").attr("href", "/").text(site.name()).end();
        menu("main").filter(m -> !lines(m.lines()).isEmpty()).ifPresent(this::mainMenu);
        out.end().end();
    }

    private void mainMenu(Menu menu) {
        out.start("button", "menu-button")
                .attr("type", "button")
                .attr("popovertarget", "menu")
                .text(say(Phrase.MENU))
                .end();
        out.start("nav").attr("id", "menu").attr("aria-label", menu.name()).attr("popover");
        out.start("button", "menu-close")
                .attr("type", "button")
                .attr("popovertarget", "menu")
                .attr("popovertargetaction", "hide")
                .text(say(Phrase.CLOSE))
                .end();
        list(menu.lines());
        out.end();
    }

    private void list(List<Line> lines) {
        out.start("ul");
        for (Line line : lines(lines)) {
            out.start("li").start("a").attr("href", scene.href(line.link()).orElse("/"));
            if (isHere(line.link())) {
                out.attr(
                        "aria-current",
                        line.link().pageId().filter(page.id()::equals).isPresent() ? "page" : "true");
            }
            out.text(line.words(view.edition()::page)).end();
            if (!lines(line.beneath()).isEmpty()) {
                list(line.beneath());
            }
            out.end();
        }
        out.end();
    }

    /** The lines that lead somewhere this visitor may go. */
    private List<Line> lines(List<Line> all) {
        return all.stream().filter(l -> scene.href(l.link()).isPresent()).toList();
    }

    private boolean isHere(Link link) {
        return link.pageId()
                .filter(id -> id.equals(page.id())
                        || view.edition().plan().ancestors(page.id()).contains(id))
                .isPresent();
    }

    private Optional<Menu> menu(String place) {
        return view.edition().menus().stream()
                .filter(m -> m.place().equals(place))
                .findFirst();
    }

    /** The title band with breadcrumb and h1; nothing when the frame has none. */
    void band(Template template) {
        if (template.band().equals("none")) {
            return;
        }
        Optional<Media> picture = template.band().equals("picture")
                ? scene.media(view.edition().words(page, UsualFields.PICTURE))
                : Optional.empty();
        String tone = picture.isPresent() ? "deep" : view.edition().theme().text("bandTone");
        out.start("div", picture.isPresent() ? "band pictured v4 t-" + tone : "band t-" + tone);
        picture.ifPresent(m -> {
            out.start("div", "back");
            Pictures.write(scene, m, "", Pictures.EDGES, out);
            out.end();
        });
        out.start("div", "in");
        breadcrumb();
        if (view.isMarked()) {
            out.mark("data-s", "title");
        }
        out.element("h1", page.title());
        out.end().end();
    }

    private void breadcrumb() {
        List<Page> above = view.edition().plan().ancestors(page.id()).stream()
                .map(view.edition()::page)
                .flatMap(Optional::stream)
                .toList();
        if (above.isEmpty() || !view.edition().theme().flag("breadcrumb")) {
            return;
        }
        out.start("nav", "crumbs").attr("aria-label", say(Phrase.BREADCRUMB)).start("ol");
        for (int i = above.size() - 1; i >= 0; i--) {
            out.start("li")
                    .start("a")
                    .attr("href", view.path(above.get(i)))
                    .text(above.get(i).menuLabel())
                    .end()
                    .end();
        }
        out.end().end();
    }

    void footer() {
        Look theme = view.edition().theme();
        out.start("footer", "foot t-" + theme.text("footerTone")).start("div", "in");
        out.start("a", "name")
                .attr("href", "/")
                .text(view.edition().site().name())
                .end();
        menu("foot").filter(m -> !lines(m.lines()).isEmpty()).ifPresent(m -> {
            out.start("nav").attr("aria-label", m.name());
            list(m.lines());
            out.end();
        });
        String words = theme.text("footerWords");
        if (!words.isBlank()) {
            out.element("p", words);
        }
        out.end().end();
    }
}
