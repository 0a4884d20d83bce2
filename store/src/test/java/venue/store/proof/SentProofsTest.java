package venue.store.proof;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.store.database.Database;

class SentProofsTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final PersonId MAJA = new PersonId("maja");

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
        String token = sent.make(YARD, "home", MAJA, Duration.ofDays(7));
        assertThat(token).hasSizeGreaterThan(20);
        assertThat(sent.open(YARD, token)).contains("home");
        assertThat(sent.open(new SiteId("other"), token)).isEmpty();
        assertThat(sent.open(YARD, token + "x")).isEmpty();
        now = now.plus(Duration.ofDays(7)).plusSeconds(1);
        assertThat(sent.open(YARD, token)).isEmpty();
        assertThat(sent.of(YARD, "home")).isEmpty();
    }

    @Test
    void aLinkIsWithdrawnByItsIdWhichDoesNotOpenIt() {
        String token = sent.make(YARD, "home", MAJA, Duration.ofDays(7));
        String other = sent.make(YARD, "home", new PersonId("tomas"), Duration.ofDays(1));
        SentProofs.Sent mine = sent.of(YARD, "home").stream()
                .filter(s -> s.who().equals(MAJA))
                .findFirst()
                .orElseThrow();
        assertThat(sent.open(YARD, mine.id())).isEmpty();
        assertThat(sent.withdraw(YARD, "elsewhere", mine.id())).isFalse();
        assertThat(sent.withdraw(YARD, "home", mine.id())).isTrue();
        assertThat(sent.open(YARD, token)).isEmpty();
        assertThat(sent.open(YARD, other)).contains("home");
    }

    @Test
    void theTokenItselfIsNotKept() {
        String token = sent.make(YARD, "home", MAJA, Duration.ofDays(7));
        assertThat(database.sql()
                        .sql("select count(*) from sent_proof where token_hash = :t")
                        .param("t", token)
                        .query(Integer.class)
                        .single())
                .isZero();
    }
}
