package venue.core.render;

import java.util.List;
import java.util.Optional;
import venue.core.element.Pictures;
import venue.core.html.HtmlWriter;
import venue.core.media.Media;
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
    private final MenuLines menus;

    Shell(View view, Page page, PageScene scene, HtmlWriter out) {
        this.view = view;
        this.page = page;
        this.scene = scene;
        this.out = out;
        menus = new MenuLines(view, page, scene, out);
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
        out.start("header", "top t-" + theme.text("headerTone")).start("div", "in");
        out.start("a", "name").attr("href", "/").text(site.name()).end();
        menus.of("main").filter(m -> !menus.leading(m.lines()).isEmpty()).ifPresent(this::mainMenu);
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
        menus.write(menus.leading(menu.lines()), "");
        out.end();
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
            Pictures.write(scene, m, "", Pictures.BAND, out);
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
        new Foot(view, scene, menus, out).write();
    }
}
