package venue.core.check.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.section;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.item.Hash;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.carry.compose.Compose;
import venue.core.change.edit.gate.GateCommand;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.redirect.RedirectCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.HomeEffects;
import venue.core.model.gate.Audience;
import venue.core.model.gate.Gate;
import venue.core.model.gate.Visitor;
import venue.core.model.media.Media;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;
import venue.core.model.section.Zones;
import venue.core.show.render.PageRenderer;
import venue.core.show.render.View;

class SurveyTest {

    private final Edition site = Sites.small();

    @Test
    void findsWhatDoesNotAgreeAndItsMendsMendIt() {
        Edition lined = Sites.after(site, MenuCommand.placeInMenu("main", "weaving", "l9"));
        Edition broken = Sites.after(lined, PageCommand.withdrawPage("weaving", true));
        assertThat(rules(broken)).contains("home broken-link", "weaving menu-line-nowhere");

        Edition typed = Sites.after(
                        site,
                        ValueCommand.setValue(
                                "home", "home-s1", "e2", "text", Value.of("<p><a href=\"/old\">Old</a></p>")))
                .with(List.of(Redirect.of("/old", Link.toPage("weaving"))), List.of());
        assertThat(rules(typed)).doesNotContain("home broken-link");
        assertThat(rules(Sites.after(typed, PageCommand.withdrawPage("weaving", true))))
                .contains("home broken-link");

        Edition draft = Sites.after(site, make("draft", List.of("main")));
        Finding line = only(draft, "menu-line-waits");
        Edition mended = Sites.after(draft, line.mends().get(0).command());
        assertThat(rules(mended)).doesNotContain("draft menu-line-waits").contains("draft orphan", "draft to-fill");
        Finding orphan = only(mended, "orphan");
        Edition indexed = mended.with(
                List.of(mended.page("home")
                        .orElseThrow()
                        .withTemplate(
                                null,
                                new Zones(Map.of("main", List.of(section("idx", "Contents", part("site-index"))))),
                                List.of())),
                List.of());
        assertThat(rules(indexed)).as("the contents of the site lead to it").doesNotContain("draft orphan");
        assertThat(rules(Sites.after(mended, orphan.mends().get(0).command()))).doesNotContain("draft orphan");

        Edition pale =
                Sites.after(site, ValueCommand.setValue("dusk", null, null, "colourAccent", Value.of("#E8A768")));
        Edition strong =
                Sites.after(site, ValueCommand.setValue("dusk", null, null, "colourWords", Value.of("#C9C4B8")));
        assertThat(rules(strong)).contains("dusk contrast");
        assertThat(rules(Sites.after(
                        strong, only(strong, "contrast").mends().get(0).command())))
                .filteredOn(r -> r.equals("dusk contrast"))
                .hasSizeLessThan(4);
        assertThat(rules(pale)).isNotNull();
    }

    @Test
    void aRedirectThatAPageStandsBeforeIsFoundAndABranchMendsALink() {
        Edition led = Sites.after(site, RedirectCommand.leadOn("/workshops/looms", Link.toPage("home")));
        Survey before = Survey.of(led, led);
        Edition shadowed = Sites.after(led, PageCommand.setSegment("weaving", "looms"));
        Survey after = before.after(shadowed, led, List.of("weaving"));
        assertThat(after.all()).isEqualTo(Survey.of(shadowed, led).all());
        Edition mended = Sites.after(
                shadowed, only(shadowed, "redirect-shadowed").mends().get(0).command());
        assertThat(after.after(mended, led, List.of(Redirect.idOf("/workshops/looms")))
                        .all())
                .extracting(Finding::rule)
                .doesNotContain("redirect-shadowed");
        Edition typed = Sites.after(
                site,
                ValueCommand.setValue("home", "home-s1", "e2", "text", Value.of("<p><a href=\"/old/a\">Old</a></p>")));
        Survey broken = Survey.of(typed, typed);
        assertThat(broken.about("home")).extracting(Finding::rule).contains("broken-link");
        Edition branch = Sites.after(typed, RedirectCommand.leadOn("/old/*", Link.toPage("weaving")));
        assertThat(broken.after(branch, typed, List.of(Redirect.idOf("/old/*"))).about("home"))
                .extracting(Finding::rule)
                .doesNotContain("broken-link");
    }

    @Test
    void whatTheSiteSaysOnEveryPageMustLeadSomewhere() {
        Value notices = new Value.Many(List.of(Map.of("words", Value.of("Come"), "link", Value.of("page:weaving"))));
        Edition said = Sites.after(
                Sites.after(site, ValueCommand.setValue("site", null, null, "actLink", Value.of("page:weaving"))),
                ValueCommand.setValue("site", null, null, "notices", notices));
        assertThat(rules(said)).doesNotContain("weaving said-nowhere");
        Edition gone = Sites.after(said, PageCommand.withdrawPage("weaving", true));
        Edition mended = gone;
        for (Finding finding : Survey.of(gone, site).all().stream()
                .filter(f -> f.rule().equals("said-nowhere"))
                .toList()) {
            assertThat(finding.says()).endsWith("leads to “Weaving”.");
            mended = Sites.after(mended, finding.mends().get(0).command());
        }
        assertThat(rules(mended)).doesNotContain("weaving said-nowhere");
        assertThat(mended.site().facts())
                .doesNotContainKey("actLink")
                .containsEntry("notices", new Value.Many(List.of(Map.of("words", Value.of("Come")))));
    }

    @Test
    void searchTextIsWatched() {
        Edition twins = Sites.after(Sites.after(site, title("home", "The same")), title("weaving", "the SAME"));
        assertThat(rules(twins))
                .contains("home same-search-title", "weaving same-search-title", "home missing-description");
        assertThat(rules(Sites.after(
                        site,
                        ValueCommand.setValue("home", null, null, "searchDescription", Value.of("Seven doors.")))))
                .doesNotContain("home missing-description");
    }

    @Test
    void picturesNeedWordsUnlessTheyDecorate() {
        Media picture = Media.picture("pic", "Loom", new Hash("0".repeat(64)), "jpg", 800, 600, List.of(480, 800));
        Edition shown = Sites.after(
                site.with(List.of(picture), List.of()),
                ValueCommand.setValue("home", null, null, "picture", Value.of("pic")));
        assertThat(rules(shown)).contains("home picture-without-words");
        assertThat(rules(shown.with(List.of(picture.withAlt(null, true)), List.of())))
                .doesNotContain("home picture-without-words");
        Edition behind = site.with(
                List.of(
                        picture,
                        site.require(Page.class, "home")
                                .withZones(new Zones(Map.of(
                                        "main",
                                        List.of(Compose.section("s", "S", Compose.text("<p>Words</p>"))
                                                .with("back", Value.of("picture"))
                                                .with("picture", Value.of("pic"))))))),
                List.of());
        assertThat(rules(behind)).as("behind words").doesNotContain("home picture-without-words");
    }

    @Test
    void aFileThatIsNoPictureNeedsNoWordsForOne() {
        Media guide = Media.file("guide", "A guide", new Hash("ef".repeat(32)), "pdf", 4_000);
        Edition shown = Sites.after(
                site.with(List.of(guide), List.of()),
                ValueCommand.setValue("home", null, null, "picture", Value.of("guide")));
        assertThat(rules(shown)).doesNotContain("home picture-without-words");
    }

    @Test
    void aTemplateThatIsGoneIsToldAndThePageFallsBack() {
        Edition chosen = Sites.after(site, PageCommand.chooseTemplate(List.of("home"), "wide"));
        Edition gone = chosen.with(List.of(), List.of("wide"));
        assertThat(rules(gone)).contains("home template-gone");
        assertThat(gone.worn(gone.home().orElseThrow()).template().id()).isEqualTo("plain");
    }

    @Test
    void aFirstPageWithoutAMenuIsTold() {
        assertThat(rules(site)).doesNotContain("home home-without-menu");
        Edition bare = Sites.after(site, ValueCommand.setValue("plain", null, null, "header", Value.of(false)));
        assertThat(rules(bare)).contains("home home-without-menu").doesNotContain("weaving home-without-menu");
        assertThat(only(bare, "home-without-menu").says())
                .isEqualTo("It wears Plain, which has no header: who comes to / sees no menu there.");
        assertThat(HomeEffects.of(bare, bare, bare.require(Page.class, "weaving")))
                .anyMatch(told -> told.contains("sees no menu"));
    }

    @Test
    void gatesThatDoNotAgreeAreFoundAndMended() {
        Gate crew = new Gate(Audience.of(Set.of("crew")), false);
        Edition grouped = Sites.after(site, GateCommand.makeGroup("crew", "Crew", ""));
        Edition lined = Sites.after(grouped, MenuCommand.placeInMenu("main", "weaving", "l9"));
        Edition closed = Sites.after(lined, GateCommand.setGate(List.of("weaving"), crew));
        assertThat(rules(closed)).contains("home open-to-closed", "weaving menu-line-gate");
        Finding link = only(closed, "open-to-closed");
        assertThat(link.says()).contains("“Weaving”: strangers are asked to sign in there.");
        assertThat(link.mends())
                .as("home is closed with the whole site alone")
                .hasSize(2)
                .allSatisfy(mend -> assertThat(rules(Sites.after(closed, mend.command())))
                        .as(mend.label())
                        .doesNotContain("home open-to-closed"));
        assertThat(said(closed)).doesNotContain("(for members)");
        Edition saying = Sites.after(closed, link.mends().get(0).command());
        assertThat(said(saying)).contains("Weaving (for members)</a>");
        View friend = View.of(saying, Instant.EPOCH, "http://yard", View.Mode.VISITOR)
                .seenBy(Visitor.member(Set.of("friends")));
        assertThat(PageRenderer.render(friend, saying.home().orElseThrow()).html())
                .as("they are a member, and it is not for them")
                .doesNotContain("(for members)");
        assertThat(said(Sites.after(saying, GateCommand.setGate(List.of("weaving"), new Gate(Audience.US, false)))))
                .as("no member may")
                .doesNotContain("(for members)");
        assertThat(GroupsWithoutMembers.in(closed, "crew"::equals)).isEmpty();
        Finding nobody = GroupsWithoutMembers.in(closed, id -> false).get(0);
        assertThat(nobody.item() + nobody.says()).contains("crew", "nobody can open the 1 page");
        assertThat(GroupsWithoutMembers.in(
                        Sites.after(closed, nobody.mends().get(0).command()), id -> false))
                .isEmpty();
        assertThat(rules(Sites.after(
                        closed, only(closed, "menu-line-gate").mends().get(0).command())))
                .doesNotContain("weaving menu-line-gate");
        Edition hidden = Sites.after(closed, GateCommand.setGate(List.of("weaving"), new Gate(crew.audience(), true)));
        assertThat(only(hidden, "open-to-closed").says()).contains("for them there is no link");
        assertThat(Survey.of(closed, site)
                        .after(hidden, site, List.of("weaving"))
                        .all())
                .as("carried on as made anew")
                .isEqualTo(Survey.of(hidden, site).all());

        Edition twice = Sites.after(closed, ValueCommand.setValue("weaving", null, null, "keepOut", Value.of(true)));
        Finding odds = only(twice, "gate-at-odds");
        assertThat(rules(Sites.after(twice, odds.mends().get(0).command()))).doesNotContain("weaving gate-at-odds");
        Edition island = Sites.after(
                Sites.after(lined, GateCommand.setGate(List.of("workshops"), crew)),
                GateCommand.setGate(List.of("weaving"), Gate.OPEN));
        assertThat(only(island, "gate-at-odds").says()).contains("every page above it is closed");
        Edition nobodys = closed.with(List.of(), List.of("crew"));
        assertThat(only(nobodys, "gate-at-odds").says()).contains("nobody may open it");
        Edition shut = Sites.after(lined, GateCommand.setGate(List.of("site"), new Gate(Audience.MEMBERS, false)));
        assertThat(only(shut, "gate-at-odds").item()).isEqualTo("home");
        assertThat(rules(shut)).doesNotContain("home open-to-closed");
    }

    /** What strangers read on the home page. */
    private static String said(Edition edition) {
        View view = View.of(edition, Instant.EPOCH, "http://yard", View.Mode.VISITOR);
        return PageRenderer.render(view, edition.home().orElseThrow()).html();
    }

    private static ValueCommand title(String page, String words) {
        return ValueCommand.setValue(page, null, null, "searchTitle", Value.of(words));
    }

    private static PageCommand make(String id, List<String> menus) {
        return NewPages.one("standard", id, "A draft").inMenus(menus).made();
    }

    private Finding only(Edition working, String rule) {
        return findings(working).stream()
                .filter(f -> f.rule().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    private List<String> rules(Edition working) {
        return findings(working).stream().map(f -> f.item() + " " + f.rule()).toList();
    }

    private List<Finding> findings(Edition working) {
        return Survey.of(working, site).all();
    }
}
