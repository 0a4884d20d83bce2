package venue.store.workspace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.carry.pack.Pack;
import venue.core.carry.pack.ReadAsked;
import venue.core.change.edit.page.PageCommand;
import venue.core.change.edit.template.TemplateCommand;
import venue.core.live.release.ReleaseEntry;
import venue.core.model.site.Role;
import venue.store.content.Contents;
import venue.store.database.Database;
import venue.store.database.Turn;
import venue.store.upkeep.Outdated;

/** Whatever two people do at once in two sites and the library, neither waits for the other for ever. */
class LocksTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final SiteId DOME = new SiteId("dome");
    private static final PersonId ANA = new PersonId("Ana");

    @TempDir
    Path folder;

    private Database database;
    private Workspaces sites;
    private final AtomicInteger made = new AtomicInteger();

    @BeforeEach
    void begin() {
        database = Yard.database(folder);
        sites = Yard.open(database);
        for (SiteId site : List.of(YARD, DOME)) {
            Workspace one = sites.begin(site, ANA, Yard.items(site + ".localhost"));
            one.run(venue.store.workspace.AskedRequest.of(
                    ANA, TemplateCommand.makeTemplate("of-" + site, "Of " + site, null, "home")));
        }
    }

    @AfterEach
    void close() {
        database.close();
    }

    private interface Act {
        void on(Workspace site, Workspace other);
    }

    private Map<String, Act> acts() {
        Map<String, Act> acts = new LinkedHashMap<>();
        acts.put("give", (s, o) -> sites.library().give(ANA, s, "of-" + s.site()));
        acts.put("take", (s, o) -> sites.library().take(ANA, Role.MANAGER, s, "of-" + o.site(), null));
        acts.put(
                "step",
                (s, o) -> s.run(venue.store.workspace.AskedRequest.of(
                        ANA, PageCommand.setTitle("home", "Home " + made.incrementAndGet()))));
        acts.put("undo", (s, o) -> s.undo(ANA, Role.MANAGER));
        acts.put("redo", (s, o) -> s.redo(ANA, Role.MANAGER));
        acts.put(
                "release",
                (s, o) -> s.releasing()
                        .release(
                                ANA,
                                "",
                                s.now().plan().entries().stream()
                                        .map(ReleaseEntry::item)
                                        .toList()));
        acts.put("go back", (s, o) -> s.releasing().goBack(ANA, 1));
        acts.put(
                "carry",
                (s, o) -> s.packs().read(ANA, Role.MANAGER, o.packs().save("home", false), ReadAsked.together(null)));
        acts.put("hosts", (s, o) -> sites.setHosts(s.site(), ANA, List.of(s.site() + ".localhost")));
        acts.put("begin", (s, o) -> {
            Pack pack = s.packs().copy(true);
            SiteId id = new SiteId("site-" + made.incrementAndGet());
            sites.begin(id, ANA, pack, id + ".localhost", first -> {});
        });
        acts.put("upkeep", (s, o) -> new Outdated(database, InstantSource.system()).remove());
        return acts;
    }

    @Test
    void everyPairOfActsOfTwoSitesAndTheLibrary() throws Exception {
        Map<String, Act> acts = acts();
        for (String one : acts.keySet()) {
            for (String other : acts.keySet()) {
                CyclicBarrier both = new CyclicBarrier(2);
                Thread first = begun(both, acts.get(one), YARD, DOME);
                Thread second = begun(both, acts.get(other), DOME, YARD);
                while (first.isAlive() || second.isAlive()) {
                    assertThat(ManagementFactory.getThreadMXBean().findDeadlockedThreads())
                            .as(one + " and " + other)
                            .isNull();
                    first.join(20);
                    second.join(20);
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    private final List<Throwable> wrong = new java.util.concurrent.CopyOnWriteArrayList<>();

    private Thread begun(CyclicBarrier both, Act act, SiteId site, SiteId other) {
        Thread thread = new Thread(() -> {
            try {
                both.await();
                act.on(sites.require(site), sites.require(other));
            } catch (Refusal nothingToDo) {
                // As when there is nothing to take back.
            } catch (Throwable e) {
                wrong.add(e);
            }
        });
        thread.start();
        return thread;
    }

    @Test
    void theOrderIsHeldWhereLocksAreTaken() {
        Turn one = database.turn();
        Turn other = database.turn();
        assertThatThrownBy(() -> database.write(() -> one.take(() -> 1))).hasMessageContaining("before the database");
        assertThatThrownBy(() -> one.take(() -> other.take(() -> 1))).hasMessageContaining("one turn at a time");
        assertThat(one.<Integer>take(() -> database.write(() -> one.take(() -> 7))))
                .isEqualTo(7);
        synchronized (sites) {
            assertThatThrownBy(() -> database.write(() -> 1)).isInstanceOf(AssertionError.class);
        }
    }

    @Test
    void contentsThatNothingNamesAreTakenAwayAndNoOthers() {
        Workspace yard = sites.require(YARD);
        Hash hash = yard.now().hashOf("home");
        Hash loose = new Contents(database)
                .put(yard.now().working().page("home").orElseThrow().withTitle("Nobody’s"));
        Outdated outdated = new Outdated(database, InstantSource.system());
        assertThat(outdated.remove()).containsOnly(Map.entry("content that nothing names", 1));
        assertThat(outdated.remove()).isEmpty();
        assertThat(new Contents(database).find(loose)).isEmpty();
        assertThat(new Contents(database).find(hash)).isPresent();
    }
}
