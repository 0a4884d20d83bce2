package venue.core.change.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.change.edit.kind.KindCommand;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;

class CommandsTest {

    private final Edition site = Sites.small();

    @Test
    void aNewPageBringsItsTemplatesStartersAndItsMenuLine() {
        Edition after = Sites.after(site, make("workshops", "Dyeing", List.of("main")));
        Page page = after.require(Page.class, "new");
        assertThat(after.plan().address("new")).isEqualTo("/workshops/dyeing");
        assertThat(after.facts(page).places()).hasSize(2);
        assertThat(page.zones().all().findFirst().orElseThrow().origin()).isNotNull();
        assertThat(after.require(Menu.class, "main").lines().get(0).beneath()).hasSize(1);
    }

    @Test
    void aSecondPageOfTheSameNameIsNumbered() {
        Edition after = Sites.after(site, make("workshops", "Weaving", List.of()));
        assertThat(after.plan().address("new")).isEqualTo("/workshops/weaving-2");
    }

    @Test
    void whatBreaksARuleIsRefusedByNameAndNothingChanges() {
        refuses("title-empty", make(null, "   ", List.of()));
        refuses("title-empty", make(null, "\u200b\u3164\u202e", List.of()));
        refuses("title-too-long", make(null, "x".repeat(5000), List.of()));
        refuses("unknown-page", make("nowhere", "A", List.of()));
        refuses("beneath-itself", PageCommand.movePage("workshops", "weaving", null));
        refuses("beneath-itself", PageCommand.movePage("workshops", "workshops", null));
        refuses("segment-taken", PageCommand.setSegment("home", "workshops"));
        refuses("reserved-segment", PageCommand.setSegment("home", "api"));
        refuses("home-stays", PageCommand.removePage("home"));
        refuses("home-stays", PageCommand.withdrawPage("home", true));
        refuses("unknown-zone", SectionCommand.placeSection("home", "side", 0, "x", null, null, List.of(12)));
        refuses("bad-columns", SectionCommand.placeSection("home", "main", 0, "x", null, null, List.of(4, 4)));
        refuses("unknown-property", set("home-s1", "e1", "colour", Value.of("red")));
        refuses("wrong-value", set("home-s1", null, "tone", Value.of("pink")));
        refuses("out-of-range", set("home-s1", null, "veil", Value.of(200)));
        refuses("unknown-media", set("home-s1", null, "picture", Value.of("nothing")));
        refuses("unknown-media", logos(Map.of("picture", Value.of("nothing"))));
        refuses("unknown-page", logos(Map.of("link", Value.of("page:nowhere"))));
        refuses("unknown-section", set("gone", "e1", "text", Value.of("x")));
        refuses("template-not-allowed", PageCommand.chooseTemplate(List.of("home"), "landing"));
        refuses("wrong-value", ValueCommand.setValue("dusk", null, null, "colourAccent", Value.of("ember")));
    }

    private static Command logos(Map<String, Value> one) {
        return SectionCommand.placeElement(
                "home", "home-s1", "c1", 0, "p1", "logos", Map.of("logos", new Value.Many(List.of(one))));
    }

    @Test
    void textIsCleanedOnTheWayIn() {
        Edition after =
                Sites.after(site, set("home-s1", "e2", "text", Value.of("<p onclick=x>a<script>b</script></p>")));
        Value text = after.require(Page.class, "home")
                .zones()
                .require("home-s1")
                .section()
                .element("e2")
                .orElseThrow()
                .props()
                .get("text");
        assertThat(text).isEqualTo(Value.of("<p>a</p>"));
    }

    @Test
    void removingAPageTakesWhatIsBeneathAndItsMenuLine() {
        Edition after = Sites.after(site, PageCommand.removePage("workshops"));
        assertThat(after.page("weaving")).isEmpty();
        assertThat(after.require(Menu.class, "main").lines()).isEmpty();
    }

    @Test
    void sectionsWithoutAZoneWaitOnTheShelfAndComeBack() {
        Edition beside = Sites.after(site, PageCommand.chooseTemplate(List.of("weaving"), "side-column"));
        Edition moved = Sites.after(beside, SectionCommand.moveSection("weaving", "weaving-s1", "side", 0));
        Edition plain = Sites.after(moved, PageCommand.chooseTemplate(List.of("weaving"), "plain"));
        assertThat(plain.require(Page.class, "weaving").shelf()).hasSize(1);
        Edition back = Sites.after(plain, PageCommand.chooseTemplate(List.of("weaving"), "side-column"));
        assertThat(back.require(Page.class, "weaving")).isEqualTo(moved.require(Page.class, "weaving"));
    }

    @Property(tries = 200)
    void swappingTemplatesLosesNoContentAndTheWayBackLeadsBack(@ForAll long seed) {
        Random chance = new Random(seed);
        List<String> templates =
                site.all(Template.class).map(Template::id).sorted().toList();
        String first = templates.get(chance.nextInt(templates.size()));
        Edition edition = Sites.after(
                Sites.after(site, KindCommand.setKindTemplates("standard", "plain", null)),
                PageCommand.chooseTemplate(List.of("weaving"), first));
        List<Zone> zones = edition.require(Template.class, first).zones();
        for (int i = 0; i < 5; i++) {
            String zone = zones.get(chance.nextInt(zones.size())).key();
            edition = Sites.after(
                    edition, SectionCommand.placeSection("weaving", zone, 0, "n" + i, null, null, List.of(12)));
        }
        Page before = edition.require(Page.class, "weaving");
        for (int i = 0; i < 4; i++) {
            String template = templates.get(chance.nextInt(templates.size()));
            edition = Sites.after(edition, PageCommand.chooseTemplate(List.of("weaving"), template));
            Page page = edition.require(Page.class, "weaving");
            assertThat(java.util.stream.Stream.concat(page.zones().all(), page.shelf().stream())
                            .map(s -> s.withShelvedFrom(null)))
                    .containsExactlyInAnyOrderElementsOf(before.zones().all().toList());
        }
        String other = templates.get(chance.nextInt(templates.size()));
        Edition there = Sites.after(
                edition.with(List.of(before), List.of()), PageCommand.chooseTemplate(List.of("weaving"), other));
        Edition back = Sites.after(there, PageCommand.chooseTemplate(List.of("weaving"), first));
        Page again = back.require(Page.class, "weaving");
        assertThat(again.shelf()).isEmpty();
        assertThat(again.zones().all())
                .containsExactlyInAnyOrderElementsOf(before.zones().all().toList());
    }

    @Property(tries = 200)
    void movingPagesAboutKeepsThemAllAndTheirAddressesApart(@ForAll long seed) {
        Random chance = new Random(seed);
        Edition edition = site;
        for (int i = 0; i < 12; i++) {
            edition = Sites.after(
                    edition,
                    NewPages.one("standard", "p" + i, "Page " + chance.nextInt(3))
                            .beneath(pick(chance, edition))
                            .made());
        }
        for (int i = 0; i < 40; i++) {
            try {
                edition = Sites.after(
                        edition, PageCommand.movePage("p" + chance.nextInt(12), pick(chance, edition), null));
            } catch (Refusal refused) {
                assertThat(refused.code()).isIn("beneath-itself", "segment-taken");
            }
        }
        Edition moved = edition;
        assertThat(moved.plan().inOrder().toList()).hasSize(15).doesNotHaveDuplicates();
        assertThat(moved.plan().inOrder().map(moved.plan()::address)).doesNotHaveDuplicates();
    }

    private static String pick(Random chance, Edition edition) {
        List<String> ids = edition.plan().inOrder().toList();
        return ids.get(chance.nextInt(ids.size()));
    }

    private static PageCommand make(String parent, String title, List<String> menus) {
        return NewPages.one("standard", "new", title)
                .beneath(parent)
                .inMenus(menus)
                .made();
    }

    private static ValueCommand set(String section, String element, String key, Value value) {
        return ValueCommand.setValue("home", section, element, key, value);
    }

    private void refuses(String code, Command command) {
        assertThatThrownBy(() -> command.on(Sites.desk(site))).isInstanceOfSatisfying(Refusal.class, r -> {
            assertThat(r.code()).isEqualTo(code);
            assertThat(r.fix()).isNotBlank();
        });
    }
}
