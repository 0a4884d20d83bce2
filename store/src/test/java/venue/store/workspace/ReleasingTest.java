package venue.store.workspace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.change.edit.Command;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.live.release.ReleaseEntry;
import venue.core.model.page.Page;
import venue.store.database.Database;
import venue.store.live.AskedReleases;
import venue.store.live.PlannedReleases.Planned;

/** Releases that are set for a time, gone back to, and asked for. */
class ReleasingTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final SiteId TWIN = new SiteId("twin");
    private static final PersonId ANA = new PersonId("Ana");
    private static final Instant NOW = Instant.parse("2026-12-01T10:00:00Z");
    private static final LocalDateTime NOON = LocalDateTime.parse("2026-12-01T12:00:30");

    @TempDir
    Path folder;

    private Database database;
    private Workspace yard;
    private Instant now = NOW;

    @BeforeEach
    void open() {
        database = Yard.database(folder);
        Workspaces sites = new Workspaces(database, () -> now, new Random(1));
        yard = sites.begin(YARD, ANA, Yard.items());
        releaseAll(yard);
    }

    @AfterEach
    void close() {
        database.close();
    }

    private static void releaseAll(Workspace site) {
        site.releasing().release(ANA, "", all(site));
    }

    private static List<String> all(Workspace site) {
        return site.now().plan().entries().stream().map(ReleaseEntry::item).toList();
    }

    private static void does(Workspace site, Command command) {
        site.run(AskedRequest.of(ANA, command));
    }

    private String title(String page) {
        return yard.now().live().page(page).map(Page::title).orElse("none");
    }

    @Test
    void holdsTheVersionsOfWhenItWasSetAndSaysWhatItWasDueFor() {
        does(yard, PageCommand.setTitle("home", "Winter"));
        Planned winter = yard.releasing().plan(ANA, "Snow", List.of("home"), NOON);
        assertThat(winter.wanted()).isEqualTo("2026-12-01T12:00");
        assertThat(winter.changes()).isEqualTo(1);
        does(yard, PageCommand.setTitle("home", "Spring"));
        assertThat(yard.releasing().isDue(winter)).isFalse();
        now = now.plusSeconds(3 * 3600);
        assertThat(yard.releasing().isDue(winter)).isTrue();
        assertThat(yard.releasing().due(winter)).isPresent();
        assertThat(title("home")).isEqualTo("Winter");
        assertThat(yard.now().changes()).as("what was changed since waits").isEqualTo(1);
        assertThat(yard.releasing().due(winter)).as("made once").isEmpty();
        assertThat(yard.releases().log(YARD, 0, 1)).singleElement().satisfies(r -> {
            assertThat(r.due()).isEqualTo("2026-12-01T12:00:00Z");
            assertThat(r.at()).isEqualTo("2026-12-01T13:00:00Z");
            assertThat(r.note()).isEqualTo("Snow");
        });
    }

    @Test
    void whatWentLiveNewerStaysAndWhatIsOlderIsReplaced() {
        does(yard, PageCommand.setTitle("home", "One"));
        Planned first = yard.releasing().plan(ANA, "", List.of("home"), NOON);
        does(yard, PageCommand.setTitle("home", "Two"));
        Planned second = yard.releasing().plan(ANA, "", List.of("home"), NOON.plusHours(1));
        assertThat(yard.releasing().due(first)).isPresent();
        assertThat(yard.releasing().held(second).newer()).isEmpty();
        does(yard, PageCommand.setTitle("home", "Three"));
        releaseAll(yard);
        assertThat(yard.releasing().held(second).newer()).containsExactly("home");
        assertThat(yard.releasing().due(second)).as("nothing is left of it").isEmpty();
        assertThat(yard.releasing().planned()).isEmpty();
        assertThat(title("home")).isEqualTo("Three");
    }

    @Test
    void waitsWhileSomethingIsInItsWayAndIsMadeOnceItIsNot() {
        does(yard, NewPages.one("standard", "tea", "Tea").made());
        Planned tea = yard.releasing().plan(ANA, "", List.of("tea"), NOON);
        does(yard, PageCommand.setSegment("other", "else"));
        does(yard, PageCommand.setSegment("tea", "cups"));
        does(yard, PageCommand.setSegment("other", "tea"));
        yard.releasing().release(ANA, "", List.of("other"));
        now = now.plusSeconds(3 * 3600);
        assertThat(yard.releasing().due(tea)).isEmpty();
        assertThat(yard.releasing().isOverdue(tea)).isTrue();
        does(yard, PageCommand.setSegment("other", "other"));
        yard.releasing().release(ANA, "", List.of("other"));
        assertThat(yard.releasing().due(tea)).isPresent();
        assertThat(title("tea")).isEqualTo("Tea");
    }

    @Test
    void isMovedAndCancelledAndRefusedForATimeThatIsGone() {
        does(yard, PageCommand.setTitle("home", "Winter"));
        assertThatThrownBy(() -> yard.releasing().plan(ANA, "", List.of("home"), NOON.minusHours(3)))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("time-out-of-range"));
        assertThatThrownBy(() -> yard.releasing().plan(ANA, "", List.of("home"), NOON.plusYears(9)))
                .isInstanceOf(Refusal.class);
        Planned winter = yard.releasing().plan(ANA, "", List.of("home"), NOON);
        yard.releasing().move(winter.id(), NOON.plusDays(1), "Later");
        assertThat(yard.releasing().planned())
                .extracting(Planned::wanted, Planned::note)
                .containsExactly(org.assertj.core.api.Assertions.tuple("2026-12-02T12:00", "Later"));
        yard.releasing().cancel(winter.id());
        assertThat(yard.releasing().planned()).isEmpty();
        assertThatThrownBy(() -> yard.releasing().cancel(winter.id())).isInstanceOf(Refusal.class);
        for (int i = 0; i < 50; i++) {
            yard.releasing().plan(ANA, "", List.of("home"), NOON.plusMinutes(i));
        }
        assertThatThrownBy(() -> yard.releasing().plan(ANA, "", List.of("home"), NOON))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("planned-too-many"));
    }

    /** Of two sites in which the same is done, one sets a release for a time and the other makes it at once. */
    @Test
    void isWhatItWouldBeMadeByHand() {
        Workspaces sites = new Workspaces(database, () -> now, new Random(1));
        Workspace twin = sites.begin(TWIN, ANA, Yard.items("twin.localhost"));
        releaseAll(twin);
        Random chance = new Random(7);
        for (int round = 0; round < 12; round++) {
            for (int i = 0; i < 4; i++) {
                Command command = command(chance, round * 10 + i);
                for (Workspace site : List.of(yard, twin)) {
                    does(site, command);
                }
            }
            List<String> chosen =
                    all(yard).stream().filter(id -> chance.nextBoolean()).toList();
            if (chosen.isEmpty()) {
                continue;
            }
            Planned planned = yard.releasing().plan(ANA, "", chosen, LocalDateTime.parse("2027-01-01T00:00"));
            twin.releasing().release(ANA, "", chosen);
            assertThat(yard.releasing().due(planned)).isPresent();
            assertThat(live(yard)).isEqualTo(live(twin));
            assertThat(yard.now().waits().ids()).isEqualTo(twin.now().waits().ids());
        }
    }

    private static Command command(Random chance, int i) {
        return switch (chance.nextInt(3)) {
            case 0 -> NewPages.one("standard", "p" + i, "Page " + i).made();
            case 1 -> PageCommand.setSegment("other", "at-" + i);
            default -> PageCommand.setTitle("home", "Title " + i);
        };
    }

    private static Map<String, Hash> live(Workspace site) {
        Map<String, Hash> map = new java.util.TreeMap<>(site.now().liveHashes());
        map.remove("site");
        return map;
    }

    @Test
    void anEarlierReleaseIsAsItWasAndTheLogSaysWhereItWentBackTo() {
        Set<Object> first = Set.copyOf(yard.now().live().items());
        for (String title : List.of("One", "Two", "Three")) {
            does(yard, PageCommand.setTitle("home", title));
            releaseAll(yard);
        }
        assertThat(Set.copyOf(yard.releasing().at(1).items())).isEqualTo(first);
        assertThat(yard.releasing().at(3).require(Page.class, "home").title()).isEqualTo("Two");
        assertThat(yard.releasing().at(4)).isSameAs(yard.now().live());
        assertThat(yard.releasing().back(2).items()).containsExactly("home");
        yard.releasing().goBack(ANA, 2);
        assertThat(yard.releases().log(YARD, 0, 1).get(0).backTo()).isEqualTo(2);
        assertThat(yard.now().changes()).isEqualTo(1);
        assertThatThrownBy(() -> yard.releasing().goBack(ANA, 2))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("back-to-the-same"));
        assertThatThrownBy(() -> yard.releasing().at(9)).isInstanceOf(Refusal.class);
    }

    @Test
    void whatIsAskedForIsAskedForUntilItIsLiveOrGivenBackAndThatIsKept() {
        AskedReleases asked = new AskedReleases(database, () -> now);
        does(yard, PageCommand.setTitle("home", "One"));
        does(yard, PageCommand.setTitle("other", "Two"));
        Set<String> waiting = yard.now().waits().ids();
        asked.ask(YARD, ANA, List.of("home"), "soon", waiting);
        String again = asked.ask(YARD, ANA, List.of("home", "other"), "  before Friday ", waiting)
                .id();
        assertThat(asked.all(YARD, waiting)).as("asked anew").singleElement().satisfies(a -> {
            assertThat(a.word()).isEqualTo("before Friday");
            assertThat(a.items()).containsExactlyInAnyOrder("home", "other");
        });
        asked.giveBack(YARD, again, new PersonId("Bo"), "The price");
        AskedReleases anew = new AskedReleases(database, () -> now);
        assertThat(anew.open(YARD, waiting)).isZero();
        assertThat(anew.all(YARD, waiting).get(0).back())
                .isEqualTo(new AskedReleases.Back(new PersonId("Bo"), now.toString(), "The price"));
        anew.ask(YARD, ANA, List.of("home"), "now", waiting);
        assertThat(anew.open(YARD, waiting)).isEqualTo(1);
        yard.releasing().release(ANA, "", List.of("home"));
        assertThat(anew.open(YARD, yard.now().waits().ids())).isZero();
        assertThatThrownBy(() -> anew.ask(YARD, ANA, List.of("other"), " ", waiting))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("word-missing"));
    }
}
