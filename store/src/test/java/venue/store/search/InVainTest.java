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
import venue.core.basics.item.SiteId;
import venue.store.database.Database;
import venue.store.search.InVain.Missed;
import venue.store.search.InVain.What;
import venue.store.upkeep.Outdated;

/** What was sought in vain: counted by words, forgotten after ninety days, and never more than a day can bear. */
class InVainTest {

    private static final SiteId MOOR = new SiteId("moor");
    private static final SiteId YARD = new SiteId("yard");

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
        inVain.note(MOOR, What.WORDS, "Car  park ");
        inVain.note(MOOR, What.WORDS, "car park");
        inVain.note(YARD, What.WORDS, "car park");
        inVain.note(MOOR, What.WORDS, "   ");
        inVain.note(MOOR, What.ADDRESSES, "car park");
        later(3);
        inVain.note(MOOR, What.WORDS, "car park");
        inVain.note(MOOR, What.WORDS, "toilets 🚻");
        assertThat(inVain.all(MOOR, What.WORDS))
                .containsExactly(new Missed("car park", 3, "2026-11-30"), new Missed("toilets 🚻", 1, "2026-11-30"));
        assertThat(inVain.all(YARD, What.WORDS)).hasSize(1);
        assertThat(inVain.all(MOOR, What.ADDRESSES)).containsExactly(new Missed("car park", 1, "2026-11-27"));
    }

    private int onTheDisk() {
        return database.sql()
                .sql("select count(*) from sought")
                .query(Integer.class)
                .single();
    }

    @Test
    void whatIsOlderThanNinetyDaysIsForgotten() {
        inVain.note(MOOR, What.WORDS, "old");
        inVain.write();
        later(InVain.DAYS - 1);
        assertThat(inVain.all(MOOR, What.WORDS)).extracting(Missed::words).containsExactly("old");
        Outdated outdated = new Outdated(database, () -> now);
        assertThat(outdated.remove()).isEmpty();
        later(1);
        assertThat(inVain.all(MOOR, What.WORDS)).isEmpty();
        assertThat(outdated.remove()).containsOnly(Map.entry("word sought in vain", 1));
        assertThat(onTheDisk()).isZero();
    }

    @Test
    void countingWritesNothingAndWhatCanNotBeWrittenWaits() {
        inVain.note(MOOR, What.WORDS, "car park");
        assertThat(onTheDisk()).isZero();
        database.sql().sql("alter table sought rename to away").update();
        inVain.write();
        inVain.note(MOOR, What.WORDS, "car park");
        database.sql().sql("alter table away rename to sought").update();
        assertThat(inVain.all(MOOR, What.WORDS)).containsExactly(new Missed("car park", 2, "2026-11-27"));
    }

    @Test
    void aDayHoldsSoManyDifferentWordsAndKnownOnesAreStillCounted() {
        for (int i = 0; i < InVain.MOST_A_DAY + 20; i++) {
            inVain.note(MOOR, What.WORDS, "word " + i);
        }
        inVain.note(MOOR, What.WORDS, "word 1");
        inVain.note(MOOR, What.WORDS, "a".repeat(5_000));
        inVain.write();
        assertThat(onTheDisk()).isEqualTo(InVain.MOST_A_DAY);
        assertThat(inVain.all(MOOR, What.WORDS).get(0)).isEqualTo(new Missed("word 1", 2, "2026-11-27"));
        later(1);
        inVain.note(MOOR, What.WORDS, "a".repeat(5_000));
        assertThat(inVain.all(MOOR, What.WORDS)).allMatch(m -> m.words().length() <= 81);
    }
}
