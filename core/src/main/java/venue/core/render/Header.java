package venue.core.render;

import java.util.Map;
import java.util.Optional;
import venue.core.element.SocialLinks;
import venue.core.html.HtmlWriter;
import venue.core.link.Link;
import venue.core.menu.Menu;
import venue.core.text.Phrase;
import venue.core.theme.Look;
import venue.core.value.Value;
import venue.core.value.Values;

/** Writes the header: who it is, the main menu, and what stands at its end. */
final class Header {

    private final View view;
    private final PageScene scene;
    private final MenuLines menus;
    private final HtmlWriter out;

    Header(View view, PageScene scene, MenuLines menus, HtmlWriter out) {
        this.view = view;
        this.scene = scene;
        this.menus = menus;
        this.out = out;
    }

    void write() {
        Look theme = view.edition().theme();
        out.start("header", "top t-" + theme.text("headerTone")).start("div", "in");
        out.start("a", "name").attr("href", "/");
        new Logo(view, scene, out).write();
        out.end();
        menus.of("main").filter(m -> !menus.leading(m.lines()).isEmpty()).ifPresent(m -> mainMenu(m, theme));
        tools(theme);
        out.end().end();
    }

    /** On narrow screens it opens over the page, and holds the tools too. */
    private void mainMenu(Menu menu, Look theme) {
        out.start("button", "menu-button")
                .attr("type", "button")
                .attr("popovertarget", "menu")
                .text(scene.say(Phrase.MENU))
                .end();
        out.start("nav").attr("id", "menu").attr("aria-label", menu.name()).attr("popover");
        out.start("button", "menu-close")
                .attr("type", "button")
                .attr("popovertarget", "menu")
                .attr("popovertargetaction", "hide")
                .text(scene.say(Phrase.CLOSE))
                .end();
        menus.write(menus.leading(menu.lines()), "");
        tools(theme);
        out.end();
    }

    /** A call to act is there when it has words and leads somewhere that this visitor may open. */
    private void tools(Look theme) {
        Map<String, Value> facts = view.edition().site().facts();
        boolean social = theme.flag("headerSocial") && SocialLinks.any(scene);
        String words = Values.text(facts, "act");
        Optional<String> act = words.isBlank()
                ? Optional.empty()
                : Link.find(Values.text(facts, "actLink")).flatMap(scene::href);
        if (!social && act.isEmpty()) {
            return;
        }
        out.start("div", "tools");
        if (social) {
            SocialLinks.write(scene, out);
        }
        act.ifPresent(to ->
                out.start("a", "button strong").attr("href", to).text(words).end());
        out.end();
    }
}
