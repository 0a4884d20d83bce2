package venue.server.filling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.math.BigInteger;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.SiteId;
import venue.core.basics.time.GivenClock;
import venue.core.basics.value.Value;
import venue.core.body.form.Filling;
import venue.core.body.form.FormNames;
import venue.core.body.form.Posted;
import venue.core.model.form.Form;
import venue.store.answer.Answers;
import venue.store.answer.FormSeal;
import venue.store.database.Database;

/** What forms are guarded by: networks and their limits, stamps, and what speaks for spam. */
class FormGuardTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final Instant NOON = Instant.parse("2026-11-25T12:00:00Z");

    @TempDir
    Path folder;

    private final GivenClock clock = new GivenClock(NOON);
    private Database database;
    private FormFacts facts;
    private FormGuard guard;
    private Form form = new Form("ask", "Ask", List.of(), Map.of(), false);

    @BeforeEach
    void open() {
        database = Database.open(folder);
        facts = new FormFacts(mock(Answers.class), new FormSeal(database), mock(TraceFacts.class), clock);
        guard = new FormGuard(facts, clock);
    }

    @AfterEach
    void close() {
        database.close();
    }

    private String why(Map<String, String> sent, String... words) {
        Map<String, List<String>> all = new HashMap<>();
        sent.forEach((name, value) -> all.put(name, List.of(value)));
        List<Filling.Said> said = List.of(words).stream()
                .map(w -> new Filling.Said("words", "Words", "lines", w, w))
                .toList();
        return String.valueOf(guard.whyApart(YARD, form, new Posted(all), said));
    }

    private String stamp() {
        return facts.of(YARD).stamp();
    }

    @Test
    void aHouseholdIsOneNetworkAndAnAddressOfVersionFourIsItself() {
        assertThat(FormGuard.network("192.0.2.7")).isEqualTo("192.0.2.7");
        String home = FormGuard.network("2001:db8:1:2::7");
        assertThat(FormGuard.network("2001:db8:1:2:ffff::1")).isEqualTo(home);
        assertThat(FormGuard.network("2001:db8:1:3::7")).isNotEqualTo(home);
        assertThat(FormGuard.network("fe80::1:zz")).isEqualTo("fe80::1:zz");
    }

    @Test
    void soManyAreLookedAtAndFewerAreTakenFromOneNetwork() {
        for (int i = 1; i <= 2 * FormGuard.TRIES; i++) {
            assertThat(guard.mayTry("one")).isEqualTo(i <= FormGuard.TRIES);
        }
        assertThat(guard.mayTry("two")).isTrue();
        for (int i = 1; i <= 2 * FormGuard.FROM_ONE; i++) {
            assertThat(guard.mayTake("one", YARD, "book")).isEqualTo(i <= FormGuard.FROM_ONE);
        }
        assertThat(guard.mayTake("two", YARD, "book")).isTrue();
        for (int i = 0; i < FormGuard.BY_FORM; i++) {
            guard.mayTake("network " + i, YARD, "other");
        }
        assertThat(guard.mayTake("last", YARD, "other")).as("of one form").isFalse();
        assertThat(guard.mayTake("last", YARD, "third")).isTrue();
    }

    @Test
    void aLimitRunsOutFromTheFirstOnHoweverMuchComesWithinIt() {
        for (int minute = 0; minute < 3 * 9 * FormGuard.FROM_ONE; minute += 9) {
            clock.set(NOON.plusSeconds(minute * 60L));
            assertThat(guard.mayTake("a school", YARD, "book")).isTrue();
        }
        while (guard.mayTry("a bot")) {}
        Instant began = clock.instant();
        clock.set(began.plusSeconds(59));
        assertThat(guard.mayTry("a bot")).isFalse();
        clock.set(began.plusSeconds(61));
        assertThat(guard.mayTry("a bot")).isTrue();
    }

    @Test
    void whatReadsNoPageAndWhatIsFullOfLinksIsSetApart() {
        String stamp = stamp();
        assertThat(why(Map.of("-stamp", stamp), "A quiet word")).isEqualTo("null");
        assertThat(why(Map.of("-stamp", stamp, "-website", "x"))).contains("nobody sees");
        assertThat(why(Map.of())).contains("not sent from the page");
        assertThat(why(Map.of("-stamp", stamp + "x"))).contains("not sent from the page");
        assertThat(why(Map.of("-stamp", "1.abc"))).contains("not sent from the page");
        assertThat(why(Map.of("-stamp", stamp), "See https://a.example")).contains("within three seconds");
        clock.set(NOON.plusSeconds(4));
        assertThat(why(Map.of("-stamp", stamp), "See https://a.example")).isEqualTo("null");
        assertThat(why(Map.of("-stamp", stamp), "https://a https://b", "www.c <a href=d>"))
                .isEqualTo("It holds 4 links.");
        clock.set(NOON.plusSeconds(86_400));
        assertThat(why(Map.of("-stamp", stamp), "A page that was open for a day"))
                .isEqualTo("null");
    }

    @Test
    void theWorkThatAFormAsksForIsDoneOnceForEachSending() throws NoSuchAlgorithmException {
        form = form.with("work", Value.of(true));
        String stamp = stamp();
        assertThat(why(Map.of("-stamp", stamp), "No script")).contains("was not done");
        MessageDigest hash = MessageDigest.getInstance("SHA-256");
        int work = 0;
        while (new BigInteger(1, hash.digest((stamp + " ask " + work).getBytes(StandardCharsets.UTF_8))).bitLength()
                > 256 - FormNames.WORK_BITS) {
            work++;
        }
        Map<String, String> sent = Map.of("-stamp", stamp, "-work", String.valueOf(work));
        assertThat(why(sent, "Worked")).isEqualTo("null");
        assertThat(why(sent, "The same work again")).contains("was not done");
    }

    @Test
    void aTokenIsKnownByItsSealAloneAndSealsOutliveTheProcess() {
        AnswerId id = new AnswerId("abc12345");
        String token = facts.token(id);
        assertThat(facts.answer(token)).contains(id);
        assertThat(facts.answer("abc12346" + token.substring(8))).isEmpty();
        assertThat(facts.answer("abc12345")).isEmpty();
        assertThat(facts.answer("")).isEmpty();
        assertThat(facts.answer(".")).isEmpty();
        assertThat(new FormFacts(mock(Answers.class), new FormSeal(database), mock(TraceFacts.class), clock)
                        .answer(token))
                .contains(id);
        String stamp = stamp();
        assertThat(facts.written(YARD, stamp)).contains(NOON);
        assertThat(facts.written(new SiteId("barn"), stamp)).isEmpty();
        assertThat(facts.seenBy(YARD).stamp()).isEmpty();
    }
}
