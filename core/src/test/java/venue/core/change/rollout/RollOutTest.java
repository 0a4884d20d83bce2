package venue.core.change.rollout;

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
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.change.edit.kind.KindCommand;
import venue.core.change.edit.page.NewPage;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.change.rollout.Strand.State;
import venue.core.edition.edition.Edition;
import venue.core.edition.edition.Lineage;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.template.Template;

/** A template with two starter sections, worn by two new pages. */
class RollOutTest {

    private static final String T = "leaflet";

    private final Edition site = begin();

    private static Edition begin() {
        Edition made = all(
                Sites.small(),
                TemplateCommand.makeTemplate(T, "Leaflet", null, null),
                KindCommand.setKindTemplates("standard", "plain", null),
                SectionCommand.placeSection(T, "main", 0, "lead", null, null, List.of(12)),
                SectionCommand.placeElement(
                        T, "lead", "c1", 0, "words", "text", Map.of("text", Value.of("<p>Lead</p>"))),
                SectionCommand.placeSection(T, "main", 1, "more", null, null, List.of(6, 6)),
                SectionCommand.placeElement(T, "more", "c1", 0, "title", "heading", Map.of("text", Value.of("More"))));
        return Sites.after(
                made,
                NewPages.of("standard", List.of(new NewPage("one", "One"), new NewPage("two", "Two")))
                        .wearing(T)
                        .made());
    }

    private static Edition all(Edition site, Command... commands) {
        Edition now = site;
        for (Command command : commands) {
            now = Sites.after(now, command);
        }
        return now;
    }

    private static RollOut of(Edition site) {
        Desk desk = Sites.desk(site);
        return new RollOut(
                site,
                site.require(Template.class, T),
                desk.archive(),
                desk.hashOf().apply(T));
    }

    private static Map<String, State> states(Edition site, String page) {
        return of(site).row(site.require(Page.class, page)).strands().stream()
                .collect(java.util.stream.Collectors.toMap(Strand::origin, Strand::state));
    }

    private static String copy(Edition site, String page, String origin) {
        return site.require(Page.class, page)
                .body()
                .all()
                .filter(s -> s.origin() != null && s.origin().section().equals(origin))
                .findFirst()
                .orElseThrow()
                .id();
    }

    private static Command write(String item, String section, String element, String words) {
        return ValueCommand.setValue(item, section, element, "text", Value.of(words));
    }

    private static Edition rolled(Edition site, Map<String, Map<String, Decision>> choices) {
        return Sites.after(site, TemplateCommand.rollOutSections(T, choices));
    }

    private static String words(Edition site, String page) {
        return site.require(Page.class, page)
                .body()
                .all()
                .map(Section::columns)
                .toList()
                .toString();
    }

    @Test
    void nothingIsToBeCarriedWhileTheTemplateIsAsItWas() {
        assertThat(states(site, "one")).isEqualTo(Map.of("lead", State.DONE, "more", State.DONE));
        assertThat(of(site).changes(of(site).rows())).isEmpty();
        assertThat(rolled(site, Map.of("one", Map.of())).require(Page.class, "one"))
                .isEqualTo(site.require(Page.class, "one"));
    }

    @Test
    void untouchedCopiesFollowAndChangedOnesAreMerged() {
        Edition changed = all(
                site,
                write("two", copy(site, "two", "more"), "title", "My own title"),
                ValueCommand.setValue(T, "more", null, "tone", Value.of("deep")),
                write(T, "lead", "words", "<p>Lead, anew</p>"));
        assertThat(states(changed, "one")).isEqualTo(Map.of("lead", State.FOLLOWS, "more", State.FOLLOWS));
        assertThat(states(changed, "two")).isEqualTo(Map.of("lead", State.FOLLOWS, "more", State.MERGES));
        Edition rolled = rolled(changed, Map.of("one", Map.of(), "two", Map.of()));
        assertThat(words(rolled, "one")).contains("Lead, anew");
        assertThat(words(rolled, "two")).contains("Lead, anew", "My own title");
        assertThat(rolled.require(Page.class, "two")
                        .body()
                        .require(copy(rolled, "two", "more"))
                        .section()
                        .settings())
                .containsEntry("tone", Value.of("deep"));
        assertThat(of(rolled).rows()).noneMatch(RollOut.Row::isOpen);
    }

    @Test
    void whatBothChangedIsAskedAndBothAnswersAreRemembered() {
        String mine = copy(site, "two", "lead");
        Edition both =
                all(site, write("two", mine, "words", "<p>Mine</p>"), write(T, "lead", "words", "<p>Theirs</p>"));
        assertThat(states(both, "two")).containsEntry("lead", State.ASKS);
        assertThat(words(rolled(both, Map.of("two", Map.of())), "two"))
                .as("nothing is done without a choice")
                .isEqualTo(words(both, "two"));
        Edition kept = rolled(both, Map.of("two", Map.of(mine, Decision.KEEP)));
        assertThat(words(kept, "two")).contains("Mine").doesNotContain("Theirs");
        assertThat(states(kept, "two")).as("not asked again").containsEntry("lead", State.DONE);
        Edition followed = rolled(both, Map.of("two", Map.of(mine, Decision.FOLLOW)));
        assertThat(words(followed, "two")).contains("Theirs").doesNotContain("Mine");
        Edition shelved = rolled(both, Map.of("two", Map.of(mine, Decision.SHELVE)));
        assertThat(shelved.require(Page.class, "two").shelf())
                .extracting(Section::id)
                .contains(mine);
    }

    @Test
    void aNewSectionComesAfterItsNearestNeighbourAndNotToThoseWhoTookItOff() {
        Edition grown = all(
                site,
                SectionCommand.placeSection("one", "main", 1, "own", null, null, List.of(12)),
                SectionCommand.placeSection(T, "main", 1, "middle", null, null, List.of(12)));
        assertThat(states(grown, "one")).containsEntry("middle", State.COMES);
        Edition rolled = rolled(grown, Map.of("one", Map.of()));
        assertThat(rolled.require(Page.class, "one").zones().in("main"))
                .extracting(s -> s.origin() == null ? "own" : s.origin().section())
                .containsExactly("lead", "middle", "own", "more");
        Edition off = all(
                rolled,
                SectionCommand.removeSection("one", copy(rolled, "one", "middle")),
                ValueCommand.setValue(T, "middle", null, "tone", Value.of("deep")));
        assertThat(states(off, "one")).containsEntry("middle", State.WITHOUT);
        assertThat(words(rolled(off, Map.of("one", Map.of())), "one")).isEqualTo(words(off, "one"));
        assertThat(states(rolled(off, Map.of("one", Map.of("new-middle", Decision.FOLLOW))), "one"))
                .as("brought in because somebody chose so")
                .containsEntry("middle", State.DONE);
        Edition refused = rolled(grown, Map.of("one", Map.of("new-middle", Decision.KEEP)));
        assertThat(refused.require(Page.class, "one").body().all()).hasSize(3);
        assertThat(states(refused, "one")).as("not offered again").containsEntry("middle", State.WITHOUT);
    }

    @Test
    void whatIsNewIsOfferedToPagesThatHoldNoCopyToo() {
        Edition bare = all(
                site,
                SectionCommand.removeSection("one", copy(site, "one", "lead")),
                SectionCommand.removeSection("one", copy(site, "one", "more")),
                SectionCommand.placeSection("one", "main", 0, "own", null, null, List.of(12)));
        assertThat(of(bare).rows()).noneMatch(RollOut.Row::isOpen);
        Edition grown = all(
                bare,
                SectionCommand.placeSection(T, "main", 0, "first", null, null, List.of(12)),
                SectionCommand.placeSection(T, "main", 3, "last", null, null, List.of(12)));
        assertThat(states(grown, "one"))
                .containsEntry("lead", State.WITHOUT)
                .containsEntry("first", State.COMES)
                .containsEntry("last", State.COMES);
        assertThat(rolled(grown, Map.of("one", Map.of()))
                        .require(Page.class, "one")
                        .zones()
                        .in("main"))
                .extracting(s -> s.origin() == null ? "own" : s.origin().section())
                .containsExactly("first", "own", "last");
    }

    @Test
    void aPageThatIsGivenAnotherTemplateIsOfferedOnlyWhatIsNewThereSince() {
        Edition changed = all(
                site,
                NewPages.one("standard", "late", "Late").wearing("plain").made(),
                PageCommand.chooseTemplate(List.of("late"), T));
        assertThat(states(changed, "late")).containsEntry("lead", State.WITHOUT);
        Edition grown = all(changed, SectionCommand.placeSection(T, "main", 0, "first", null, null, List.of(12)));
        assertThat(states(grown, "late")).containsEntry("first", State.COMES).containsEntry("more", State.WITHOUT);
    }

    @Test
    void aSectionThatIsGoneFromTheTemplateGoesUnlessItWasAdapted() {
        String adapted = copy(site, "two", "more");
        Edition less = all(site, write("two", adapted, "title", "Kept"), SectionCommand.removeSection(T, "more"));
        assertThat(states(less, "one")).containsEntry("more", State.GOES);
        assertThat(states(less, "two")).containsEntry("more", State.ASKS);
        Edition rolled = rolled(less, Map.of("one", Map.of(), "two", Map.of(adapted, Decision.KEEP)));
        assertThat(rolled.require(Page.class, "one").body().all()).hasSize(1);
        assertThat(rolled.require(Page.class, "two")
                        .body()
                        .require(adapted)
                        .section()
                        .origin())
                .as("its own from now on")
                .isNull();
        Edition fixed = all(site, TemplateCommand.fixSection(T, "more", true));
        assertThat(states(fixed, "one")).as("the template shows it itself now").containsEntry("more", State.GOES);
    }

    @Test
    void aPageThatIsLeftAloneIsPassedOver() {
        Edition alone = all(
                site,
                ValueCommand.setValue("two", null, null, "alone", Value.of(true)),
                write(T, "lead", "words", "<p>Anew</p>"),
                SectionCommand.placeSection(T, "main", 0, "first", null, null, List.of(12)));
        assertThat(states(alone, "two")).isEqualTo(Map.of("lead", State.LEFT, "more", State.DONE, "first", State.LEFT));
        assertThat(words(rolled(alone, Map.of("two", Map.of())), "two")).isEqualTo(words(alone, "two"));
        assertThat(states(alone, "one")).containsEntry("first", State.COMES);
    }

    /** Whatever was done to template and page: rolled out twice is rolled out once, and the page's own words are there. */
    @Property(tries = 80)
    void rollingOutTwiceChangesNothingMoreAndLosesNothing(@ForAll Random chance) {
        Edition now = site;
        for (int i = 0; i < 8; i++) {
            try {
                now = Sites.after(now, mischief(now, chance, i));
            } catch (Refusal refused) {
                // refused steps change nothing
            }
        }
        Edition once = rolled(now, Map.of("one", Map.of()));
        Edition twice = rolled(once, Map.of("one", Map.of()));
        assertThat(twice.require(Page.class, "one")).isEqualTo(once.require(Page.class, "one"));
        for (int i = 0; i < 8; i++) {
            String mine = "mine" + i + "<";
            if (words(now, "one").contains(mine)) {
                assertThat(words(once, "one")).contains(mine);
            }
        }
        assertThat(once.require(Page.class, "two")).isEqualTo(now.require(Page.class, "two"));
    }

    private static Command mischief(Edition site, Random chance, int i) {
        String item = chance.nextBoolean() ? "one" : T;
        String whose = item.equals(T) ? "theirs" : "mine";
        List<Section> sections = site.require(venue.core.model.section.Sectioned.class, item)
                .body()
                .all()
                .toList();
        String section = sections.isEmpty()
                ? "none"
                : sections.get(chance.nextInt(sections.size())).id();
        return switch (chance.nextInt(6)) {
            case 0 -> SectionCommand.placeSection(item, "main", chance.nextInt(3), whose + i, null, null, List.of(12));
            case 1 -> SectionCommand.moveSection(item, section, "main", chance.nextInt(3));
            case 2 -> SectionCommand.copySection(item, section, whose + "-copy" + i);
            case 3 ->
                item.equals(T)
                        ? SectionCommand.removeSection(T, section)
                        : ValueCommand.setValue(item, section, null, "space", Value.of("large"));
            case 4 ->
                ValueCommand.setValue(item, section, null, "tone", Value.of(chance.nextBoolean() ? "deep" : "tinted"));
            default ->
                SectionCommand.placeElement(
                        item,
                        section,
                        "c1",
                        0,
                        whose + i,
                        "text",
                        Map.of("text", Value.of("<p>" + whose + i + "</p>")));
        };
    }

    @Test
    void lineageTellsWhatHasMovedOn() {
        Edition changed = all(site, write(T, "lead", "words", "<p>Anew</p>"));
        Section copy = changed.require(Page.class, "one")
                .body()
                .require(copy(changed, "one", "lead"))
                .section();
        assertThat(Lineage.of(changed, copy, h -> Sites.desk(changed).archive().find(h)))
                .isEqualTo(Lineage.BEHIND);
    }

    private static Lineage lineage(Edition site, String page, String origin) {
        Section at = site.require(Page.class, page)
                .zones()
                .require(copy(site, page, origin))
                .section();
        return Lineage.of(site, at, Sites.desk(site).archive()::find);
    }

    @Test
    void whatWasChangedInACopyIsGivenUpOrGivenToTheTemplate() {
        String lead = copy(site, "one", "lead");
        Edition adapted =
                all(site, write("one", lead, "words", "<p>Mine</p>"), write(T, "lead", "words", "<p>Newer</p>"));
        Edition given = Sites.after(adapted, SectionCommand.followAgain("one", lead));
        assertThat(words(given, "one")).contains("Newer").doesNotContain("Mine");
        assertThat(lineage(given, "one", "lead")).isEqualTo(Lineage.IN_STEP);

        Edition taught = Sites.after(adapted, SectionCommand.giveToOrigin("one", lead));
        assertThat(lineage(taught, "one", "lead")).isEqualTo(Lineage.IN_STEP);
        assertThat(states(taught, "one")).containsEntry("lead", State.DONE);
        assertThat(words(taught, "two")).as("copies elsewhere stay").contains("Lead");
        Edition later = Sites.after(taught, write(T, "lead", "words", "<p>Last</p>"));
        assertThat(states(later, "one")).as("it follows from what it gave").containsEntry("lead", State.FOLLOWS);
        assertThatThrownBy(() -> Sites.after(site, SectionCommand.followAgain("home", "home-s1")))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("no-origin"));
    }
}
