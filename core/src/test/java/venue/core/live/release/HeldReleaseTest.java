package venue.core.live.release;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import venue.core.Sites;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.edition.edition.Edition;
import venue.core.live.release.HeldRelease.Version;
import venue.core.model.page.Page;

class HeldReleaseTest {

    private final Edition live = Sites.small();

    @ParameterizedTest
    @CsvSource({
        "2027-03-28T00:30, Europe/London, 2027-03-28T00:30:00Z",
        // The clocks leave out 01:30: it is an hour later by them.
        "2027-03-28T01:30, Europe/London, 2027-03-28T01:30:00Z",
        "2027-03-28T02:30, Europe/London, 2027-03-28T01:30:00Z",
        // 01:30 comes twice: the first one counts.
        "2027-10-31T01:30, Europe/London, 2027-10-31T00:30:00Z",
        "2027-10-31T02:30, Europe/Berlin, 2027-10-31T00:30:00Z",
        "2027-07-01T08:00, Pacific/Kiritimati, 2027-06-30T18:00:00Z",
    })
    void aTimeIsThatOfTheClocksOfThePlace(LocalDateTime wanted, String zone, String at) {
        assertThat(HeldRelease.at(wanted, ZoneId.of(zone))).hasToString(at);
    }

    private static List<Version> versions(Edition working, Set<String> ids, Set<String> newer) {
        return ids.stream()
                .map(id -> new Version(id, working.find(id), newer.contains(id)))
                .toList();
    }

    /** What is chosen now and goes live later, on a site that has stayed as it was, is what a release at once would have been. */
    @Property(tries = 60)
    void isTheReleaseOfWhatWasChosen(@ForAll Random chance) {
        Edition working = live;
        for (int i = 0; i < 6; i++) {
            working = Sites.after(working, step(working, chance, i));
        }
        ReleasePlan plan = ReleasePlan.of(live, working);
        List<String> chosen = plan.entries().stream()
                .map(ReleaseEntry::item)
                .filter(id -> chance.nextBoolean())
                .toList();
        if (chosen.isEmpty()) {
            return;
        }
        ReleasePlan.Prepared now = plan.prepare(chosen);
        HeldRelease later = HeldRelease.of(
                live,
                versions(working, new HashSet<>(now.items()), Set.of()),
                HeldRelease.needs(now.live(), now.items()));
        assertThat(later.missing()).isEmpty();
        assertThat(items(later.prepared().live())).isEqualTo(items(now.live()));
        assertThat(HeldRelease.of(now.live(), versions(working, new HashSet<>(now.items()), Set.of()), Map.of())
                        .prepared()
                        .items())
                .as("where all of it is live already, nothing is left of it")
                .isEmpty();
    }

    private static Set<Object> items(Edition edition) {
        return new HashSet<>(edition.items());
    }

    private static venue.core.change.edit.Command step(Edition working, Random chance, int i) {
        List<String> pages = new ArrayList<>(working.all(Page.class)
                .map(Page::id)
                .filter(id -> !id.equals("home"))
                .toList());
        String page = pages.isEmpty() ? "home" : pages.get(chance.nextInt(pages.size()));
        return switch (page.equals("home") ? 0 : chance.nextInt(4)) {
            case 0 -> NewPages.one("standard", "p" + i, "Page " + i).made();
            case 1 -> PageCommand.setSegment(page, "at-" + i);
            case 2 -> PageCommand.movePage(page, null, null);
            default -> PageCommand.setTitle(page, "Title " + i);
        };
    }

    @Test
    void whatWentLiveNewerStays() {
        Edition working = Sites.after(live, PageCommand.setTitle("weaving", "Looms"));
        Edition newer = Sites.after(live, PageCommand.setTitle("weaving", "Shuttles"));
        HeldRelease held = HeldRelease.of(newer, versions(working, Set.of("weaving"), Set.of("weaving")), Map.of());
        assertThat(held.newer()).containsExactly("weaving");
        assertThat(held.prepared().items()).isEmpty();
    }

    @Test
    void allOfItWaitsWhileSomethingThatItNeedsIsGone() {
        Edition working = Sites.after(live, PageCommand.setTitle("weaving", "Looms"));
        ReleasePlan.Prepared chosen = ReleasePlan.of(live, working).prepare(List.of("weaving"));
        Map<String, String> needs = HeldRelease.needs(chosen.live(), chosen.items());
        assertThat(needs).containsEntry("workshops", "Workshops").containsEntry("standard", "Standard page");
        Edition without =
                live.with(List.of(live.require(Page.class, "weaving").withPlace(null, 9)), List.of("workshops"));
        HeldRelease held = HeldRelease.of(without, versions(working, Set.of("weaving"), Set.of()), needs);
        assertThat(held.missing()).containsExactly("“Workshops” is not on the site, and what was chosen needs it.");
        assertThat(held.prepared().live()).as("nothing of it").isSameAs(without);
    }

    @Test
    void anAddressThatSomethingElseHasNowIsInTheWayAndSoIsAPageBeneathWhatGoes() {
        Edition working = Sites.after(live, PageCommand.setSegment("workshops", "doors"));
        Edition taken =
                Sites.after(live, NewPages.one("standard", "doors", "Doors").made());
        assertThat(HeldRelease.of(taken, versions(working, Set.of("workshops"), Set.of()), Map.of())
                        .missing())
                .containsExactly("“Doors” has the address that “Workshops” would have.");
        Version goes = new Version("workshops", Optional.empty(), false);
        assertThat(HeldRelease.of(live, List.of(goes), Map.of()).missing())
                .containsExactly("“Weaving” stands beneath a page that would go.");
        Version home = new Version("home", Optional.empty(), false);
        assertThat(HeldRelease.of(live, List.of(home), Map.of()).missing())
                .containsExactly("The site would have no home page.");
    }
}
