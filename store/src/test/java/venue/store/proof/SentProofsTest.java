package venue.store.proof;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.store.database.Database;

class SentProofsTest {

    @TempDir
    Path folder;

    private Database database;
    private Instant now = Instant.parse("2026-11-23T12:00:00Z");
    private SentProofs sent;

    @BeforeEach
    void open() {
        database = Database.open(folder);
        database.sql()
                .sql("insert into site (id, created_at) values ('yard', '2026-11-23')")
                .update();
        sent = new SentProofs(database, () -> now);
    }

    @AfterEach
    void close() {
        database.close();
    }

    @Test
    void aLinkOpensItsPageUntilItsTimeIsOver() {
        String token = sent.make("yard", "home", "maja", Duration.ofDays(7));
        assertThat(token).hasSizeGreaterThan(20);
        assertThat(sent.open("yard", token)).contains("home");
        assertThat(sent.open("other", token)).isEmpty();
        assertThat(sent.open("yard", token + "x")).isEmpty();
        now = now.plus(Duration.ofDays(7)).plusSeconds(1);
        assertThat(sent.open("yard", token)).isEmpty();
        assertThat(sent.of("yard", "home")).isEmpty();
    }

    @Test
    void aLinkIsWithdrawnByItsIdWhichDoesNotOpenIt() {
        String token = sent.make("yard", "home", "maja", Duration.ofDays(7));
        String other = sent.make("yard", "home", "tomas", Duration.ofDays(1));
        SentProofs.Sent mine = sent.of("yard", "home").stream()
                .filter(s -> s.who().equals("maja"))
                .findFirst()
                .orElseThrow();
        assertThat(sent.open("yard", mine.id())).isEmpty();
        assertThat(sent.withdraw("yard", "elsewhere", mine.id())).isFalse();
        assertThat(sent.withdraw("yard", "home", mine.id())).isTrue();
        assertThat(sent.open("yard", token)).isEmpty();
        assertThat(sent.open("yard", other)).contains("home");
    }

    @Test
    void theTokenItselfIsNotKept() {
        String token = sent.make("yard", "home", "maja", Duration.ofDays(7));
        assertThat(database.sql()
                        .sql("select count(*) from sent_proof where token_hash = :t")
                        .param("t", token)
                        .query(Integer.class)
                        .single())
                .isZero();
    }
}
