package venue.store.answer;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.time.GivenClock;
import venue.core.body.form.Filling;
import venue.core.body.form.SentFile;
import venue.store.database.Database;
import venue.store.record.By;
import venue.store.record.Records;
import venue.store.workspace.Workspaces;

/** Files wait for their answer for an hour, go with one alone, and with it; whoever has a place is reminded once. */
class AnswerFilesTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final Instant NOON = Instant.parse("2026-11-25T12:00:00Z");

    @TempDir
    Path folder;

    private final GivenClock clock = new GivenClock(NOON);
    private Database database;
    private Answers answers;
    private AnswerFiles files;

    @BeforeEach
    void open() {
        database = Database.open(folder);
        answers = new Answers(database, clock, new Records(database, clock));
        files = new AnswerFiles(database, clock);
        new Workspaces(database, clock, new Random(1)).begin(YARD, new PersonId("ines"), List.of());
    }

    @AfterEach
    void close() {
        answers.close();
        database.close();
    }

    private Optional<SentFile> keep(String network, long bytes) {
        SentFile file = new SentFile("", bytes, "pdf", "plan.pdf");
        return files.keep(new AnswerFiles.Came(YARD, "book", network, file, new byte[] {1, 2}));
    }

    private Answer take(String words, SentFile file) {
        List<Filling.Said> said = List.of(new Filling.Said("plan", "Plan", "files", file.text(), words));
        Taking.Wanted wanted = new Taking.Wanted("saturn", 1, 9, true);
        return answers.take(new Taking(
                        YARD, "book", 1, "Ada", "ada@moor.example", null, "visit", said, null, words, wanted, null))
                .join();
    }

    @Test
    void oneGoesWithOneAnswerAndIsGoneWithIt() {
        SentFile file = keep("one", 900).orElseThrow();
        assertThat(files.waiting(YARD, "book", file.id())).contains(file);
        assertThat(files.waiting(YARD, "other", file.id())).isEmpty();
        Answer first = take("first", file);
        assertThat(files.of(first.id())).containsExactly(file);
        assertThat(files.of(take("second", file).id())).isEmpty();
        assertThat(files.waiting(YARD, "book", file.id())).isEmpty();
        assertThat(files.content(first.id(), file.id()).orElseThrow()).containsExactly(1, 2);
        answers.remove(new By(null, "127.0.0.1"), YARD, List.of(first.id()));
        assertThat(files.content(first.id(), file.id())).isEmpty();
    }

    @Test
    void soMuchIsTakenFromOneNetworkInAnHourAndNothingWaitsLonger() {
        SentFile large = keep("one", AnswerFiles.FROM_ONE).orElseThrow();
        assertThat(keep("one", 1)).isEmpty();
        assertThat(keep("two", 1)).isPresent();
        clock.set(NOON.plus(AnswerFiles.WAITS));
        assertThat(files.waiting(YARD, "book", large.id())).isEmpty();
        assertThat(keep("one", 1)).isPresent();
    }

    @Test
    void whoeverCameBeforeIsRemindedOnce() {
        Answer ada = take("a place", keep("one", 9).orElseThrow());
        Places.WaitedFor saturn = new Places.WaitedFor("book", "saturn");
        assertThat(answers.places().remind(YARD, saturn, NOON)).isEmpty();
        assertThat(answers.places().remind(YARD, saturn, NOON.plusSeconds(1)))
                .extracting(Answer::id)
                .containsExactly(ada.id());
        assertThat(answers.places().remind(YARD, saturn, NOON.plusSeconds(1))).isEmpty();
    }
}
