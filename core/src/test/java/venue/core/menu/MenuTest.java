package venue.core.menu;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.edit.menu.MenuCommand;
import venue.core.edit.page.NewPage;
import venue.core.edit.page.PageCommand;
import venue.core.edition.Edition;
import venue.core.fault.Refusal;
import venue.core.link.Link;

class MenuTest {

    private final Menu menu = new Menu("main", "Main", "main", List.of(line("visit"), line("news")));

    private static Line line(String page) {
        return new Line("l-" + page, Link.toPage(page), null, List.of());
    }

    @Test
    void linesAreReadEachBeforeTheOnesBeneathIt() {
        Menu deep = menu.insert("l-visit", 0, line("groups")).insert("l-visit", 0, line("times"));
        assertThat(deep.all().map(Line::id)).containsExactly("l-visit", "l-times", "l-groups", "l-news");
        assertThat(deep.above("l-groups").map(Line::id)).contains("l-visit");
        assertThat(deep.above("l-news")).isEmpty();
    }

    @Test
    void aPlaceBeyondTheEndIsTheEnd() {
        assertThat(menu.insert(null, 99, line("people")).lines())
                .extracting(Line::id)
                .endsWith("l-people");
        assertThat(menu.insert(null, -3, line("people")).lines())
                .extracting(Line::id)
                .startsWith("l-people");
    }

    @Test
    void aLabelIsTheLinesOwnAndNothingElseChanges() {
        Menu labelled = menu.change("l-news", l -> l.withLabel("What is new"));
        assertThat(labelled.lines().get(1).label()).isEqualTo("What is new");
        assertThat(labelled.lines().get(0)).isEqualTo(menu.lines().get(0));
        assertThatThrownBy(() -> menu.change("l-none", l -> l)).isInstanceOf(Refusal.class);
        assertThatThrownBy(() -> menu.remove("l-none")).hasMessageContaining("l-none");
    }

    @Test
    void aPageStandsBeneathItsParentsLineAndOnceOnly() {
        Edition site = Sites.after(Sites.small(), MenuCommand.placeInMenu("main", "weaving", "l2"));
        Menu main = site.require(Menu.class, "main");
        assertThat(main.above("l2").map(Line::id)).contains("l1");
        assertThatThrownBy(() -> Sites.after(site, MenuCommand.placeInMenu("main", "weaving", "l3")))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("in-menu"));
        Edition out = Sites.after(site, MenuCommand.removeFromMenu("main", "weaving"));
        assertThat(out.require(Menu.class, "main")).isEqualTo(Sites.small().require(Menu.class, "main"));
        assertThatThrownBy(() -> Sites.after(out, MenuCommand.removeFromMenu("main", "weaving")))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("not-in-menu"));
    }

    @Test
    void theThirdLevelStandsOnTheSecond() {
        Edition site = Sites.after(Sites.small(), MenuCommand.placeInMenu("main", "weaving", "l2"));
        Edition deeper = Sites.after(
                site,
                PageCommand.makePages(
                        "weaving",
                        null,
                        "standard",
                        null,
                        List.of(new NewPage("wool", "Wool")),
                        null,
                        List.of("main"),
                        java.util.Map.of()));
        Menu main = deeper.require(Menu.class, "main");
        assertThat(main.lineTo("wool")).isPresent();
        assertThat(main.lines().stream().flatMap(l -> l.beneath().stream()))
                .allMatch(l -> l.beneath().isEmpty());
        assertThat(Sites.after(deeper, PageCommand.removePage("workshops"))
                        .require(Menu.class, "main")
                        .all()
                        .flatMap(l -> l.link().pageId().stream()))
                .doesNotContain("weaving", "workshops");
    }

    private static Line to(String id, String target, String label, Line... beneath) {
        return new Line(id, new Link(target), label, List.of(beneath));
    }

    private static void refuses(String code, Line... lines) {
        assertThatThrownBy(() -> Sites.after(Sites.small(), MenuCommand.setLines("main", List.of(lines))))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo(code));
    }

    @Test
    void linesArePutInOrderNamedAndLedOutside() {
        Edition site = Sites.after(
                Sites.small(),
                MenuCommand.setLines(
                        "main",
                        List.of(
                                to("out", "https://tickets.example/", "  Tickets  "),
                                to("l1", "page:workshops", " ", to("l2", "page:weaving", "Looms")))));
        Menu main = site.require(Menu.class, "main");
        assertThat(main.all().map(Line::label)).containsExactly("Tickets", null, "Looms");
        assertThat(main.lines().get(1).words(site::page)).isEqualTo("Workshops");
        assertThat(main.lines().get(0).words(site::page)).isEqualTo("Tickets");
    }

    @Test
    void linesThatCantStandAreRefused() {
        refuses("line-unnamed", to("a", "https://tickets.example/", null));
        refuses("line-twice", to("a", "page:home", null), to("a", "page:weaving", null));
        refuses("too-deep", to("a", "page:home", null, to("b", "/x", "X", to("c", "/y", "Y"))));
        refuses("label-too-long", to("a", "page:home", "x".repeat(81)));
        refuses("unknown-page", to("a", "page:nowhere", null));
        refuses("bad-id", to("A b", "page:home", null));
    }

    @Test
    void aLineGoesAlongWithItsPageWhereThatIsAskedFor() {
        Edition site = Sites.after(
                Sites.small(),
                MenuCommand.setLines(
                        "main",
                        List.of(
                                to("l1", "page:workshops", null, to("l2", "page:weaving", "Looms")),
                                to("v", "page:home", null))));
        Menu main = site.require(Menu.class, "main");
        assertThat(main.followed("weaving", "workshops"))
                .as("it stands so already")
                .isEmpty();
        assertThat(main.followed("workshops", "home")).as("a third level").isEmpty();
        Edition stays = Sites.after(site, PageCommand.movePage("weaving", "home", null));
        assertThat(stays.require(Menu.class, "main")).isEqualTo(main);
        Edition along = Sites.after(site, PageCommand.movePage("weaving", "home", null, List.of("main")));
        assertThat(along.require(Menu.class, "main").above("l2").map(Line::id)).contains("v");
        assertThat(along.require(Menu.class, "main").lineTo("weaving").map(Line::label))
                .contains("Looms");
    }
}
