package venue.store.workspace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.atomic.AtomicReference;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.value.Value;
import venue.core.change.edit.Command;
import venue.core.change.edit.page.NewPages;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.section.SectionCommand;
import venue.core.change.edit.site.SiteCommand;
import venue.core.change.edit.value.ValueCommand;
import venue.core.check.survey.Survey;
import venue.core.edition.edition.Tally;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.model.page.Page;
import venue.core.model.site.Role;
import venue.core.model.site.Site;
import venue.store.database.Database;

class WorkspaceTest {

    private static final PersonId ANA = new PersonId("Ana");
    private static final SiteId YARD = new SiteId("yard");
    private static final PersonId BO = new PersonId("Bo");
    private static final PersonId BEN = new PersonId("Ben");
    private static final SiteId HALF = new SiteId("half");
    private static final SiteId OTHER = new SiteId("other");

    @TempDir
    Path folder;

    private Database database;
    private Workspace yard;

    @BeforeEach
    void open() {
        database = Yard.database(folder);
        yard = Yard.begin(database);
    }

    @AfterEach
    void close() {
        database.close();
    }

    @Test
    void whatWasDoneIsThereAfterARestart() {
        yard.run(AskedRequest.of(ANA, PageCommand.setTitle("home", "Come in")));
        releaseAll();
        yard.run(AskedRequest.of(ANA, write("home", "s1", "third")));
        Standing before = yard.now();
        database.close();
        database = Yard.database(folder);
        Standing after = Yard.open(database).require(YARD).now();
        assertThat(after.hashes()).isEqualTo(before.hashes());
        assertThat(after.liveHashes()).isEqualTo(before.liveHashes());
        assertThat(after.working().require(Page.class, "home"))
                .isEqualTo(before.working().require(Page.class, "home"));
        assertThat(Yard.open(database).require(YARD).undo(ANA, Role.MANAGER).name())
                .isEqualTo("text in One");
    }

    @Test
    void undoingEverythingGivesExactlyWhatWasAndRedoingAllExactlyWhatBecame() {
        Map<String, Hash> start = yard.now().hashes();
        Random chance = new Random(5);
        int done = 0;
        for (int i = 0; i < 40; i++) {
            done += tried(step(chance, i));
        }
        Map<String, Hash> end = yard.now().hashes();
        for (int i = 0; i < done; i++) {
            yard.undo(ANA, Role.MANAGER);
        }
        assertThat(yard.now().hashes()).isEqualTo(start);
        assertThatThrownBy(() -> yard.undo(ANA, Role.MANAGER)).hasMessageContaining("nothing to undo");
        for (int i = 0; i < done; i++) {
            yard.redo(ANA, Role.MANAGER);
        }
        assertThat(yard.now().hashes()).isEqualTo(end);
        assertThatThrownBy(() -> yard.redo(ANA, Role.MANAGER)).hasMessageContaining("nothing to redo");
    }

    private static Command step(Random chance, int i) {
        String section = chance.nextBoolean() ? "s1" : "s2";
        return switch (chance.nextInt(7)) {
            case 0 ->
                SectionCommand.placeSection(
                        "home", "main", chance.nextInt(3), "n" + i, "three-features", null, List.of());
            case 1 -> SectionCommand.moveSection("home", section, "main", chance.nextInt(3));
            case 2 -> SectionCommand.copySection("home", section, "c" + i);
            case 3 -> SectionCommand.removeSection("home", section);
            case 4 -> write("home", section, "words " + i);
            case 5 -> NewPages.one("standard", "p" + i, "Page").made();
            default -> PageCommand.setTitle("home", "Title " + i);
        };
    }

    private int tried(Command command) {
        long before = yard.now().step();
        try {
            yard.run(AskedRequest.of(ANA, command));
            return yard.now().step() == before ? 0 : 1;
        } catch (Refusal refused) {
            assertThat(refused.code()).isEqualTo("unknown-section");
            return 0;
        }
    }

    @Test
    void oneUndoesTheirOwnWhileTheOthersWorkStays() {
        yard.run(AskedRequest.of(ANA, write("home", "s1", "by Ana")));
        yard.run(AskedRequest.of(BO, write("home", "s2", "by Bo")));
        yard.undo(ANA, Role.MANAGER);
        assertThat(words("s1")).isEqualTo("first");
        assertThat(words("s2")).isEqualTo("by Bo");
        yard.run(AskedRequest.of(BO, write("home", "s1", "over it")));
        assertThatThrownBy(() -> yard.redo(ANA, Role.MANAGER)).hasMessageContaining("changed since");
    }

    @Test
    void aStaleCommandIsMergedUnlessItTouchesTheSamePart() {
        Map<String, Hash> seen = Map.of("home", yard.now().hashOf("home"));
        yard.run(AskedRequest.of(ANA, write("home", "s1", "by Ana")));
        yard.run(new AskedRequest(BO, Role.MANAGER, write("home", "s2", "by Bo"), seen, null, null));
        assertThat(words("s1")).isEqualTo("by Ana");
        assertThat(words("s2")).isEqualTo("by Bo");
        assertThatThrownBy(() ->
                        yard.run(new AskedRequest(BO, Role.MANAGER, write("home", "s1", "mine"), seen, null, null)))
                .isInstanceOfSatisfying(Refusal.class, r -> {
                    assertThat(r.code()).isEqualTo("changed-meanwhile");
                    assertThat(r.details()).containsKeys("mine", "theirs");
                });
        assertThat(words("s1")).isEqualTo("by Ana");
    }

    @Test
    void stepsOfOneGroupAreUndoneTogetherAndOneRequestIsDoneOnce() {
        yard.run(new AskedRequest(ANA, Role.MANAGER, write("home", "s1", "a"), Map.of(), "typing", "r1"));
        yard.run(new AskedRequest(ANA, Role.MANAGER, write("home", "s1", "ab"), Map.of(), "typing", "r2"));
        long step = yard.now().step();
        yard.run(new AskedRequest(ANA, Role.MANAGER, write("home", "s1", "ab"), Map.of(), "typing", "r2"));
        assertThat(yard.now().step()).isEqualTo(step);
        yard.undo(ANA, Role.MANAGER);
        assertThat(words("s1")).isEqualTo("first");
    }

    @Test
    void aReleaseIsWholeAndCanBeGoneBackTo() {
        releaseAll();
        Map<String, Hash> first = yard.now().liveHashes();
        yard.run(AskedRequest.of(ANA, PageCommand.setTitle("home", "Second")));
        yard.run(AskedRequest.of(ANA, PageCommand.removePage("other")));
        releaseAll();
        assertThat(yard.now().live().page("other")).isEmpty();
        yard.releasing().goBack(ANA, 1);
        assertThat(yard.now().liveHashes()).isEqualTo(first);
        assertThat(yard.now().release()).isEqualTo(3);
        assertThat(yard.now().working().require(Page.class, "home").title()).isEqualTo("Second");
        assertThat(yard.releases().log(YARD, 0, 2)).extracting("number").containsExactly(3, 2);
        assertThat(yard.releases().log(YARD, 2, 2)).extracting("number").containsExactly(1);
        assertThatThrownBy(() -> yard.releasing().goBack(ANA, 9)).isInstanceOf(Refusal.class);
    }

    private void releaseAll() {
        yard.releasing()
                .release(
                        ANA,
                        "",
                        ReleasePlan.of(yard.now().live(), yard.now().working()).entries().stream()
                                .map(ReleaseEntry::item)
                                .toList());
    }

    private static ValueCommand write(String page, String section, String words) {
        return ValueCommand.setValue(page, section, "e1", "text", Value.of(words));
    }

    private String words(String section) {
        Value text = yard.now()
                .working()
                .require(Page.class, "home")
                .zones()
                .require(section)
                .section()
                .element("e1")
                .orElseThrow()
                .props()
                .get("text");
        return ((Value.Text) java.util.Objects.requireNonNull(text)).text();
    }

    /** What is carried on from step to step is what would be worked out anew. */
    private void waitsAsAnew() {
        Standing now = yard.now();
        assertThat(now.plan().entries())
                .containsExactlyElementsOf(
                        ReleasePlan.of(now.live(), now.working()).entries());
        assertThat(now.survey().all())
                .isEqualTo(Survey.of(now.working(), now.live()).all());
        assertThat(now.tally()).isEqualTo(Tally.of(now.working(), now.live()));
        database.close();
        database = Yard.database(folder);
        yard = Yard.open(database).require(YARD);
        assertThat(yard.now().waits().traces()).isEqualTo(now.waits().traces());
        assertThat(yard.now().hashes()).isEqualTo(now.hashes());
        assertThat(yard.now().liveHashes()).isEqualTo(now.liveHashes());
    }

    @Test
    void whatWaitsToBeReleasedIsCarriedOnThroughStepsReleasesAndGoingBack() {
        Random chance = new Random(11);
        for (int i = 0; i < 60; i++) {
            if (chance.nextInt(3) == 0) {
                yard.now().survey();
            }
            tried(step(chance, i));
            if (i % 10 == 4) {
                yard.now().plan().entries().stream()
                        .skip(chance.nextInt(2))
                        .findFirst()
                        .ifPresent(e -> yard.releasing().release(ANA, "some", List.of(e.item())));
            }
            if (i % 20 == 19) {
                yard.releasing().goBack(ANA, 1);
            }
            if (i % 6 == 0) {
                waitsAsAnew();
            }
        }
        releaseAll();
        assertThat(yard.now().plan().entries()).isEmpty();
        waitsAsAnew();
    }

    private static AskedRequest asked(PersonId who, Command command, String request) {
        return new AskedRequest(who, Role.MANAGER, command, Map.of(), null, request);
    }

    @Test
    void theSameRequestAgainIsAnsweredAsTheFirstTimeAndDoneOnce() {
        Done first = yard.run(asked(ANA, PageCommand.setTitle("home", "Come in"), "r1"));
        yard.run(AskedRequest.of(BEN, PageCommand.setTitle("home", "Welcome")));
        long step = yard.now().step();
        database.close();
        database = Yard.database(folder);
        Workspace again = Yard.open(database).require(YARD);
        assertThat(again.run(asked(ANA, PageCommand.setTitle("home", "Come in"), "r1")))
                .isEqualTo(first);
        assertThat(first.name()).isEqualTo("title of home");
        assertThat(first.revisions()).containsOnlyKeys("home");
        assertThat(again.now().step()).isEqualTo(step);
        assertThat(again.now().working().require(Page.class, "home").title()).isEqualTo("Welcome");
    }

    @Test
    void aRequestIdUsedForSomethingElseIsRefusedAndNothingIsDone() {
        yard.run(asked(ANA, PageCommand.setTitle("home", "Come in"), "r1"));
        Map<String, Hash> before = yard.now().hashes();
        for (AskedRequest other : List.of(
                asked(BEN, PageCommand.setTitle("home", "Come in"), "r1"),
                asked(ANA, PageCommand.setTitle("other", "Come in"), "r1"),
                asked(ANA, PageCommand.removePage("other"), "r1"))) {
            assertThatThrownBy(() -> yard.run(other))
                    .isInstanceOfSatisfying(
                            Refusal.class, r -> assertThat(r.code()).isEqualTo("request-used"));
        }
        assertThatThrownBy(() -> yard.run(asked(ANA, PageCommand.setTitle("home", "x"), "r".repeat(81))))
                .isInstanceOf(Refusal.class);
        assertThat(yard.now().hashes()).isEqualTo(before);
    }

    @Test
    void whatARequestFoundDoneAlreadyIsAnsweredAgainToo() {
        Done nothing = yard.run(asked(ANA, PageCommand.setTitle("home", "home"), "r1"));
        yard.run(AskedRequest.of(BEN, PageCommand.setTitle("home", "Welcome")));
        assertThat(yard.run(asked(ANA, PageCommand.setTitle("home", "home"), "r1")))
                .isEqualTo(nothing);
        assertThat(yard.now().working().require(Page.class, "home").title()).isEqualTo("Welcome");
    }

    @Test
    void aSiteWhoseFirstWorkFailsIsNotThereAtAll() {
        Workspaces sites = Yard.open(database);
        assertThatThrownBy(() -> sites.begin(HALF, ANA, Yard.items("half.localhost"), made -> {
                    made.run(AskedRequest.of(ANA, PageCommand.setTitle("home", "Come in")));
                    throw new IllegalStateException("killed here");
                }))
                .hasMessage("killed here");
        assertThat(sites.find(HALF)).isEmpty();
        assertThat(Yard.open(database).find(HALF)).isEmpty();
        sites.begin(HALF, ANA, Yard.items("half.localhost"));
    }

    @Test
    void theContentOfAnotherSitesItemIsNoneThatThisOneEverHad() {
        Workspace other = Yard.open(database).begin(new SiteId("other-yard"), BEN, Yard.items("other.localhost"));
        other.run(AskedRequest.of(BEN, PageCommand.setTitle("home", "Theirs")));
        Hash theirs = other.now().hashOf("home");
        assertThat(yard.archive().past("home", theirs)).isEmpty();
        assertThat(other.archive().past("home", theirs)).isPresent();
        assertThatThrownBy(() -> yard.run(new AskedRequest(
                        ANA, Role.MANAGER, PageCommand.setTitle("home", "Mine"), Map.of("home", theirs), null, null)))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("unknown-revision"));
    }

    @Test
    void aHostBelongsToOneSiteAndChangesAtOnceAndUndoLeavesIt() {
        Workspaces sites = Yard.open(database);
        sites.begin(OTHER, BEN, Yard.items("other.localhost"));
        Workspace here = sites.require(YARD);
        here.run(AskedRequest.of(ANA, SiteCommand.describeSite("The yard", "de", "Europe/Berlin")));
        sites.setHosts(YARD, ANA, List.of("New.localhost", "yard.localhost"));
        assertThat(sites.servedAt("new.localhost")).containsSame(here);
        assertThat(sites.servedAt("yard.localhost")).containsSame(here);
        here.undo(ANA, Role.MANAGER);
        assertThat(here.now().working().site().hosts()).containsExactly("new.localhost", "yard.localhost");
        assertThat(here.now().working().site().language()).isEqualTo("en-GB");
        assertThatThrownBy(() -> sites.setHosts(YARD, ANA, List.of("other.localhost")))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("host-taken"));
        assertThatThrownBy(() -> sites.setHosts(YARD, ANA, List.of()))
                .isInstanceOfSatisfying(Refusal.class, r -> assertThat(r.code()).isEqualTo("bad-hosts"));
        assertThat(here.now().working().site().hosts()).hasSize(2);
        assertThat(sites.listed(List.of(YARD)).get(0).waits()).isTrue();
    }

    @Test
    void aRetiredSiteIsBroughtBackOrGoesForGoodWhenItHasBeenKept() {
        AtomicReference<Instant> now = new AtomicReference<>(Instant.parse("2026-11-26T10:00:00Z"));
        Workspaces sites = new Workspaces(database, now::get, new Random());
        sites.begin(OTHER, BEN, Yard.items("other.localhost"));
        sites.retire(YARD);
        assertThat(sites.servedAt("yard.localhost")).isEmpty();
        assertThat(sites.find(YARD)).isEmpty();
        assertThat(new Workspaces(database, now::get, new Random()).retired())
                .extracting(Workspaces.Listed::id)
                .containsExactly(YARD);
        assertThatThrownBy(() -> sites.remove(YARD)).hasMessageContaining("until 2026-12-26");
        sites.bringBack(YARD);
        assertThat(sites.servedAt("yard.localhost")).isPresent();
        sites.retire(YARD);
        now.set(now.get().plus(Workspaces.KEPT));
        sites.remove(YARD);
        assertThat(sites.isKnown(YARD)).isFalse();
        assertThat(sites.isTaken("yard.localhost")).isFalse();
        assertThat(database.sql()
                        .sql("select count(*) from step where site = 'yard'")
                        .query(Integer.class)
                        .single())
                .isZero();
        assertThat(sites.require(OTHER).now().working().site().name()).isEqualTo("Loomgate Yard");
        sites.begin(YARD, ANA, Yard.items());
    }

    @Test
    void manySitesAreInMemoryOnlyWhileTheyAreUsed() {
        Workspaces sites = Yard.open(database);
        for (int i = 0; i < 100; i++) {
            List<Item> few = Yard.items("s" + i + ".localhost").stream()
                    .filter(item -> item.id().equals("dusk") || item instanceof Site)
                    .map(item -> item instanceof Site site ? site.withHome(null) : item)
                    .toList();
            sites.begin(new SiteId("s" + i), ANA, few);
        }
        Workspaces again = Yard.open(database);
        assertThat(again.inUse()).isZero();
        Workspace one = again.servedAt("s77.localhost").orElseThrow();
        again.require(new SiteId("s78"));
        assertThat(again.inUse()).isEqualTo(2);
        again.letGo();
        assertThat(again.inUse()).isZero();
        assertThat(again.require(new SiteId("s77")))
                .as("whoever holds a site and whoever asks have the same")
                .isSameAs(one);
        assertThat(again.listed(again.ids())).hasSize(101);
    }
}
