package venue.core.change.edit.template;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.kind.KindCommand;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Worn;
import venue.core.model.kind.Kind;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.template.Template;
import venue.core.model.template.Zone;
import venue.core.model.template.ZoneRole;

/** Templates made, named, zoned, fixed, retired and removed. */
class TemplateCommandsTest {

    private final Edition site = Sites.small();

    private static Template template(Edition site, String id) {
        return site.require(Template.class, id);
    }

    private void refused(String code, Command command) {
        assertThatThrownBy(() -> Sites.after(site, command)).isInstanceOfSatisfying(Refusal.class, r -> {
            assertThat(r.code()).isEqualTo(code);
            assertThat(r.fix()).isNotBlank();
        });
    }

    private static WantedZone zone(String key, String name, ZoneRole role) {
        return new WantedZone(key, name, role, List.of());
    }

    @Test
    void aCopyIsTheSameUnderAnotherNameAndForTheSameKinds() {
        Edition copied = Sites.after(site, new MakeTemplate("ours", "  Our own ", "landing", null));
        Template ours = template(copied, "ours");
        assertThat(ours.name()).isEqualTo("Our own");
        assertThat(ours.zones()).isEqualTo(template(site, "landing").zones());
        assertThat(ours.frame()).isEqualTo(template(site, "landing").frame());
        copied.all(Kind.class)
                .forEach(k -> assertThat(k.mayWear("ours")).as(k.name()).isEqualTo(k.mayWear("landing")));
        refused("name-taken", new MakeTemplate("ours", "LANDING", null, null));
        refused("bad-name", new MakeTemplate("ours", "   ", null, null));
        refused("bad-name", new MakeTemplate("ours", "x".repeat(61), null, null));
        refused("unknown-template", new MakeTemplate("ours", "Ours", "nope", null));
        refused("id-taken", new MakeTemplate("plain", "Ours", null, null));
    }

    @Test
    void aPagesSectionsBecomeStarterSections() {
        Edition made = Sites.after(site, new MakeTemplate("ours", "Ours", null, "weaving"));
        Zone main = template(made, "ours").zone("main").orElseThrow();
        assertThat(main.starters()).singleElement().satisfies(s -> {
            assertThat(s.origin()).isNull();
            assertThat(s.columns())
                    .isEqualTo(site.require(Page.class, "weaving")
                            .body()
                            .require("weaving-s1")
                            .section()
                            .columns());
        });
        assertThat(made.require(Page.class, "weaving")).isEqualTo(site.require(Page.class, "weaving"));
    }

    @Test
    void zonesKeepTheirSectionsAndOnlyEmptyOnesGo() {
        Edition wider = Sites.after(
                site,
                new SetZones(
                        "plain", List.of(zone("above", "Above", ZoneRole.TOP), zone("main", "Middle", ZoneRole.MAIN))));
        assertThat(template(wider, "plain").zones()).extracting(Zone::name).containsExactly("Above", "Middle");
        assertThat(template(wider, "plain").body())
                .isEqualTo(template(site, "plain").body());
        refused("zone-in-use", new SetZones("plain", List.of(zone("other", "Other", ZoneRole.MAIN))));
        refused("bad-zones", new SetZones("plain", List.of(zone("main", "Main", ZoneRole.FOOT))));
        refused(
                "zone-twice",
                new SetZones("plain", List.of(zone("main", "A", ZoneRole.MAIN), zone("main", "B", ZoneRole.FOOT))));
        refused("bad-name", new SetZones("plain", List.of(zone("main", " ", ZoneRole.MAIN))));
        refused(
                "unknown-element-kind",
                new SetZones("plain", List.of(new WantedZone("main", "Main", ZoneRole.MAIN, List.of("hologram")))));
    }

    @Test
    void aStarterBecomesFixedAndBackAndPagesKeepTheirCopies() {
        Section starter = template(site, "plain").zones().get(0).starters().get(0);
        Edition fixed = Sites.after(site, new FixSection("plain", starter.id(), true));
        assertThat(template(fixed, "plain").zones().get(0).fixed()).containsExactly(starter);
        assertThat(fixed.require(Page.class, "weaving")).isSameAs(site.require(Page.class, "weaving"));
        Edition back = Sites.after(fixed, new FixSection("plain", starter.id(), false));
        assertThat(template(back, "plain")).isEqualTo(template(site, "plain"));
        refused("unknown-section", new FixSection("plain", "nope", true));
    }

    @Test
    void theFrameIsSetLikeAnyDeclaredProperty() {
        Edition bare = Sites.after(site, ValueCommand.setValue("plain", null, null, "footer", Value.of(false)));
        assertThat(template(bare, "plain").shows("footer")).isFalse();
        Edition again = Sites.after(bare, ValueCommand.setValue("plain", null, null, "footer", null));
        assertThat(template(again, "plain")).isEqualTo(template(site, "plain"));
        refused("unknown-property", ValueCommand.setValue("plain", null, null, "fountain", Value.of(true)));
    }

    @Test
    void aRetiredTemplateStaysOnItsPages() {
        Edition retired = Sites.after(site, new RetireTemplate("plain", true));
        assertThat(template(retired, "plain").retired()).isTrue();
        assertThat(retired.worn(retired.require(Page.class, "weaving"))
                        .template()
                        .id())
                .isEqualTo("plain");
        assertThat(template(Sites.after(retired, new RetireTemplate("plain", false)), "plain"))
                .isEqualTo(template(site, "plain"));
    }

    @Test
    void aRemovedTemplateLeavesItsPagesKindsAndSiteToItsSuccessor() {
        Edition chosen = Sites.after(site, PageCommand.chooseTemplate(List.of("home"), "plain"));
        Edition gone = Sites.after(chosen, new RemoveTemplate("plain", "wide"));
        assertThat(gone.find("plain")).isEmpty();
        assertThat(gone.site().fallbackTemplate()).isEqualTo("wide");
        assertThat(gone.all(Kind.class))
                .noneMatch(k -> k.templates().contains("plain") || "plain".equals(k.template()));
        gone.all(Page.class).forEach(p -> {
            assertThat(gone.worn(p).template().id()).as(p.title()).isEqualTo("wide");
            assertThat(p.body()).isEqualTo(site.require(Page.class, p.id()).body());
        });
        assertThat(gone.worn(gone.require(Page.class, "home")).source()).isEqualTo(Worn.Source.CHOSEN);
        assertThat(gone.worn(gone.require(Page.class, "weaving")).source()).isEqualTo(Worn.Source.KIND);
        refused("no-successor", new RemoveTemplate("plain", "plain"));
        refused("unknown-template", new RemoveTemplate("plain", "nope"));
    }

    @Test
    void aKindWearsOnlyWhatItAllows() {
        Edition set = Sites.after(site, KindCommand.setKindTemplates("standard", "wide", List.of("wide", "plain")));
        assertThat(set.worn(set.require(Page.class, "weaving")).template().id()).isEqualTo("wide");
        refused("template-not-allowed", KindCommand.setKindTemplates("standard", "wide", List.of("plain")));
        refused("unknown-template", KindCommand.setKindTemplates("standard", null, List.of("nope")));
    }

    @Test
    void rollOutTakesAFewPagesAtATimeAndOnlyFromWhatHasCopies() {
        refused("too-many-pages", new RollOutSections("plain", Map.of()));
        refused("no-origin", new RollOutSections("home", Map.of("weaving", Map.of())));
        refused("unknown-page", new RollOutSections("plain", Map.of("nope", Map.of())));
    }
}
