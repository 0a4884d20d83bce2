package venue.core.model.menu;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.change.edit.page.NewPage;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Branch;
import venue.core.edition.edition.Edition;
import venue.core.edition.usage.MenuUse;
import venue.core.model.page.Page;
import venue.core.model.property.Property;
import venue.core.model.section.Element;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

class MenuTest {

    private final Menu menu = new Menu("main", "Main", List.of(line("visit"), line("news")));

    private static Line line(String page) {
        return Line.toPage("l-" + page, page);
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
    void pagesStandBeneathTheirsThreeLevelsDeepAndThenAtTheEnd() {
        Edition site = Sites.after(Sites.small(), MenuCommand.placeInMenu("main", "weaving", "l2"));
        Edition deeper = Sites.after(
                site,
                NewPages.of("standard", List.of(new NewPage("wool", "Wool"), new NewPage("silk", "Silk")))
                        .beneath("weaving")
                        .inMenus(List.of("main"))
                        .made());
        Menu main = deeper.require(Menu.class, "main");
        Line wool = main.lineTo("wool").orElseThrow();
        assertThat(main.above(wool.id()).map(Line::id)).contains("l2");
        assertThat(main.level(wool.id())).isEqualTo(Menu.LEVELS);
        assertThat(main.withPage("dye", "wool", "l9").above("l9")).isEmpty();
        assertThat(Sites.after(deeper, PageCommand.removePage("workshops"))
                        .require(Menu.class, "main")
                        .all()
                        .flatMap(l -> l.pageId().stream()))
                .doesNotContain("weaving", "workshops");
    }

    private static Line to(String id, String target, String label, Line... beneath) {
        return new Line(id, target.isEmpty() ? null : new Link(target), label, 0, Map.of(), List.of(beneath));
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
        refuses("too-deep", to("a", "/w", "W", to("b", "/x", "X", to("c", "/y", "Y", to("d", "/z", "Z")))));
        refuses("too-deep", following("a", "page:home", 3));
        refuses(
                "too-deep",
                to("b", "/x", "X", following("a", "page:home", 2))
                        .withBeneath(List.of(following("a", "page:home", 3))));
        refuses("follows-nothing", following("a", "/x", 1));
        refuses("line-unnamed", to("a", "", " "));
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
        assertThat(main.goneAlong("weaving", "workshops"))
                .as("it stands so already")
                .isEmpty();
        assertThat(main.goneAlong("workshops", "home")).as("there is room").isPresent();
        Menu full = main.change("l2", l -> l.withBeneath(List.of(line("wool"))));
        assertThat(full.goneAlong("workshops", "home")).as("a fourth level").isEmpty();
        Edition stays = Sites.after(site, PageCommand.movePage("weaving", "home", null));
        assertThat(stays.require(Menu.class, "main")).isEqualTo(main);
        Edition along = Sites.after(site, PageCommand.movePage("weaving", "home", null, List.of("main")));
        assertThat(along.require(Menu.class, "main").above("l2").map(Line::id)).contains("v");
        assertThat(along.require(Menu.class, "main").lineTo("weaving").map(Line::label))
                .contains("Looms");
    }

    private static Line following(String id, String target, int levels) {
        return new Line(id, new Link(target), "F", levels, Map.of(), List.of());
    }

    @Test
    void aLineThatFollowsItsBranchHasWhatStandsThereInTheOrderOfThePlan() {
        Edition site =
                Sites.after(Sites.small(), MenuCommand.setLines("main", List.of(following("l1", "page:workshops", 1))));
        Line line = site.require(Menu.class, "main").lines().get(0);
        assertThat(Branch.beneath(site, line)).extracting(Line::id).containsExactly("weaving");
        assertThat(Branch.menus(site, "weaving")).containsExactly("main");
        assertThat(Branch.menus(site, "workshops"))
                .as("it has a line of its own")
                .isEmpty();
        assertThatThrownBy(() -> Sites.after(site, MenuCommand.placeInMenu("main", "weaving", "l3")))
                .hasMessageContaining("by itself");

        Edition more = Sites.after(
                site,
                NewPages.one("standard", "felt", "Felt")
                        .beneath("workshops")
                        .inMenus(List.of("main"))
                        .made());
        Menu main = more.require(Menu.class, "main");
        assertThat(main.all()).as("no line of its own is made").hasSize(1);
        assertThat(Branch.beneath(more, main.lines().get(0)))
                .extracting(Line::id)
                .containsExactly("weaving", "felt");
        Edition moved = Sites.after(more, PageCommand.movePage("felt", "weaving", null));
        assertThat(Branch.menus(moved, "felt")).as("a level too deep").isEmpty();
    }

    @Test
    void menusAreMadeShownNamedAndRemoved() {
        Edition made = Sites.after(
                Sites.after(Sites.small(), MenuCommand.makeMenu("side", "Visit")),
                ValueCommand.setValue("site", null, null, "closingMenu", Value.of("side")));
        assertThat(MenuUse.places(made, "side")).extracting(Property::key).containsExactly("closingMenu");
        assertThatThrownBy(() -> Sites.after(made, MenuCommand.makeMenu("other", "visit")))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("name-taken"));
        Page home = made.home().orElseThrow();
        Section with = home.zones()
                .all()
                .findFirst()
                .orElseThrow()
                .mapElements(e -> new Element(e.id(), "menu", Map.of("menu", Value.of("side"))));
        Edition shown = made.with(List.of(home.withBody(new Zones(Map.of("main", List.of(with))))), List.of());
        assertThatThrownBy(() -> Sites.after(shown, MenuCommand.removeMenu("side")))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("menu-shown"))
                .hasMessageContaining(home.title());
        Edition gone = Sites.after(made, MenuCommand.removeMenu("side"));
        assertThat(gone.site().facts()).doesNotContainKey("closingMenu");
        assertThat(gone.find("side")).isEmpty();
    }
}
