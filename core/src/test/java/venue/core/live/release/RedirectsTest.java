package venue.core.live.release;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import venue.core.Mischief;
import venue.core.Sites;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.edition.Edition;
import venue.core.live.address.Addresses;
import venue.core.live.address.AtAddress;
import venue.core.live.address.Trail;
import venue.core.model.gate.Visitor;
import venue.core.model.page.Page;
import venue.core.model.redirect.Redirect;

/** Whoever kept an old address arrives in one step, or is told that what stood there is gone. */
class RedirectsTest {

    /** The law of addresses, over edits, releases of all or some of them, and releases of before put back. */
    @Property(tries = 120)
    void whatWasEverLiveIsServedLeadsToWhatIsServedOrIsGone(@ForAll long seed) {
        Random chance = new Random(seed);
        Mischief mischief = new Mischief(seed);
        Set<String> everLive = new TreeSet<>(Set.of("/"));
        List<Edition> releases = new ArrayList<>();
        Edition working = Sites.small();
        Edition live = Edition.of(List.of());
        for (int release = 0; release < 8; release++) {
            Optional<ReleasePlan.Prepared> prepared = next(chance, releases, live, working);
            if (prepared.isPresent()) {
                live = prepared.get().live();
                working =
                        working.with(prepared.get().redirects(), prepared.get().dropped());
                releases.add(live);
            }
            Edition now = live;
            now.plan().inOrder().map(now.plan()::address).forEach(everLive::add);
            everLive.forEach(address -> holds(now, address));
            working = mischief.upon(working, 5);
        }
    }

    /** Some of what waits, all of it, or a release of before. */
    private static Optional<ReleasePlan.Prepared> next(
            Random chance, List<Edition> releases, Edition live, Edition working) {
        if (releases.size() > 1 && chance.nextInt(4) == 0) {
            return Optional.of(ReleasePlan.prepare(live, releases.get(chance.nextInt(releases.size())), List.of()));
        }
        ReleasePlan plan = ReleasePlan.of(live, working);
        List<String> items = plan.entries().stream()
                .map(ReleaseEntry::item)
                .filter(i -> releases.isEmpty() || chance.nextInt(3) > 0)
                .toList();
        return items.isEmpty() ? Optional.empty() : Optional.of(plan.prepare(items));
    }

    private static void holds(Edition live, String address) {
        Addresses addresses = Addresses.of(live, Visitor.US);
        AtAddress there = addresses.at(address);
        assertThat(there).as(address).isNotInstanceOf(AtAddress.Nothing.class);
        if (there instanceof AtAddress.Moved moved) {
            assertThat(addresses.at(live.servedAt(moved.page())))
                    .as("from " + address)
                    .isEqualTo(new AtAddress.Here(moved.page()));
        }
        for (String other :
                List.of(address + "/", "/" + address, address.replace("/", "//").toUpperCase(Locale.ROOT))) {
            assertThat(page(addresses.at(other))).as(other).isEqualTo(page(there));
        }
    }

    private static Optional<Page> page(AtAddress there) {
        return there instanceof AtAddress.Here here
                ? Optional.of(here.page())
                : there instanceof AtAddress.Moved moved ? Optional.of(moved.page()) : Optional.empty();
    }

    @Test
    void whatIsTakenAwayIsGoneUntilAPageHasItsAddressAgain() {
        Edition first = all(Edition.of(List.of()), Sites.small());
        Edition second = all(first, Sites.after(first, PageCommand.setSegment("weaving", "looms")));
        Edition third = all(second, Sites.after(second, PageCommand.removePage("weaving")));
        assertThat(third.all(Redirect.class)
                        .map(Redirect::from)
                        .map(a -> Addresses.of(third, Visitor.US).at(a)))
                .containsExactly(new AtAddress.Gone(), new AtAddress.Gone());
        assertThat(Trail.of(third, Visitor.US, "/workshops/looms/").stops())
                .extracting(Trail.Stop::kind)
                .containsExactly(Trail.Kind.ASKED, Trail.Kind.RIGHT, Trail.Kind.GONE);
        assertThat(Trail.of(second, Visitor.US, "/workshops/weaving").stops())
                .extracting(Trail.Stop::kind)
                .containsExactly(Trail.Kind.ASKED, Trail.Kind.LED, Trail.Kind.SERVED);
        Edition back = ReleasePlan.prepare(third, first, List.of()).live();
        AtAddress weaving = new AtAddress.Moved(back.require(Page.class, "weaving"), "");
        assertThat(Addresses.of(back, Visitor.US).at("/Workshops//weaving/")).isEqualTo(weaving);
        assertThat(Addresses.of(back, Visitor.US).at("/workshops/looms")).isEqualTo(weaving);
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
