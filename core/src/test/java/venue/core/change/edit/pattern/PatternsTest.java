package venue.core.change.edit.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Stream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.change.rollout.RollOut;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Lineage;
import venue.core.live.release.ReleasePlan;
import venue.core.model.page.Page;
import venue.core.model.pattern.Pattern;
import venue.core.model.pattern.PatternGroups;
import venue.core.model.section.Section;

/** Patterns made, sorted, placed, changed, rolled out, retired and removed. */
class PatternsTest {

    private final Edition site = Sites.small();

    private static Edition all(Edition from, Command... commands) {
        Edition now = from;
        for (Command command : commands) {
            now = Sites.after(now, command);
        }
        return now;
    }

    private static void refused(String code, Edition on, Command command) {
        assertThatThrownBy(() -> Sites.after(on, command))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo(code));
    }

    private static Pattern pattern(Edition on, String id) {
        return on.require(Pattern.class, id);
    }

    private static List<String> groups(Edition on) {
        return PatternGroups.of(on.site(), on.patterns());
    }

    @Test
    void aSectionOrThePageIsKeptAsAPatternOfItsOwn() {
        Edition kept = Sites.after(
                site,
                PatternCommand.keepPattern("weaving", List.of("weaving-s1"), "ours", "  Our opening ", "Openings"));
        Pattern pattern = kept.require(Pattern.class, "ours");
        assertThat(pattern.name()).isEqualTo("Our opening");
        assertThat(pattern.sections()).singleElement().satisfies(s -> {
            assertThat(s.origin()).isNull();
            assertThat(s.columns())
                    .isEqualTo(site.require(Page.class, "weaving")
                            .zones()
                            .in("main")
                            .get(0)
                            .columns());
        });
        assertThat(kept.require(Page.class, "weaving")).isEqualTo(site.require(Page.class, "weaving"));
        Edition placed =
                Sites.after(kept, SectionCommand.placeSection("home", "main", 0, "x", "ours", null, List.of()));
        assertThat(placed.require(Page.class, "home")
                        .zones()
                        .require("x")
                        .section()
                        .origin())
                .isNotNull();
        assertThat(pattern(all(kept, PatternCommand.makePattern("more", "Another opening", "", "ours")), "more"))
                .isEqualTo(new Pattern("more", "Another opening", "Our own", "", pattern.sections()));
        refused("name-taken", kept, PatternCommand.keepPattern("weaving", null, "more", "our opening", ""));
        refused("bad-name", site, PatternCommand.keepPattern("weaving", null, "ours", " ", ""));
        refused("id-taken", kept, PatternCommand.keepPattern("weaving", null, "ours", "Again", ""));
        refused("nothing-to-keep", site, PatternCommand.keepPattern("weaving", List.of(), "ours", "Ours", ""));
        refused("unknown-section", site, PatternCommand.keepPattern("weaving", List.of("nope"), "ours", "Ours", ""));
    }

    @Test
    void sectionsOfAPageAreKeptInTheOrderThatIsAskedForAndWithoutWhereTheyCameFrom() {
        Edition two = all(
                site,
                SectionCommand.placeSection(
                        "weaving", "main", Integer.MAX_VALUE, "x", "ready-contact-page", null, List.of()),
                ValueCommand.setValue("weaving", "weaving-s1", null, "anchor", Value.of("here")));
        List<Section> there = two.require(Page.class, "weaving").zones().in("main");
        List<String> wanted = List.of(there.get(2).id(), there.get(0).id());
        Pattern kept = pattern(all(two, PatternCommand.keepPattern("weaving", wanted, "p", "Two", "Ours")), "p");
        assertThat(kept.sections()).extracting(Section::id).containsExactly("s1", "s2");
        assertThat(kept.sections().get(0).hasContentOf(there.get(2))).isTrue();
        assertThat(kept.sections()).allSatisfy(s -> {
            assertThat(s.origin()).isNull();
            assertThat(s.settings()).doesNotContainKey("anchor");
        });
    }

    @Test
    void whatHoldsNothingOrIsRetiredIsNotPlacedAndIsOfferedAgain() {
        Edition made = all(site, PatternCommand.makePattern("p", "Ours", "Ours", null));
        Command place = SectionCommand.placeSection("weaving", "main", 0, "x", "p", null, List.of());
        refused("not-offered", made, place);
        refused("not-offered", made, SectionCommand.takePattern("weaving", "p"));
        Edition filled = all(made, SectionCommand.placeSection("p", "main", 0, "a", null, null, List.of(12)));
        Edition placed = all(filled, place);
        Edition retired = all(placed, PatternCommand.retirePattern("p", true));
        refused("not-offered", retired, SectionCommand.placeSection("home", "main", 0, "y", "p", null, List.of()));
        refused("not-offered", retired, begin("p"));
        assertThat(retired.require(Page.class, "weaving")).isEqualTo(placed.require(Page.class, "weaving"));
        all(retired, PatternCommand.retirePattern("p", false), begin("p"));
    }

    private static Command begin(String pattern) {
        return NewPages.one("standard", "n", "N").beginning(pattern).made();
    }

    @Test
    void aSharedSectionStandsInNoPattern() {
        Edition shared = all(
                site,
                SectionCommand.reachSection(
                        "weaving", "weaving-s1", venue.core.edition.edition.SectionPlace.Reach.SHARED));
        String id = shared.all(venue.core.model.section.SharedSection.class)
                .findFirst()
                .orElseThrow()
                .id();
        refused(
                "shared-in-pattern",
                shared,
                SectionCommand.placeSection("ready-contact-page", "main", 0, "x", null, id, List.of()));
        Edition kept = all(shared, PatternCommand.keepPattern("weaving", null, "p", "Ours", ""));
        assertThat(pattern(kept, "p").sections()).noneMatch(s -> s.sharedFrom().isPresent());
    }

    @Test
    void aChangeReachesItsCopiesByRollOutAloneAndARemovedOneLeavesThemBehind() {
        Edition placed = all(
                site,
                PatternCommand.keepPattern("weaving", null, "p", "Ours", "Ours"),
                SectionCommand.placeSection("home", "main", 0, "x", "p", null, List.of()));
        Edition changed = all(placed, ValueCommand.setValue("p", "s1", null, "tone", Value.of("tinted")));
        assertThat(lineages(placed)).isEqualTo(Map.of(Lineage.IN_STEP, 1L));
        assertThat(lineages(changed)).isEqualTo(Map.of(Lineage.BEHIND, 1L));
        Edition rolled = all(
                changed,
                PatternCommand.retirePattern("p", true),
                TemplateCommand.rollOutSections("p", Map.of("home", Map.of())));
        assertThat(lineages(rolled)).isEqualTo(Map.of(Lineage.IN_STEP, 1L));
        Section copy = rolled.require(Page.class, "home").zones().require("x").section();
        assertThat(copy.settings()).containsEntry("tone", Value.of("tinted"));
        Edition gone = all(rolled, PatternCommand.removePattern("p"));
        assertThat(gone.require(Page.class, "home").zones().require("x").section())
                .isEqualTo(copy);
        assertThat(Lineage.of(gone, copy, Sites.desk(gone).archive()::find)).isEqualTo(Lineage.OWN);
    }

    private static Map<Lineage, Long> lineages(Edition on) {
        Desk desk = Sites.desk(on);
        RollOut rollOut =
                new RollOut(on, pattern(on, "p"), desk.archive(), desk.hashOf().apply("p"));
        return rollOut.lineages(rollOut.rows().stream());
    }

    @Test
    void aGroupIsThereForItsPatternsAndVisitorsHearNothingOfIt() {
        Edition sorted = all(
                site,
                PatternCommand.describePattern("ready-notice", "Notice", " Our  alarms ", "When all is shut"),
                PatternCommand.orderGroups(List.of("Our alarms", "Questions")));
        assertThat(pattern(sorted, "ready-notice").note()).isEqualTo("When all is shut");
        assertThat(groups(sorted)).startsWith("Our alarms", "Questions").contains("Whole pages");
        Edition one = all(sorted, PatternCommand.nameGroup("Our alarms", "Questions"));
        assertThat(groups(one)).startsWith("Questions").doesNotContain("Our alarms");
        assertThat(pattern(one, "ready-notice").group()).isEqualTo("Questions");
        assertThat(ReleasePlan.of(site, one).entries()).isEmpty();
        refused("unknown-group", site, PatternCommand.nameGroup("Nowhere", "Here"));
        refused("bad-name", site, PatternCommand.nameGroup("Questions", "x".repeat(61)));
        refused("named-twice", site, PatternCommand.orderGroups(List.of("Voices", " Voices ")));
        refused("name-taken", site, PatternCommand.describePattern("ready-notice", "Call to act", "Voices", ""));
        refused("too-long", site, PatternCommand.describePattern("ready-notice", "Notice", "Voices", "x".repeat(201)));
    }

    @Property(tries = 60)
    void everyGroupIsOfferedOnceAndThoseThatAreNamedAsTheyAreNamed(@ForAll Random chance) {
        List<String> there = groups(site);
        List<String> named = new ArrayList<>(there);
        Collections.shuffle(named, chance);
        List<String> order = new ArrayList<>(named.subList(0, 1 + chance.nextInt(named.size())));
        order.add(chance.nextInt(order.size()), "A group without patterns");
        List<String> offered = groups(all(site, PatternCommand.orderGroups(order)));
        order.remove("A group without patterns");
        assertThat(offered).containsExactlyInAnyOrderElementsOf(there).startsWith(order.toArray(String[]::new));
        Stream<String> rest = offered.stream().skip(order.size());
        assertThat(rest.toList()).isSorted();
    }
}
