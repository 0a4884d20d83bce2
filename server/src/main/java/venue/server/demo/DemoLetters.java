package venue.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import venue.core.basics.time.GivenClock;
import venue.demo.DemoLetter;
import venue.demo.DemoSubscriber;
import venue.demo.KestrelMoor;
import venue.server.letter.LetterMaker;
import venue.store.database.Database;
import venue.store.letter.Letter;
import venue.store.letter.Letters;
import venue.store.letter.Mailing;
import venue.store.letter.Mailing.Outcome;
import venue.store.letter.Subscriber;
import venue.store.letter.Subscribers;
import venue.store.record.By;
import venue.store.record.Records;
import venue.store.workspace.Standing;

/** Who asked for the demo's letters, and which they were sent, before it was loaded: by the same laws, at the time at which it was. */
@Component
class DemoLetters {

    private static final int RATE = 120;
    private static final Duration SOON = Duration.ofMinutes(7);
    private static final By WE = new By(DemoPeople.MANAGER_ID, "");

    private final Database database;
    private final Records records;
    private final InstantSource clock;
    private final LetterMaker maker;

    DemoLetters(Database database, Records records, InstantSource clock, LetterMaker maker) {
        this.database = database;
        this.records = records;
        this.clock = clock;
        this.maker = maker;
    }

    void go(Standing now) {
        GivenClock then = new GivenClock(clock.instant());
        Subscribers subscribers = new Subscribers(database, then, records);
        Letters letters = new Letters(database, then, records, subscribers);
        Deque<DemoSubscriber> coming = new ArrayDeque<>(DemoSubscriber.all());
        for (DemoLetter letter : DemoLetter.all()) {
            Duration ago = letter.ago() == null ? Duration.ZERO : letter.ago();
            while (!coming.isEmpty() && coming.peek().ago().compareTo(ago) > 0) {
                come(subscribers, then, coming.pop());
            }
            write(now, letters, then, letter);
        }
        then.set(clock.instant().minus(Duration.ofDays(2)));
        DemoSubscriber.all().stream()
                .filter(s -> s.stands().equals("OUT"))
                .forEach(s -> subscribers
                        .byEmail(KestrelMoor.ID, DemoSubscriber.LIST, s.email())
                        .map(Subscriber::id)
                        .ifPresent(subscribers::leave));
    }

    private void come(Subscribers subscribers, GivenClock then, DemoSubscriber one) {
        then.set(clock.instant().minus(one.ago()));
        if (one.stands().equals("BROUGHT")) {
            String proof =
                    "Brought in: Signed the paper list at the spring open nights; the sheets are in Wren’s office.";
            subscribers.bring(
                    WE,
                    KestrelMoor.ID,
                    DemoSubscriber.LIST,
                    List.of(new Subscribers.Brought(one.email(), one.name(), proof)));
            return;
        }
        String proof = "Asked by the form “Letters from the moor” on “News” " + then.instant()
                + ". “Send me letters about what is new. I can stop them in each.”";
        subscribers
                .ask(KestrelMoor.ID, DemoSubscriber.LIST, one.email(), one.name(), proof)
                .filter(a -> !one.stands().equals("ASKED"))
                .ifPresent(a -> {
                    then.pass(SOON);
                    subscribers.confirm(a.subscriber().id());
                });
    }

    private void write(Standing now, Letters letters, GivenClock then, DemoLetter letter) {
        Instant at = clock.instant().minus(letter.ago() == null ? Duration.ofDays(1) : letter.ago());
        then.set(at);
        String since = letter.newest() == null
                ? null
                : LocalDate.ofInstant(at, ZoneOffset.UTC)
                        .minusDays(letter.newest().toDays())
                        .toString();
        Letter.Wording wording = new Letter.Wording(
                DemoSubscriber.LIST, letter.subject(), letter.lead(), letter.page(), since == null ? null : "", since);
        Letter draft = letters.draft(KestrelMoor.ID, DemoPeople.MANAGER_ID, wording, RATE);
        if (letter.ago() != null) {
            venue.core.show.letter.Letter made = maker.made(now, wording);
            letters.start(WE, KestrelMoor.ID, draft.id(), new Letters.Written(made.html(), made.plain()));
            send(letters.mailing(), draft, then);
        }
    }

    private static void send(Mailing mailing, Letter letter, GivenClock then) {
        Optional<Mailing.Turn> turn = mailing.next(KestrelMoor.ID, letter.id(), null);
        while (turn.isPresent()) {
            then.pass(Duration.ofMillis(500));
            Subscriber to = turn.get().to();
            boolean refused = DemoSubscriber.all().stream()
                    .anyMatch(s -> s.stands().equals("REFUSED") && s.email().equals(to.email()));
            Outcome outcome = refused
                    ? new Outcome.Refused(to.id(), "550 5.1.1 No such person here", true)
                    : new Outcome.Taken(to.id());
            turn = mailing.next(KestrelMoor.ID, letter.id(), outcome);
        }
    }
}
