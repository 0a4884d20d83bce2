package venue.store.journal;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.store.database.Database;

class JournalTest {

    @TempDir
    Path folder;

    private Database database;
    private Journal journal;

    @BeforeEach
    void open() {
        database = Database.open(folder);
        journal = new Journal(database);
        database.sql()
                .sql("insert into site (id, created_at) values ('yard', '2026-11-23')")
                .update();
    }

    @AfterEach
    void close() {
        database.close();
    }

    private void step(String who, Step.Kind kind, String group, @Nullable String reverses) {
        Instant at = Instant.parse("2026-11-23T12:00:00Z");
        journal.append(new Step("yard", at, who, "step " + group, kind, group, reverses, null), List.of());
    }

    private @Nullable String undo() {
        return journal.undoable("yard", "maja").map(Journal.Group::id).orElse(null);
    }

    private @Nullable String redo() {
        return journal.redoable("yard", "maja").map(Journal.Group::id).orElse(null);
    }

    @Test
    void undoWalksBackAndRedoForwardAndSomethingNewEndsRedo() {
        step("maja", Step.Kind.DO, "a", null);
        step("maja", Step.Kind.DO, "b", null);
        assertThat(undo()).isEqualTo("b");
        step("maja", Step.Kind.UNDO, "u1", "b");
        assertThat(undo()).isEqualTo("a");
        assertThat(redo()).isEqualTo("u1");
        step("maja", Step.Kind.REDO, "r1", "u1");
        assertThat(undo()).isEqualTo("r1");
        assertThat(redo()).isNull();
        step("maja", Step.Kind.UNDO, "u2", "r1");
        step("maja", Step.Kind.DO, "c", null);
        assertThat(redo()).isNull();
        assertThat(undo()).isEqualTo("c");
    }

    @Test
    void peopleHaveTheirOwnStepsEvenWhereTheirNamesAreAlike() {
        step("maja", Step.Kind.DO, "a", null);
        step("maja-2", Step.Kind.DO, "b", null);
        assertThat(undo()).isEqualTo("a");
        assertThat(journal.undoable("other-yard", "maja")).isEmpty();
    }

    @Test
    void keystrokesOfOneGroupAreOneStepAndWhatTheSystemDidIsNobodysToUndo() {
        step("maja", Step.Kind.SYSTEM, "begin", null);
        assertThat(undo()).isNull();
        step("maja", Step.Kind.DO, "typing", null);
        step("maja", Step.Kind.DO, "typing", null);
        step("maja", Step.Kind.UNDO, "u", "typing");
        assertThat(undo()).isNull();
        assertThat(redo()).isEqualTo("u");
    }
}
