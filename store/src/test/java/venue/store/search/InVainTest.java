package venue.store.search;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.store.database.Database;
import venue.store.search.InVain.Missed;
import venue.store.upkeep.Outdated;

/** What was sought in vain: counted by words, forgotten after ninety days, and never more than a day can bear. */
class InVainTest {

    @TempDir
    Path folder;

    private Database database;
    private Instant now = Instant.parse("2026-11-27T12:00:00Z");
    private InVain inVain;

    @BeforeEach
    void open() {
        database = Database.open(folder);
        inVain = new InVain(database, () -> now);
    }

    @AfterEach
    void close() {
        database.close();
    }

    private void later(int days) {
        now = now.plus(Duration.ofDays(days));
    }

    @Test
    void wordsAreCountedHoweverTheyAreTypedAndEachSiteByItself() {
        inVain.note("moor", "Car  park ");
        inVain.note("moor", "car park");
        inVain.note("yard", "car park");
        inVain.note("moor", "   ");
        later(3);
        inVain.note("moor", "car park");
        inVain.note("moor", "toilets 🚻");
        assertThat(inVain.all("moor"))
                .containsExactly(new Missed("car park", 3, "2026-11-30"), new Missed("toilets 🚻", 1, "2026-11-30"));
        assertThat(inVain.all("yard")).hasSize(1);
    }

    private int onTheDisk() {
        return database.sql()
                .sql("select count(*) from sought")
                .query(Integer.class)
                .single();
    }

    @Test
    void whatIsOlderThanNinetyDaysIsForgotten() {
        inVain.note("moor", "old");
        inVain.write();
        later(InVain.DAYS - 1);
        assertThat(inVain.all("moor")).extracting(Missed::words).containsExactly("old");
        Outdated outdated = new Outdated(database, () -> now);
        assertThat(outdated.remove()).isEmpty();
        later(1);
        assertThat(inVain.all("moor")).isEmpty();
        assertThat(outdated.remove()).containsOnly(Map.entry("word sought in vain", 1));
        assertThat(onTheDisk()).isZero();
    }

    @Test
    void countingWritesNothingAndWhatCanNotBeWrittenWaits() {
        inVain.note("moor", "car park");
        assertThat(onTheDisk()).isZero();
        database.sql().sql("alter table sought rename to away").update();
        inVain.write();
        inVain.note("moor", "car park");
        database.sql().sql("alter table away rename to sought").update();
        assertThat(inVain.all("moor")).containsExactly(new Missed("car park", 2, "2026-11-27"));
    }

    @Test
    void aDayHoldsSoManyDifferentWordsAndKnownOnesAreStillCounted() {
        for (int i = 0; i < InVain.MOST_A_DAY + 20; i++) {
            inVain.note("moor", "word " + i);
        }
        inVain.note("moor", "word 1");
        inVain.note("moor", "a".repeat(5_000));
        inVain.write();
        assertThat(onTheDisk()).isEqualTo(InVain.MOST_A_DAY);
        assertThat(inVain.all("moor").get(0)).isEqualTo(new Missed("word 1", 2, "2026-11-27"));
        later(1);
        inVain.note("moor", "a".repeat(5_000));
        assertThat(inVain.all("moor")).allMatch(m -> m.words().length() <= 81);
    }
}
