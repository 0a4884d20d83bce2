package venue.core.live.release;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.edition.Edition;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

/** Whoever kept an old address arrives, as long as the page is there. */
class RedirectsTest {

    @Property(tries = 80)
    void everyAddressThatWasEverLiveLeadsToItsPageInOneStep(@ForAll long seed) {
        Mischief mischief = new Mischief(seed);
        Edition working = Sites.small();
        Edition live = all(Edition.of(List.of()), working);
        Map<String, String> lastHolder = new HashMap<>();
        for (int release = 0; release < 6; release++) {
            live.plan().inOrder().forEach(remember(live, lastHolder));
            working = mischief.upon(working.with(live.all(Redirect.class).toList(), List.of()), 5);
            live = all(live, working);
        }
        Edition now = live;
        lastHolder.forEach((address, page) -> check(now, address, page));
    }

    private static java.util.function.Consumer<String> remember(Edition live, Map<String, String> lastHolder) {
        return id -> lastHolder.put(live.plan().address(id), id);
    }

    private static void check(Edition live, String address, String page) {
        if (live.page(page).isEmpty() || live.plan().pageAt(address).isPresent()) {
            return;
        }
        Redirect redirect = live.redirectFrom(address).orElseThrow(() -> new AssertionError("lost: " + address));
        assertThat(redirect.to().pageId()).as("from " + address).contains(page);
    }

    @Test
    void aPageThatMovesTwiceIsReachedFromBothOldAddressesWithoutAChain() {
        Edition first = all(Edition.of(List.of()), Sites.small());
        Edition second = all(first, Sites.after(first, PageCommand.setSegment("weaving", "looms")));
        Edition third = all(second, Sites.after(second, PageCommand.movePage("weaving", null, null)));
        assertThat(third.all(Redirect.class).map(Redirect::from))
                .containsExactlyInAnyOrder("/workshops/weaving", "/workshops/looms");
        assertThat(third.all(Redirect.class).map(r -> r.to().pageId().orElseThrow()))
                .containsOnly("weaving");
    }

    @Test
    void becomingHomeNeedsNoRedirectOfItsOwn() {
        Edition first = all(Edition.of(List.of()), Sites.small());
        Edition second = all(first, Sites.after(first, PageCommand.makeHome("weaving")));
        assertThat(second.all(Redirect.class)).isEmpty();
        assertThat(second.servedAt(second.require(Page.class, "weaving"))).isEqualTo("/");
    }

    /** The live site after everything has been released. */
    private static Edition all(Edition live, Edition working) {
        List<String> items = ReleasePlan.of(live, working).entries().stream()
                .map(ReleaseEntry::item)
                .toList();
        return items.isEmpty()
                ? live
                : ReleasePlan.of(live, working).prepare(items).live();
    }
}
