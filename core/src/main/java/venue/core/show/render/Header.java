package venue.core.show.render;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import venue.core.basics.html.HtmlWriter;
import venue.core.basics.link.Link;
import venue.core.basics.link.Way;
import venue.core.basics.text.Phrase;
import venue.core.basics.value.Value;
import venue.core.basics.value.Values;
import venue.core.body.element.SocialLinks;
import venue.core.body.form.FormNames;
import venue.core.body.scene.Guest;
import venue.core.body.scene.ShownMenu;
import venue.core.body.search.Found;
import venue.core.model.menu.Menu;
import venue.core.model.site.SiteIdentity;
import venue.core.model.theme.Look;
import venue.core.show.filling.Wares;

/** Writes the header: who it is, the main menu, and what stands at its end. */
final class Header {

    /** More lines than this beneath one stand in a broad panel. */
    private static final int LONG = 8;

    /** So many letters of menu and call to act stand easily beside a name in a window of 1280 pixels. */
    private static final int EASY = 96;

    /** What a line, and a button, takes besides its words, in letters. */
    private static final int AROUND_LINE = 3;

    private static final int AROUND_BUTTON = 6;

    /** The least veil over a picture, in percent, as the stylesheet has it. */
    private static final int LIGHT = 30;

    private final View view;
    private final PageScene scene;
    private final HtmlWriter out;

    Header(View view, PageScene scene, HtmlWriter out) {
        this.view = view;
        this.scene = scene;
        this.out = out;
    }

    void write() {
        Look theme = scene.look();
        Optional<ShownMenu> menu =
                scene.links().menu(Values.text(view.edition().site().facts(), SiteIdentity.HEADER_MENU));
        out.start("header", "top " + ground(theme) + (isTight(menu) ? " tight" : ""))
                .start("div", "in");
        out.start("a", "name").attr("href", "/");
        new Logo(view, scene, out).write();
        out.end();
        menu.ifPresent(m -> mainMenu(m, theme));
        tools(theme);
        out.end().end();
    }

    /** A ground of its own, or that of the picture which it lies over, with a veil that lets its words be read. */
    private String ground(Look theme) {
        PageOpening beneath = scene.beginning;
        return beneath.tone()
                .map(tone -> "upon t-" + tone + veil(beneath.veil()))
                .orElseGet(() -> "t-" + theme.text("headerTone"));
    }

    private String veil(int percent) {
        return percent > LIGHT ? " " + scene.needs().rules().rule("", "--scrim:" + percent + "%") : "";
    }

    /** Whether the menu's lines stand closer, so that more of them fit beside the name. */
    private boolean isTight(Optional<ShownMenu> menu) {
        String act = Values.text(view.edition().site().facts(), "act");
        int letters = act.isBlank() ? 0 : act.length() + AROUND_BUTTON;
        for (ShownMenu.Line line : menu.map(ShownMenu::lines).orElse(List.of())) {
            letters += line.words().length() + AROUND_LINE;
        }
        return letters > EASY;
    }

    /** On narrow screens it opens over the page, and holds the tools too. */
    private void mainMenu(ShownMenu menu, Look theme) {
        out.start("button", "menu-button")
                .attr("type", "button")
                .attr("popovertarget", "menu")
                .text(scene.words().say(Phrase.MENU))
                .end();
        out.start("nav").attr("id", "menu").attr("aria-label", menu.name()).attr("popover");
        out.start("button", "menu-close")
                .attr("type", "button")
                .attr("popovertarget", "menu")
                .attr("popovertargetaction", "hide")
                .text(scene.words().say(Phrase.CLOSE))
                .end();
        lines(menu.lines(), theme.text("menuBeneath"));
        tools(theme);
        out.end();
        if (menu.lines().stream().anyMatch(l -> !l.beneath().isEmpty())) {
            out.start("script").attr("src", Head.MENU).attr("defer").end();
        }
    }

    /** Those with others beneath them have a sign that opens these, by pointer, touch or key, with or without a script. */
    private void lines(List<ShownMenu.Line> lines, String how) {
        out.start("ul");
        for (ShownMenu.Line line : lines) {
            if (line.beneath().isEmpty()) {
                out.start("li");
                line.write(out);
            } else {
                more(line, how);
            }
            out.end();
        }
        out.end();
    }

    private void more(ShownMenu.Line line, String how) {
        boolean many = line.beneath().size() > LONG
                || line.beneath().stream().anyMatch(b -> !b.beneath().isEmpty());
        out.start("li", how.equals("panel") || how.equals("fitting") && many ? "more broad" : "more");
        if (line.href() != null) {
            line.write(out);
        }
        out.start("details").attr("name", "menu").start("summary");
        if (line.href() == null) {
            out.text(line.words());
        } else {
            out.start("span", "unseen")
                    .text(scene.words().say(Phrase.MORE) + ": " + line.words())
                    .end();
        }
        out.end();
        ShownMenu.write(line.beneath(), Menu.LEVELS - 1, "", out);
        out.end();
    }

    private void search(String address, String how) {
        String say = scene.words().say(Phrase.SEARCH);
        if (how.equals("link")) {
            out.start("a", "find").attr("href", address).text(say).end();
            return;
        }
        out.start("form", "find")
                .attr("method", "get")
                .attr("action", scene.gathered().search().address())
                .attr("role", "search");
        out.empty("input")
                .attr("type", "search")
                .attr("name", Found.WORDS)
                .attr("maxlength", 200)
                .attr("aria-label", say)
                .attr("placeholder", say);
        out.end();
    }

    /** Where strangers sign in; a member's own page, with how many pages are new to them. */
    private void members(Guest guest) {
        out.start("a", "find").attr("href", view.facts().server() + (guest.isMember() ? "/-/my-page" : "/-/sign-in"));
        out.text(scene.words().say(guest.isMember() ? Phrase.MY_PAGE : Phrase.SIGN_IN));
        if (guest.news() > 0) {
            out.text(" ").element("b", String.valueOf(guest.news()));
        }
        out.end();
    }

    /** How the basket is shown; empty where it isn't, or nothing can be ordered. */
    private String basket(Map<String, Value> facts) {
        boolean ordered = scene.forms().isHere()
                && Wares.ordering(view.edition()).filter(view::shows).isPresent();
        return ordered ? Values.text(facts, SiteIdentity.BASKET).replace(SiteIdentity.NO_BASKET, "") : "";
    }

    /** How many were taken along is known to the browser alone: a script of ours tells it. */
    private void basketTool(String how) {
        scene.needs().needBasket();
        out.start("a", "find").attr("href", FormNames.BASKET).attr("data-basket", how);
        out.text(scene.words().say(Phrase.BASKET)).end();
    }

    /** A call to act is there when it has words and leads somewhere that this visitor may open. */
    private void tools(Look theme) {
        Map<String, Value> facts = view.edition().site().facts();
        boolean social = theme.flag("headerSocial") && SocialLinks.any(scene);
        String words = Values.text(facts, "act");
        Optional<Way> act = words.isBlank()
                ? Optional.empty()
                : Link.find(Values.text(facts, "actLink")).flatMap(scene.links()::way);
        boolean switches = theme.flag("byNight") && theme.flag("nightSwitch");
        Optional<String> search = theme.text("headerSearch").equals("none")
                ? Optional.empty()
                : scene.gathered().search().named();
        boolean members = Values.flag(facts, SiteIdentity.HEADER_MEMBERS)
                && (scene.forms().isHere() || !view.facts().server().isEmpty());
        String basket = basket(facts);
        if (!social && act.isEmpty() && !switches && search.isEmpty() && !members && basket.isEmpty()) {
            return;
        }
        out.start("div", "tools");
        search.ifPresent(at -> search(at, theme.text("headerSearch")));
        if (members) {
            members(scene.guest());
        }
        if (!basket.isEmpty()) {
            basketTool(basket);
        }
        if (switches) {
            out.start("button", "scheme").attr("type", "button").attr("hidden");
            out.attr("aria-label", scene.words().say(Phrase.DARK)).text("◐").end();
        }
        if (social) {
            SocialLinks.write(scene, out);
        }
        act.ifPresent(to -> out.start(to, "button strong").text(words).end(to));
        out.end();
    }
}
