package venue.core.live.release;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.basics.fault.Refusal;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.kind.KindCommand;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

class ReleasePlanTest {

    private final Edition live = Sites.small();

    /** What reaches pages that nobody touched says so. */
    @Test
    void aChangeOfKindOrLookTellsInWordsHowManyPagesItAlters() {
        Edition working = Sites.after(
                Sites.after(live, KindCommand.setKindTemplates("standard", "wide", List.of("wide", "plain"))),
                ValueCommand.setValue("dusk", null, null, "headingFont", Value.of("bitter")));
        assertThat(ReleasePlan.of(live, working, List.of("dusk", "standard", "home", "nobody"))
                        .entries())
                .as("counted as they are listed")
                .hasSize(2);
        assertThat(ReleasePlan.of(live, working).entries())
                .extracting(
                        ReleaseEntry::item,
                        e -> String.join("; ", e.says()),
                        e -> e.reached().reaches())
                .containsExactly(
                        tuple("dusk", "Headings: Bitter, slab serif; Shows on every page", 3L),
                        tuple("standard", "Its usual template is Wide picture instead of Plain; 3 pages follow", 3L));
    }

    @Test
    void tellsWhatChangedInSentences() {
        Edition working = Sites.after(live, PageCommand.movePage("weaving", null, null));
        assertThat(plan(working).entries())
                .singleElement()
                .satisfies(e -> assertThat(e.says())
                        .containsExactly(
                                "Moved to the top", "Address /weaving, and /workshops/weaving redirects there"));
    }

    @Test
    void whatIsTakenOffTheSiteIsNoUsualChange() {
        Edition off = Sites.after(live, PageCommand.withdrawPage("weaving", true));
        assertThat(plan(off).entries()).extracting(ReleaseEntry::fate).containsExactly(ReleaseEntry.Fate.OFF);
        Edition gone = Sites.after(live, PageCommand.removePage("weaving"));
        assertThat(plan(gone).entries()).extracting(ReleaseEntry::fate).contains(ReleaseEntry.Fate.GONE);
    }

    @Test
    void aPageBringsTheAncestorsThatVisitorsDoNotHave() {
        Edition working = Sites.after(Sites.after(live, make("above", null)), make("below", "above"));
        assertThat(plan(working).closure(List.of("below"))).containsExactlyInAnyOrder("below", "above");
        assertThat(plan(working).closure(List.of("above"))).containsExactly("above");
    }

    @Test
    void theChoiceOfADraftAsHomeBringsTheDraft() {
        Edition working = Sites.after(Sites.after(live, make("draft", null)), PageCommand.makeHome("draft"));
        assertThat(plan(working).closure(List.of("site"))).contains("draft");
        assertThat(plan(working).closure(List.of("draft")))
                .as("what is released as home is home")
                .contains("site");
    }

    @Test
    void aPageThatTakesAnothersAddressBringsTheOther() {
        Edition working = Sites.after(
                Sites.after(live, PageCommand.setSegment("workshops", "doors")),
                PageCommand.setSegment("home", "workshops"));
        assertThat(plan(working).closure(List.of("home"))).containsExactlyInAnyOrder("home", "workshops");
    }

    @Test
    void aMoveRedirectsThePageAndEverythingBeneathIt() {
        Edition working = Sites.after(live, PageCommand.setSegment("workshops", "doors"));
        ReleasePlan.Prepared prepared = plan(working).prepare(List.of("workshops"));
        assertThat(prepared.redirects())
                .extracting(Redirect::from)
                .containsExactlyInAnyOrder("/workshops", "/workshops/weaving");
    }

    @Test
    void movingBackEndsTheRedirectThatWouldLoop() {
        Edition moved = plan(Sites.after(live, PageCommand.setSegment("workshops", "doors")))
                .prepare(List.of("workshops"))
                .live();
        Edition back = Sites.after(moved, PageCommand.setSegment("workshops", "workshops"));
        ReleasePlan.Prepared prepared = ReleasePlan.of(moved, back).prepare(List.of("workshops"));
        assertThat(prepared.live().redirectFrom("/workshops")).isEmpty();
        assertThat(prepared.live().redirectFrom("/doors")).isPresent();
        assertThat(prepared.notes()).anyMatch(n -> n.contains("The redirect from /workshops ends"));
    }

    @Test
    void redirectsToAPageThatGoesSayThatItIsGone() {
        Edition moved = plan(Sites.after(live, PageCommand.setSegment("weaving", "looms")))
                .prepare(List.of("weaving"))
                .live();
        ReleasePlan.Prepared prepared = ReleasePlan.of(moved, Sites.after(moved, PageCommand.removePage("weaving")))
                .prepare(List.of("weaving"));
        assertThat(prepared.live().all(Redirect.class).map(Redirect::from))
                .containsExactlyInAnyOrder("/workshops/weaving", "/workshops/looms");
        assertThat(prepared.notes()).contains("1 old address will say that what stood there is gone (410).");
    }

    @Test
    void pagesThatChangedPlacesGoLiveTogether() {
        Edition first = Sites.after(live, PageCommand.movePage("weaving", null, null));
        ReleasePlan plan = plan(Sites.after(first, PageCommand.movePage("workshops", "weaving", null)));
        Edition released = plan.prepare(List.of("workshops")).live();
        assertThat(released.plan().address("workshops")).isEqualTo("/weaving/workshops");
    }

    @Property(tries = 150)
    void whateverPartIsReleasedTheLiveSiteHoldsTogether(@ForAll long seed) {
        Random chance = new Random(seed);
        Edition working = live;
        for (int i = 0; i < 15; i++) {
            working = tried(working, chance, i);
        }
        ReleasePlan plan = plan(working);
        List<String> some = plan.entries().stream()
                .map(ReleaseEntry::item)
                .filter(e -> chance.nextInt(3) == 0)
                .toList();
        if (!some.isEmpty()) {
            Edition released = plan.prepare(some).live();
            assertThat(released.home()).isPresent();
            released.all(Page.class).forEach(p -> {
                assertThat(p.parent() == null || released.page(p.parent()).isPresent())
                        .as("stands somewhere")
                        .isTrue();
                assertThat(released.plan().pageAt(released.plan().address(p.id())))
                        .contains(p.id());
            });
            released.all(Redirect.class)
                    .forEach(r -> assertThat(released.plan().pageAt(r.from())).isEmpty());
        }
    }

    private static Edition tried(Edition working, Random chance, int i) {
        List<String> ids = working.plan().inOrder().toList();
        String one = ids.get(chance.nextInt(ids.size()));
        String other = ids.get(chance.nextInt(ids.size()));
        Command command = switch (chance.nextInt(6)) {
            case 0 -> make("n" + i, one);
            case 1 -> PageCommand.movePage(one, chance.nextBoolean() ? other : null, null);
            case 2 -> PageCommand.setSegment(one, "s" + chance.nextInt(4));
            case 3 -> PageCommand.makeHome(one);
            case 4 -> PageCommand.removePage(one);
            default -> PageCommand.setTitle(one, "Title " + chance.nextInt(50));
        };
        try {
            return Sites.after(working, command);
        } catch (Refusal refused) {
            return working;
        }
    }

    private static PageCommand make(String id, String parent) {
        return NewPages.one("standard", id, "Page " + id).beneath(parent).made();
    }

    private ReleasePlan plan(Edition working) {
        return ReleasePlan.of(live, working);
    }
}
