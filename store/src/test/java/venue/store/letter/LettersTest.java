package venue.store.letter;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.item.SubscriberId;
import venue.core.basics.time.GivenClock;
import venue.store.database.Database;
import venue.store.letter.Letter.State;
import venue.store.letter.Letter.To;
import venue.store.letter.Mailing.Outcome;
import venue.store.letter.Subscriber.Stands;
import venue.store.record.By;
import venue.store.record.Records;
import venue.store.upkeep.Outdated;
import venue.store.workspace.Workspaces;

/** Who is on a list, and that nobody gets a letter twice, whatever happens in the middle. */
class LettersTest {

    private static final SiteId YARD = new SiteId("yard");
    private static final String LIST = "list";
    private static final Instant NOON = Instant.parse("2026-11-25T12:00:00Z");
    private static final By MAJA = new By(null, "127.0.0.1");
    private static final Letter.Wording NEWS = new Letter.Wording(LIST, "News", "", "news", "", "2026-11-01");

    @TempDir
    Path folder;

    private final GivenClock clock = new GivenClock(NOON);
    private Database database;
    private Subscribers subscribers;
    private Letters letters;

    @BeforeEach
    void open() {
        database = Database.open(folder);
        Records records = new Records(database, clock);
        subscribers = new Subscribers(database, clock, records);
        letters = new Letters(database, clock, records, subscribers);
        new Workspaces(database, clock, new Random(1)).begin(YARD, new PersonId("ines"), List.of());
    }

    @AfterEach
    void close() {
        database.close();
    }

    private Subscriber asked(String email) {
        return subscribers.ask(YARD, LIST, email, "", "Asked.").orElseThrow().subscriber();
    }

    private Subscriber of(String email) {
        return subscribers.byEmail(YARD, LIST, email).orElseThrow();
    }

    /** The law: who confirmed last is in, who left last is out, who asked after leaving is asked again; nobody else changes. */
    @Test
    void askingConfirmingAndLeavingInAnyOrderKeepTheLaw() {
        Random chance = new Random(20261130);
        Map<String, Stands> law = new HashMap<>();
        Instant now = NOON;
        for (int i = 0; i < 600; i++) {
            now = now.plus(Duration.ofMinutes(chance.nextInt(12)));
            clock.set(now);
            String email = "reader" + chance.nextInt(6) + "@moor.example";
            int what = chance.nextInt(4);
            if (what == 0 || !law.containsKey(email)) {
                asked(chance.nextBoolean() ? email : email.toUpperCase(java.util.Locale.ROOT));
                law.merge(email, Stands.ASKED, (was, then) -> was == Stands.IN ? was : then);
            } else if (what == 1) {
                subscribers.confirm(of(email).id());
                law.put(email, Stands.IN);
            } else if (what == 2) {
                subscribers.leave(of(email).id());
                law.put(email, Stands.OUT);
            } else {
                subscribers.bring(MAJA, YARD, LIST, List.of(new Subscribers.Brought(email, "", "On paper")));
            }
            Subscriber one = of(email);
            assertThat(one.stands()).as(i + " " + email).isEqualTo(law.get(email));
            assertThat(one.since() != null || one.stands() != Stands.IN).isTrue();
        }
        assertThat(subscribers.counts(YARD).get(LIST).values().stream()
                        .mapToInt(n -> n)
                        .sum())
                .isEqualTo(law.size());
    }

    @Test
    void whoAsksAgainIsWrittenToOnceInAWhileAndWhoNeverConfirmsIsForgotten() {
        assertThat(subscribers
                        .ask(YARD, LIST, "Ada@moor.example", "", "Asked.")
                        .orElseThrow()
                        .write())
                .isTrue();
        assertThat(subscribers
                        .ask(YARD, LIST, "ada@moor.example", "", "Asked.")
                        .orElseThrow()
                        .write())
                .isFalse();
        asked("ben@moor.example");
        subscribers.confirm(of("ben@moor.example").id());
        subscribers.leave(of("ben@moor.example").id());
        asked("ben@moor.example");
        clock.set(NOON.plus(Subscribers.AGAIN));
        assertThat(subscribers
                        .ask(YARD, LIST, "ada@moor.example", "", "Asked.")
                        .orElseThrow()
                        .write())
                .isTrue();
        clock.set(NOON.plus(Duration.ofDays(31)));
        assertThat(new Outdated(database, clock).remove()).containsEntry("subscriber who never confirmed", 1);
        assertThat(of("ben@moor.example").ended()).as("who left is remembered").isNotNull();
        assertThat(of("ben@moor.example").proof()).contains("Asked.");
    }

    private Letter sent(int readers) {
        for (int i = 0; i < readers; i++) {
            subscribers.confirm(asked("reader" + i + "@moor.example").id());
        }
        Letter letter = letters.draft(YARD, new PersonId("ines"), NEWS, 60);
        assertThat(letters.start(MAJA, YARD, letter.id(), new Letters.Written("<p>", "p")))
                .isEqualTo(readers);
        return letter;
    }

    private Map<To, Integer> tally(Letter letter) {
        return letters.tally(letters.require(YARD, letter.id()));
    }

    @Test
    void whoIsWrittenToWhenTheServerStopsIsUnsureAndNobodyHasItTwice() {
        Letter letter = sent(40);
        Random chance = new Random(7);
        List<SubscriberId> have = new ArrayList<>();
        Outcome before = null;
        for (int step = 0; step < 200; step++) {
            Optional<Mailing.Turn> turn = letters.mailing().next(YARD, letter.id(), before);
            before = null;
            if (turn.isEmpty()) {
                break;
            }
            SubscriberId to = turn.get().to().id();
            boolean crash = chance.nextInt(6) == 0;
            if (!crash || chance.nextBoolean()) {
                have.add(to);
            }
            if (crash) {
                letters.mailing().begin();
            } else {
                before = new Outcome.Taken(to);
            }
        }
        List<Letters.Addressed> unsure = letters.addressed(letter.id(), To.UNSURE, 99);
        assertThat(unsure).isNotEmpty();
        assertThat(tally(letter).get(To.SENT) + unsure.size()).isEqualTo(40);
        assertThat(letters.require(YARD, letter.id()).state()).isEqualTo(State.SENT);
        List<SubscriberId> not = unsure.stream()
                .map(Letters.Addressed::subscriber)
                .filter(s -> !have.contains(s))
                .toList();
        letters.decide(YARD, letter.id(), not, true);
        letters.decide(
                YARD,
                letter.id(),
                unsure.stream().map(Letters.Addressed::subscriber).toList(),
                false);
        Optional<Mailing.Turn> turn = letters.mailing().next(YARD, letter.id(), null);
        while (turn.isPresent()) {
            have.add(turn.get().to().id());
            turn = letters.mailing()
                    .next(YARD, letter.id(), new Outcome.Taken(turn.get().to().id()));
        }
        assertThat(have).doesNotHaveDuplicates().hasSize(40);
        assertThat(tally(letter)).isEqualTo(Map.of(To.SENT, 40));
    }

    @Test
    void refusalsPuttingOffStoppingAndLeavingAreEachWhatTheyAre() {
        Letter letter = sent(4);
        Mailing mailing = letters.mailing();
        Subscriber gone = mailing.next(YARD, letter.id(), null).orElseThrow().to();
        Subscriber busy = mailing.next(YARD, letter.id(), new Outcome.Refused(gone.id(), "550 5.1.1 no", true))
                .orElseThrow()
                .to();
        assertThat(of(gone.email()).stands()).isEqualTo(Stands.REFUSED);
        Subscriber third = mailing.next(YARD, letter.id(), new Outcome.PutOff(busy.id(), "451 later"))
                .orElseThrow()
                .to();
        letters.stop(YARD, letter.id());
        assertThat(mailing.next(YARD, letter.id(), new Outcome.Taken(third.id())))
                .isEmpty();
        assertThat(mailing.due()).isEmpty();
        assertThatThrownBy(() -> letters.write(YARD, letter.id(), new PersonId("ines"), NEWS, NOON.toString()))
                .isInstanceOf(Refusal.class);
        letters.goOn(YARD, letter.id());
        subscribers.leave(of("reader3@moor.example").id());
        subscribers.leave(of("reader2@moor.example").id());
        subscribers.leave(of("reader1@moor.example").id());
        subscribers.leave(of("reader0@moor.example").id());
        assertThat(mailing.next(YARD, letter.id(), null)).isEmpty();
        assertThat(letters.require(YARD, letter.id()).state())
                .as("one is put off")
                .isEqualTo(State.SENDING);
        clock.set(NOON.plus(Mailing.PUT_OFF));
        assertThat(mailing.next(YARD, letter.id(), null)).isEmpty();
        assertThat(tally(letter)).isEqualTo(Map.of(To.REFUSED, 1, To.SENT, 1, To.LEFT, 2));
        assertThat(letters.require(YARD, letter.id()).state()).isEqualTo(State.SENT);
    }

    @Test
    void aLetterThatSomebodyElseWroteIsNotWrittenOver() {
        Letter letter = letters.draft(YARD, new PersonId("ines"), NEWS, 60);
        clock.set(NOON.plusSeconds(5));
        letters.write(YARD, letter.id(), new PersonId("maja"), NEWS, letter.changed());
        assertThatThrownBy(() -> letters.write(YARD, letter.id(), new PersonId("ines"), NEWS, letter.changed()))
                .isInstanceOf(Refusal.class)
                .hasMessageContaining("Somebody else");
        assertThatThrownBy(() -> letters.start(MAJA, YARD, letter.id(), new Letters.Written("", "")))
                .hasMessageContaining("Nobody is on this list");
        letters.remove(MAJA, YARD, letter.id());
        assertThat(letters.all(YARD)).isEmpty();
    }
}
