package venue.core.release;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Sites;
import venue.core.edit.Command;
import venue.core.edit.MakeHome;
import venue.core.edit.MakePages;
import venue.core.edit.MovePage;
import venue.core.edit.RemovePage;
import venue.core.edit.SetSegment;
import venue.core.edit.SetTitle;
import venue.core.edition.Edition;
import venue.core.fault.Refusal;
import venue.core.page.Page;
import venue.core.redirect.Redirect;

class ReleasePlanTest {

    private final Edition live = Sites.small();

    @Test
    void tellsWhatChangedInSentences() {
        Edition working = Sites.after(live, new MovePage("weaving", null, null));
        assertThat(plan(working).entries())
                .singleElement()
                .satisfies(e -> assertThat(e.says())
                        .containsExactly(
                                "Moved to the top", "Address /weaving, and /workshops/weaving redirects there"));
    }

    @Test
    void aPageBringsTheAncestorsThatVisitorsDoNotHave() {
        Edition working = Sites.after(Sites.after(live, make("above", null)), make("below", "above"));
        assertThat(plan(working).closure(List.of("below"))).containsExactlyInAnyOrder("below", "above");
        assertThat(plan(working).closure(List.of("above"))).containsExactly("above");
    }

    @Test
    void theChoiceOfADraftAsHomeBringsTheDraft() {
        Edition working = Sites.after(Sites.after(live, make("draft", null)), new MakeHome("draft"));
        assertThat(plan(working).closure(List.of("site"))).contains("draft");
    }

    @Test
    void aPageThatTakesAnothersAddressBringsTheOther() {
        Edition working = Sites.after(
                Sites.after(live, new SetSegment("workshops", "doors")), new SetSegment("home", "workshops"));
        assertThat(plan(working).closure(List.of("home"))).containsExactlyInAnyOrder("home", "workshops");
    }

    @Test
    void aMoveRedirectsThePageAndEverythingBeneathIt() {
        Edition working = Sites.after(live, new SetSegment("workshops", "doors"));
        ReleasePlan.Prepared prepared = plan(working).prepare(List.of("workshops"));
        assertThat(prepared.redirects())
                .extracting(Redirect::from)
                .containsExactlyInAnyOrder("/workshops", "/workshops/weaving");
    }

    @Test
    void movingBackEndsTheRedirectThatWouldLoop() {
        Edition moved = plan(Sites.after(live, new SetSegment("workshops", "doors")))
                .prepare(List.of("workshops"))
                .live();
        Edition back = Sites.after(moved, new SetSegment("workshops", "workshops"));
        ReleasePlan.Prepared prepared = ReleasePlan.of(moved, back).prepare(List.of("workshops"));
        assertThat(prepared.live().redirectFrom("/workshops")).isEmpty();
        assertThat(prepared.live().redirectFrom("/doors")).isPresent();
        assertThat(prepared.notes()).anyMatch(n -> n.contains("The redirect from /workshops ends"));
    }

    @Test
    void redirectsToAPageThatGoesEnd() {
        Edition moved = plan(Sites.after(live, new SetSegment("weaving", "looms")))
                .prepare(List.of("weaving"))
                .live();
        ReleasePlan.Prepared prepared = ReleasePlan.of(moved, Sites.after(moved, new RemovePage("weaving")))
                .prepare(List.of("weaving"));
        assertThat(prepared.live().all(Redirect.class)).isEmpty();
    }

    @Test
    void pagesThatChangedPlacesGoLiveTogether() {
        Edition first = Sites.after(live, new MovePage("weaving", null, null));
        ReleasePlan plan = plan(Sites.after(first, new MovePage("workshops", "weaving", null)));
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
                .map(Entry::item)
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
            case 1 -> new MovePage(one, chance.nextBoolean() ? other : null, null);
            case 2 -> new SetSegment(one, "s" + chance.nextInt(4));
            case 3 -> new MakeHome(one);
            case 4 -> new RemovePage(one);
            default -> new SetTitle(one, "Title " + chance.nextInt(50));
        };
        try {
            return Sites.after(working, command);
        } catch (Refusal refused) {
            return working;
        }
    }

    private static MakePages make(String id, String parent) {
        return new MakePages(
                parent,
                null,
                "standard",
                null,
                List.of(new MakePages.NewPage(id, "Page " + id)),
                null,
                List.of(),
                Map.of());
    }

    private ReleasePlan plan(Edition working) {
        return ReleasePlan.of(live, working);
    }
}
