package venue.store.journal;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

class JournalTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final PersonId MAJA = new PersonId("maja");

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

    private void step(PersonId who, Step.Kind kind, String group, @Nullable String reverses) {
        Instant at = Instant.parse("2026-11-23T12:00:00Z");
        journal.append(new Step(YARD, at, who, "step " + group, kind, group, reverses), List.of());
    }

    private @Nullable String undo() {
        return journal.undoable(YARD, MAJA).map(Journal.Group::id).orElse(null);
    }

    private @Nullable String redo() {
        return journal.redoable(YARD, MAJA).map(Journal.Group::id).orElse(null);
    }

    @Test
    void undoWalksBackAndRedoForwardAndSomethingNewEndsRedo() {
        step(MAJA, Step.Kind.DO, "a", null);
        step(MAJA, Step.Kind.DO, "b", null);
        assertThat(undo()).isEqualTo("b");
        step(MAJA, Step.Kind.UNDO, "u1", "b");
        assertThat(undo()).isEqualTo("a");
        assertThat(redo()).isEqualTo("u1");
        step(MAJA, Step.Kind.REDO, "r1", "u1");
        assertThat(undo()).isEqualTo("r1");
        assertThat(redo()).isNull();
        step(MAJA, Step.Kind.UNDO, "u2", "r1");
        step(MAJA, Step.Kind.DO, "c", null);
        assertThat(redo()).isNull();
        assertThat(undo()).isEqualTo("c");
    }

    @Test
    void peopleHaveTheirOwnStepsEvenWhereTheirNamesAreAlike() {
        step(MAJA, Step.Kind.DO, "a", null);
        step(new PersonId("maja-2"), Step.Kind.DO, "b", null);
        assertThat(undo()).isEqualTo("a");
        assertThat(journal.undoable(new SiteId("other-yard"), MAJA)).isEmpty();
    }

    @Test
    void keystrokesOfOneGroupAreOneStepAndWhatTheSystemDidIsNobodysToUndo() {
        step(MAJA, Step.Kind.SYSTEM, "begin", null);
        assertThat(undo()).isNull();
        step(MAJA, Step.Kind.DO, "typing", null);
        step(MAJA, Step.Kind.DO, "typing", null);
        step(MAJA, Step.Kind.UNDO, "u", "typing");
        assertThat(undo()).isNull();
        assertThat(redo()).isEqualTo("u");
    }

    /** Two stacks, as anybody would draw them on paper. */
    @Test
    void howeverLongTheHistoryUndoAndRedoAreWhatTwoStacksWouldHold() {
        Deque<String> undo = new ArrayDeque<>();
        Deque<String> redo = new ArrayDeque<>();
        Random chance = new Random(7);
        for (int i = 0; i < 3_000; i++) {
            int turn = chance.nextInt(10);
            if (turn < 4 && !undo.isEmpty()) {
                step(MAJA, Step.Kind.UNDO, "u" + i, undo.pop());
                redo.push("u" + i);
            } else if (turn < 7 && !redo.isEmpty()) {
                step(MAJA, Step.Kind.REDO, "r" + i, redo.pop());
                undo.push("r" + i);
            } else {
                step(MAJA, Step.Kind.DO, "d" + i, null);
                undo.push("d" + i);
                redo.clear();
                if (turn == 9) {
                    step(MAJA, Step.Kind.DO, "d" + i, null);
                }
            }
            if (i % 50 == 0 || i > 2_950) {
                assertThat(undo()).isEqualTo(undo.peek());
                assertThat(redo()).isEqualTo(redo.peek());
            }
        }
    }

    @Test
    void whatWasDoneLongAgoCanStillBeUndone() {
        step(MAJA, Step.Kind.DO, "first", null);
        for (int i = 0; i < 1_500; i++) {
            step(MAJA, Step.Kind.DO, "d" + i, null);
        }
        for (int i = 1_499; i >= 0; i--) {
            step(MAJA, Step.Kind.UNDO, "u" + i, "d" + i);
        }
        assertThat(undo()).isEqualTo("first");
    }
}
