package venue.core.change.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import venue.core.Memory;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.link.Link;
import venue.core.basics.value.Value;
import venue.core.change.command.Commands;
import venue.core.change.edit.form.FormCommand;
import venue.core.change.edit.gate.GateCommand;
import venue.core.change.edit.kind.KindCommand;
import venue.core.change.edit.look.LookCommand;
import venue.core.change.edit.menu.MenuCommand;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.pattern.PatternCommand;
import venue.core.change.edit.redirect.RedirectCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.site.SiteCommand;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.change.edit.whole.WholeCommand;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Places;
import venue.core.model.kind.BeneathRule;
import venue.core.model.kind.Kind;
import venue.core.model.kind.Placement;
import venue.core.model.page.Page;
import venue.core.model.section.SharedSection;
import venue.core.model.site.Role;

/** What editors are held to, whichever way they ask for it. */
class RightsTest {

    private final Editor editor = new Editor(new Memory());

    private Edition as(Role role, Edition before, Command command) {
        return editor.run(desk(role, before), command, Map.of()).after();
    }

    private static Desk desk(Role role, Edition before) {
        Desk manager = Sites.desk(before);
        return new Desk(before, manager.live(), manager.hashOf(), manager.archive(), manager.chance(), role);
    }

    private void isRefused(Edition before, Command command, String code) {
        assertThatThrownBy(() -> as(Role.EDITOR, before, command))
                .as(command.toString())
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo(code));
    }

    private static Stream<Command> shaping() {
        return Stream.of(
                PageCommand.mergeTopic("weaving", "workshops"),
                PageCommand.makeHome("workshops"),
                SiteCommand.describeSite("Other", "en", "UTC"),
                SiteCommand.arrangeFooter("columns"),
                SiteCommand.setHosts(List.of("other.localhost")),
                LookCommand.wearLook("press"),
                LookCommand.keepLook("dusk", "mine", "Mine"),
                LookCommand.takeParts("dusk", "press", List.of("type")),
                LookCommand.bringLook("mine", "Mine", Map.of()),
                ValueCommand.setValue("dusk", null, null, "bodySize", Value.of(20)),
                ValueCommand.setValues("dusk", Map.of("bodySize", Value.of(20)), List.of()),
                ValueCommand.setValue("site", null, null, "email", Value.of("x@y.example")),
                ValueCommand.setValue("gone", null, null, "x", Value.of("y")),
                ValueCommand.setValue("standard", null, null, "madeBy", Value.of("MANAGER")),
                ValueCommand.setValue("weaving", null, null, "mayHold", BeneathRule.listed(List.of())),
                MenuCommand.makeMenu("side", "Side"),
                GateCommand.setGate(List.of("weaving"), null),
                GateCommand.makeGroup("crew", "Crew", ""),
                GateCommand.describeGroup("crew", "Crew", ""),
                GateCommand.removeGroup("crew"),
                RedirectCommand.leadOn("/old", Link.toPage("weaving")),
                RedirectCommand.endLeading("/old"),
                RedirectCommand.sayGone("/old"),
                WholeCommand.together("x", List.of(PageCommand.makeHome("workshops"))),
                MenuCommand.nameMenu("main", "Mine"),
                MenuCommand.removeMenu("main"),
                FormCommand.makeForm("own", "Own", null),
                FormCommand.nameForm("own", "Other"),
                FormCommand.setFormFields("own", List.of()),
                FormCommand.retireForm("own", true),
                FormCommand.removeForm("own"),
                KindCommand.makeKind("own", "Own", null),
                KindCommand.describeKind("standard", "Other", ""),
                KindCommand.setFields("standard", List.of()),
                KindCommand.placeKind("standard", Placement.ANYWHERE),
                KindCommand.retireKind("standard", true),
                KindCommand.setKindTemplates("standard", "wide", null),
                KindCommand.allowTemplate("standard", "wide", false),
                TemplateCommand.setOptions("plain", List.of()),
                TemplateCommand.makeTemplate("own", "Own", null, null),
                TemplateCommand.removeTemplate("wide", "plain"),
                TemplateCommand.describeTemplate("wide", "Other", ""),
                TemplateCommand.setZones("wide", List.of()),
                TemplateCommand.fixSection("wide", "s", true),
                TemplateCommand.retireTemplate("wide", true),
                PatternCommand.keepPattern("weaving", null, "own", "Own", "Own"),
                PatternCommand.describePattern("ready-band", "Own", "Own", ""),
                PatternCommand.retirePattern("ready-band", true),
                PatternCommand.removePattern("ready-band"),
                PatternCommand.orderGroups(List.of("Voices")),
                PatternCommand.nameGroup("Voices", "Words"),
                SectionCommand.reachSection(
                        "weaving", "weaving-s1", venue.core.edition.edition.SectionPlace.Reach.SHARED),
                SectionCommand.giveToOrigin("weaving", "weaving-s1"),
                TemplateCommand.rollOutSections("plain", Map.of("weaving", Map.of())),
                WholeCommand.takeIn(
                        "x",
                        List.of(new SharedSection(
                                "s",
                                Sites.page("p", null, 1, "P", "")
                                        .zones()
                                        .in("main")
                                        .get(0)))));
    }

    @Test
    void everyCommandThatShapesTheSiteIsTried() {
        List<Class<? extends Command>> shaping = Commands.all()
                .filter(c -> !ForEditors.class.isAssignableFrom(c) && !WritesIn.class.isAssignableFrom(c))
                .toList();
        assertThat(shaping).hasSize(49);
        assertThat(shaping().<Object>map(Object::getClass)).containsAll(shaping);
    }

    @ParameterizedTest
    @MethodSource("shaping")
    void whatShapesTheWholeSiteIsTheManagers(Command command) {
        isRefused(Sites.small(), command, "managers-only");
    }

    @Test
    void pagesThatManagersKeepToThemselvesAreChangedInNoOtherWay() {
        Edition before = Sites.after(
                Sites.small(), ValueCommand.setValue("standard", null, null, "changedBy", Value.of("MANAGER")));
        Page weaving = before.require(Page.class, "weaving");
        for (Command command : List.of(
                PageCommand.setTitle("weaving", "Mine"),
                PageCommand.setSegment("weaving", "mine"),
                ValueCommand.setValue("weaving", null, null, "summary", Value.of("Mine")),
                ValueCommand.setValue("weaving", "weaving-s1", null, "tone", Value.of("deep")),
                SectionCommand.nameSection("weaving", "weaving-s1", "Mine"),
                SectionCommand.removeSection("weaving", "weaving-s1"),
                PageCommand.movePage("weaving", null, null),
                PageCommand.removePage("weaving"),
                PageCommand.withdrawPage("weaving", true),
                PageCommand.chooseTemplate(List.of("weaving"), "wide"),
                SectionCommand.takePattern(
                        "weaving", before.patterns().findFirst().orElseThrow().id()),
                PageCommand.bringBack(weaving.withTitle("Mine"), null))) {
            isRefused(before, command, "not-for-editors");
        }
        assertThat(as(Role.MANAGER, before, PageCommand.setTitle("weaving", "Ours"))
                        .require(Page.class, "weaving")
                        .title())
                .isEqualTo("Ours");
    }

    @Test
    void makingRoomAmongManagersPagesIsNoChangeOfThem() {
        Edition before = Sites.small()
                .with(
                        List.of(
                                Sites.page("a", "workshops", 1, "A", "").withPlace("workshops", 1),
                                Sites.page("b", "workshops", 1, "B", "").withPlace("workshops", 2),
                                Kind.named("ours", "Ours", "", List.of()).with("changedBy", Value.of("MANAGER"))),
                        List.of());
        Page kept = before.require(Page.class, "b");
        Page ours = Page.of(kept.id(), kept.title(), kept.segment(), "ours")
                .withPlace(kept.parent(), kept.position())
                .withZones(kept.zones());
        Edition with = before.with(List.of(ours), List.of());
        Edition after = as(Role.EDITOR, with, make("standard", "workshops", "b", null));
        assertThat(after.plan().beneath("workshops")).containsSubsequence("a", "new", "b");
    }

    private static PageCommand make(
            String kind, String parent, @org.jspecify.annotations.Nullable String before, Boolean evenSo) {
        return NewPages.one(kind, "new", "New")
                .beneath(parent)
                .before(before)
                .evenSo(evenSo)
                .made();
    }

    @Test
    void placementHoldsEditorsAndIsPassedOverByManagersOnPurposeOnly() {
        Edition before = Sites.after(
                Sites.small(),
                KindCommand.placeKind("standard", new Placement(Placement.Where.BENEATH_PAGES, List.of("workshops"))));
        isRefused(before, make("standard", "home", null, null), "not-here");
        isRefused(before, make("standard", "home", null, true), "not-here");
        isRefused(before, PageCommand.movePage("weaving", "home", null, true), "not-here");
        assertThatThrownBy(() -> as(Role.MANAGER, before, make("standard", "home", null, false)))
                .hasMessageContaining("stand beneath Workshops only");
        assertThat(as(Role.MANAGER, before, make("standard", "home", null, true))
                        .page("new"))
                .isPresent();
        assertThat(as(Role.EDITOR, before, make("standard", "workshops", null, null))
                        .page("new"))
                .isPresent();
    }

    @Test
    void aNewPageBringsNoRuleOfItsOwnFromAnEditor() {
        Map<String, Value> rule = Map.of("mayHold", BeneathRule.listed(List.of()));
        PageCommand ruled = NewPages.one("standard", "new", "New")
                .beneath("workshops")
                .with(rule)
                .made();
        isRefused(Sites.small(), ruled, "managers-only");
        assertThat(as(Role.MANAGER, Sites.small(), ruled)
                        .require(Page.class, "new")
                        .settings())
                .isEqualTo(rule);
    }

    @Test
    void movingAsksOnlyWhereAPageMayStand() {
        Edition before = Sites.after(
                Sites.after(
                        Sites.small(), ValueCommand.setValue("standard", null, null, "madeBy", Value.of("MANAGER"))),
                KindCommand.retireKind("standard", true));
        isRefused(before, make("standard", "workshops", null, null), "not-here");
        assertThat(as(Role.EDITOR, before, PageCommand.movePage("weaving", "home", null))
                        .require(Page.class, "weaving")
                        .parent())
                .isEqualTo("home");
        Edition ruled = Sites.after(
                before, ValueCommand.setValue("home", null, null, "mayHold", BeneathRule.listed(List.of())));
        isRefused(ruled, PageCommand.movePage("weaving", "home", null, true), "not-here");
        assertThat(as(Role.MANAGER, ruled, PageCommand.movePage("weaving", "home", null, true))
                        .require(Page.class, "weaving")
                        .parent())
                .isEqualTo("home");
    }

    @Test
    void whoeverMayRemoveAPageMayBringItBack() {
        Edition before = Sites.after(
                Sites.after(
                        Sites.small(), ValueCommand.setValue("standard", null, null, "madeBy", Value.of("MANAGER"))),
                ValueCommand.setValue("weaving", null, null, "mayHold", BeneathRule.listed(List.of())));
        Page weaving = before.require(Page.class, "weaving");
        Edition without = as(Role.EDITOR, before, PageCommand.removePage("weaving"));
        Editor.Reversal step = new Editor.Reversal("weaving", weaving, null);
        assertThat(editor.reverse(desk(Role.EDITOR, without), "remove Weaving", List.of(step))
                        .after()
                        .page("weaving"))
                .contains(weaving);
        Edition kept =
                Sites.after(without, ValueCommand.setValue("standard", null, null, "changedBy", Value.of("MANAGER")));
        assertThatThrownBy(() -> editor.reverse(desk(Role.EDITOR, kept), "remove Weaving", List.of(step)))
                .hasMessageContaining("changed by managers only");
        Page earlier = weaving.withTitle("Earlier").withSetting("mayHold", null);
        assertThat(as(Role.EDITOR, before, PageCommand.bringBack(earlier, null))
                        .require(Page.class, "weaving")
                        .settings())
                .isEqualTo(weaving.settings());
    }

    @Test
    void whatMayBeCreatedIsAnsweredAsTheCommandsWouldDoIt() {
        Edition before = Sites.after(
                Sites.after(
                        Sites.small(),
                        ValueCommand.setValue("landing-page", null, null, "madeBy", Value.of("MANAGER"))),
                ValueCommand.setValue("workshops", null, null, "mayHold", BeneathRule.listed(List.of("landing-page"))));
        for (Role role : Role.values()) {
            for (Places.Answer answer : Places.here(before, "workshops", role)) {
                PageCommand command = make(answer.kind().id(), "workshops", null, true);
                if (answer.may()) {
                    assertThat(as(role, before, command).page("new")).isPresent();
                } else {
                    assertThatThrownBy(() -> as(role, before, command)).isInstanceOf(Refusal.class);
                }
            }
        }
        assertThat(Places.here(before, "workshops", Role.EDITOR)).noneMatch(Places.Answer::may);
        assertThat(Places.whyNot(before, before.require(Kind.class, "standard"), "workshops"))
                .contains("can’t stand here: only Landing page");
    }
}
