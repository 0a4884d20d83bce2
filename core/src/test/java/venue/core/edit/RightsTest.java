package venue.core.edit;

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
import venue.core.edition.Edition;
import venue.core.edition.Places;
import venue.core.fault.Refusal;
import venue.core.kind.Held;
import venue.core.kind.Kind;
import venue.core.kind.Placement;
import venue.core.page.Page;
import venue.core.section.SharedSection;
import venue.core.site.Role;
import venue.core.value.Value;

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
                new MakeHome("workshops"),
                new WearLook("chalk"),
                new KeepLook("dusk", "mine", "Mine"),
                new SetValue("dusk", null, null, "bodySize", Value.of(20)),
                new SetValue("site", null, null, "email", Value.of("x@y.example")),
                new SetValue("gone", null, null, "x", Value.of("y")),
                new SetValue("standard", null, null, "madeBy", Value.of("MANAGER")),
                new SetValue("weaving", null, null, "mayHold", Held.listed(List.of())),
                new MakeKind("own", "Own", null),
                new DescribeKind("standard", "Other", ""),
                new SetFields("standard", List.of()),
                new PlaceKind("standard", Placement.ANYWHERE),
                new RetireKind("standard", true),
                new SetKindTemplates("standard", "wide", null),
                new SetOptions("plain", List.of()),
                new MakeTemplate("own", "Own", null, null),
                new RemoveTemplate("wide", "plain"),
                new DescribeTemplate("wide", "Other", ""),
                new SetZones("wide", List.of()),
                new FixSection("wide", "s", true),
                new RetireTemplate("wide", true),
                new KeepPattern("weaving", null, "own", "Own", "Own"),
                new ReachSection("weaving", "weaving-s1", venue.core.edition.SectionPlace.Reach.SHARED),
                new GiveToOrigin("weaving", "weaving-s1"),
                new RollOutSections("plain", Map.of("weaving", Map.of())),
                new TakeIn(
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
        assertThat(shaping().map(Object::getClass)).containsAll(List.of(ShapesSite.class.getPermittedSubclasses()));
    }

    @ParameterizedTest
    @MethodSource("shaping")
    void whatShapesTheWholeSiteIsTheManagers(Command command) {
        isRefused(Sites.small(), command, "managers-only");
    }

    @Test
    void pagesThatManagersKeepToThemselvesAreChangedInNoOtherWay() {
        Edition before =
                Sites.after(Sites.small(), new SetValue("standard", null, null, "changedBy", Value.of("MANAGER")));
        Page weaving = before.require(Page.class, "weaving");
        for (Command command : List.of(
                new SetTitle("weaving", "Mine"),
                new SetSegment("weaving", "mine"),
                new SetValue("weaving", null, null, "summary", Value.of("Mine")),
                new SetValue("weaving", "weaving-s1", null, "tone", Value.of("deep")),
                new NameSection("weaving", "weaving-s1", "Mine"),
                new RemoveSection("weaving", "weaving-s1"),
                new MovePage("weaving", null, null),
                new RemovePage("weaving"),
                new WithdrawPage("weaving", true),
                new ChooseTemplate(List.of("weaving"), "wide"),
                new TakePattern(
                        "weaving", before.patterns().findFirst().orElseThrow().id(), true),
                new BringBack(weaving.withTitle("Mine"), null))) {
            isRefused(before, command, "not-for-editors");
        }
        assertThat(as(Role.MANAGER, before, new SetTitle("weaving", "Ours"))
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
        Page ours = new Page(
                kept.id(),
                kept.title(),
                kept.segment(),
                kept.parent(),
                kept.position(),
                "ours",
                null,
                kept.zones(),
                List.of(),
                Map.of(),
                Map.of(),
                false);
        Edition with = before.with(List.of(ours), List.of());
        Edition after = as(Role.EDITOR, with, make("standard", "workshops", "b", null));
        assertThat(after.plan().beneath("workshops")).containsSubsequence("a", "new", "b");
    }

    private static MakePages make(
            String kind, String parent, @org.jspecify.annotations.Nullable String before, Boolean evenSo) {
        return new MakePages(
                parent,
                before,
                kind,
                null,
                List.of(new MakePages.NewPage("new", "New")),
                null,
                List.of(),
                Map.of(),
                evenSo);
    }

    @Test
    void placementHoldsEditorsAndIsPassedOverByManagersOnPurposeOnly() {
        Edition before = Sites.after(
                Sites.small(),
                new PlaceKind("standard", new Placement(Placement.Where.BENEATH_PAGES, List.of("workshops"))));
        isRefused(before, make("standard", "home", null, null), "not-here");
        isRefused(before, make("standard", "home", null, true), "not-here");
        isRefused(before, new MovePage("weaving", "home", null, true), "not-here");
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
        Map<String, Value> rule = Map.of("mayHold", Held.listed(List.of()));
        MakePages ruled = new MakePages(
                "workshops",
                null,
                "standard",
                null,
                List.of(new MakePages.NewPage("new", "New")),
                null,
                List.of(),
                rule);
        isRefused(Sites.small(), ruled, "managers-only");
        assertThat(as(Role.MANAGER, Sites.small(), ruled)
                        .require(Page.class, "new")
                        .settings())
                .isEqualTo(rule);
    }

    @Test
    void movingAsksOnlyWhereAPageMayStand() {
        Edition before = Sites.after(
                Sites.after(Sites.small(), new SetValue("standard", null, null, "madeBy", Value.of("MANAGER"))),
                new RetireKind("standard", true));
        isRefused(before, make("standard", "workshops", null, null), "not-here");
        assertThat(as(Role.EDITOR, before, new MovePage("weaving", "home", null))
                        .require(Page.class, "weaving")
                        .parent())
                .isEqualTo("home");
        Edition ruled = Sites.after(before, new SetValue("home", null, null, "mayHold", Held.listed(List.of())));
        isRefused(ruled, new MovePage("weaving", "home", null, true), "not-here");
        assertThat(as(Role.MANAGER, ruled, new MovePage("weaving", "home", null, true))
                        .require(Page.class, "weaving")
                        .parent())
                .isEqualTo("home");
    }

    @Test
    void whoeverMayRemoveAPageMayBringItBack() {
        Edition before = Sites.after(
                Sites.after(Sites.small(), new SetValue("standard", null, null, "madeBy", Value.of("MANAGER"))),
                new SetValue("weaving", null, null, "mayHold", Held.listed(List.of())));
        Page weaving = before.require(Page.class, "weaving");
        Edition without = as(Role.EDITOR, before, new RemovePage("weaving"));
        Editor.Reversal step = new Editor.Reversal("weaving", weaving, null);
        assertThat(editor.reverse(desk(Role.EDITOR, without), "remove Weaving", List.of(step))
                        .after()
                        .page("weaving"))
                .contains(weaving);
        Edition kept = Sites.after(without, new SetValue("standard", null, null, "changedBy", Value.of("MANAGER")));
        assertThatThrownBy(() -> editor.reverse(desk(Role.EDITOR, kept), "remove Weaving", List.of(step)))
                .hasMessageContaining("changed by managers only");
        Page earlier = weaving.withTitle("Earlier").withSetting("mayHold", null);
        assertThat(as(Role.EDITOR, before, new BringBack(earlier, null))
                        .require(Page.class, "weaving")
                        .settings())
                .isEqualTo(weaving.settings());
    }

    @Test
    void whatMayBeCreatedIsAnsweredAsTheCommandsWouldDoIt() {
        Edition before = Sites.after(
                Sites.after(Sites.small(), new SetValue("landing-page", null, null, "madeBy", Value.of("MANAGER"))),
                new SetValue("workshops", null, null, "mayHold", Held.listed(List.of("landing-page"))));
        for (Role role : Role.values()) {
            for (Places.Answer answer : Places.here(before, "workshops", role)) {
                MakePages command = make(answer.kind().id(), "workshops", null, true);
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
