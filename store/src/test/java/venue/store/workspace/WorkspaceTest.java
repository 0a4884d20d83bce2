package venue.store.workspace;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.edit.Command;
import venue.core.edit.CopySection;
import venue.core.edit.MakePages;
import venue.core.edit.MoveSection;
import venue.core.edit.PlaceSection;
import venue.core.edit.RemovePage;
import venue.core.edit.RemoveSection;
import venue.core.edit.SetTitle;
import venue.core.edit.SetValue;
import venue.core.fault.Refusal;
import venue.core.page.Page;
import venue.core.release.Entry;
import venue.core.release.ReleasePlan;
import venue.core.site.Role;
import venue.core.value.Value;
import venue.store.database.Database;

class WorkspaceTest {

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
        yard.run(Asked.of("Ana", new SetTitle("home", "Come in")));
        releaseAll();
        yard.run(Asked.of("Ana", write("home", "s1", "third")));
        Standing before = yard.now();
        database.close();
        database = Yard.database(folder);
        Standing after = Yard.open(database).require("yard").now();
        assertThat(after.hashes()).isEqualTo(before.hashes());
        assertThat(after.liveHashes()).isEqualTo(before.liveHashes());
        assertThat(after.working().require(Page.class, "home"))
                .isEqualTo(before.working().require(Page.class, "home"));
        assertThat(Yard.open(database).require("yard").undo("Ana", Role.MANAGER).name())
                .isEqualTo("text in One");
    }

    @Test
    void undoingEverythingGivesExactlyWhatWasAndRedoingAllExactlyWhatBecame() {
        Map<String, String> start = yard.now().hashes();
        Random chance = new Random(5);
        int done = 0;
        for (int i = 0; i < 40; i++) {
            done += tried(step(chance, i));
        }
        Map<String, String> end = yard.now().hashes();
        for (int i = 0; i < done; i++) {
            yard.undo("Ana", Role.MANAGER);
        }
        assertThat(yard.now().hashes()).isEqualTo(start);
        assertThatThrownBy(() -> yard.undo("Ana", Role.MANAGER)).hasMessageContaining("nothing to undo");
        for (int i = 0; i < done; i++) {
            yard.redo("Ana", Role.MANAGER);
        }
        assertThat(yard.now().hashes()).isEqualTo(end);
        assertThatThrownBy(() -> yard.redo("Ana", Role.MANAGER)).hasMessageContaining("nothing to redo");
    }

    private static Command step(Random chance, int i) {
        String section = chance.nextBoolean() ? "s1" : "s2";
        return switch (chance.nextInt(7)) {
            case 0 -> new PlaceSection("home", "main", chance.nextInt(3), "n" + i, "three-features", null, List.of());
            case 1 -> new MoveSection("home", section, "main", chance.nextInt(3));
            case 2 -> new CopySection("home", section, "c" + i);
            case 3 -> new RemoveSection("home", section);
            case 4 -> write("home", section, "words " + i);
            case 5 ->
                new MakePages(
                        null,
                        null,
                        "standard",
                        null,
                        List.of(new MakePages.NewPage("p" + i, "Page")),
                        null,
                        List.of(),
                        Map.of());
            default -> new SetTitle("home", "Title " + i);
        };
    }

    private int tried(Command command) {
        long before = yard.now().step();
        try {
            yard.run(Asked.of("Ana", command));
            return yard.now().step() == before ? 0 : 1;
        } catch (Refusal refused) {
            assertThat(refused.code()).isEqualTo("unknown-section");
            return 0;
        }
    }

    @Test
    void oneUndoesTheirOwnWhileTheOthersWorkStays() {
        yard.run(Asked.of("Ana", write("home", "s1", "by Ana")));
        yard.run(Asked.of("Bo", write("home", "s2", "by Bo")));
        yard.undo("Ana", Role.MANAGER);
        assertThat(words("s1")).isEqualTo("first");
        assertThat(words("s2")).isEqualTo("by Bo");
        yard.run(Asked.of("Bo", write("home", "s1", "over it")));
        assertThatThrownBy(() -> yard.redo("Ana", Role.MANAGER)).hasMessageContaining("changed since");
    }

    @Test
    void aStaleCommandIsMergedUnlessItTouchesTheSamePart() {
        Map<String, String> seen = Map.of("home", yard.now().hashOf("home"));
        yard.run(Asked.of("Ana", write("home", "s1", "by Ana")));
        yard.run(new Asked("Bo", Role.MANAGER, write("home", "s2", "by Bo"), seen, null, null));
        assertThat(words("s1")).isEqualTo("by Ana");
        assertThat(words("s2")).isEqualTo("by Bo");
        assertThatThrownBy(() -> yard.run(new Asked("Bo", Role.MANAGER, write("home", "s1", "mine"), seen, null, null)))
                .isInstanceOfSatisfying(Refusal.class, r -> {
                    assertThat(r.code()).isEqualTo("changed-meanwhile");
                    assertThat(r.details()).containsKeys("mine", "theirs");
                });
        assertThat(words("s1")).isEqualTo("by Ana");
    }

    @Test
    void stepsOfOneGroupAreUndoneTogetherAndOneRequestIsDoneOnce() {
        yard.run(new Asked("Ana", Role.MANAGER, write("home", "s1", "a"), Map.of(), "typing", "r1"));
        yard.run(new Asked("Ana", Role.MANAGER, write("home", "s1", "ab"), Map.of(), "typing", "r2"));
        long step = yard.now().step();
        yard.run(new Asked("Ana", Role.MANAGER, write("home", "s1", "ab"), Map.of(), "typing", "r2"));
        assertThat(yard.now().step()).isEqualTo(step);
        yard.undo("Ana", Role.MANAGER);
        assertThat(words("s1")).isEqualTo("first");
    }

    @Test
    void aReleaseIsWholeAndCanBeGoneBackTo() {
        releaseAll();
        Map<String, String> first = yard.now().liveHashes();
        yard.run(Asked.of("Ana", new SetTitle("home", "Second")));
        yard.run(Asked.of("Ana", new RemovePage("other")));
        releaseAll();
        assertThat(yard.now().live().page("other")).isEmpty();
        yard.goBack("Ana", 1);
        assertThat(yard.now().liveHashes()).isEqualTo(first);
        assertThat(yard.now().release()).isEqualTo(3);
        assertThat(yard.now().working().require(Page.class, "home").title()).isEqualTo("Second");
        assertThat(yard.releases().log("yard", 10)).extracting("number").containsExactly(3, 2, 1);
        assertThatThrownBy(() -> yard.goBack("Ana", 9)).isInstanceOf(Refusal.class);
    }

    private void releaseAll() {
        yard.release(
                "Ana",
                "",
                ReleasePlan.of(yard.now().live(), yard.now().working()).entries().stream()
                        .map(Entry::item)
                        .toList());
    }

    private static SetValue write(String page, String section, String words) {
        return new SetValue(page, section, "e1", "text", Value.of(words));
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
}
