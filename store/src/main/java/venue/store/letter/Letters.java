package venue.store.letter;

import java.security.SecureRandom;
import java.time.Instant;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.LetterId;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.item.SubscriberId;
import venue.store.database.Database;
import venue.store.letter.Letter.State;
import venue.store.letter.Letter.To;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** The letters of all sites. */
public final class Letters {

    /** The most letters that a site keeps. */
    public static final int MOST = 2_000;

    private final Database database;
    private final InstantSource clock;
    private final Records records;
    private final LetterRows rows;
    private final Mailing mailing;
    private final Subscribers subscribers;
    private final Map<LetterId, Counted> counted = new ConcurrentHashMap<>();
    private final List<Consumer<SiteId>> listeners = new CopyOnWriteArrayList<>();
    private final SecureRandom chance = new SecureRandom();

    public Letters(Database database, InstantSource clock, Records records, Subscribers subscribers) {
        this.database = database;
        this.clock = clock;
        this.records = records;
        this.subscribers = subscribers;
        rows = new LetterRows(database);
        mailing = new Mailing(database, clock, rows, subscribers);
    }

    /** Who is written to, one after the other. */
    public Mailing mailing() {
        return mailing;
    }

    /** Who wants to know that letters of a site have changed. */
    public void onChange(Consumer<SiteId> told) {
        listeners.add(told);
    }

    private void tell(SiteId site) {
        counted.clear();
        listeners.forEach(l -> l.accept(site));
    }

    private String now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS).toString();
    }

    /** Begins one. */
    public Letter draft(SiteId site, PersonId by, Letter.Wording wording, int rate) {
        LetterId id = LetterId.fresh(chance);
        database.write(() -> {
            if (rows.count(site) >= MOST) {
                throw Refusal.conflict(
                        "too-many-letters-kept",
                        "letter",
                        "This site keeps " + MOST + " letters, which is all it can.",
                        "Remove old ones first.");
            }
            rows.add(new Letter(id, site, wording, State.DRAFT, rate, "", now(), by.text(), null, null, null, ""));
            return true;
        });
        tell(site);
        return require(site, id);
    }

    /**
     * Writes a draft anew. One that has begun to go out stays as it is.
     *
     * @param seen when it was changed last, as whoever writes saw it: what somebody else wrote since is not lost
     */
    public Letter write(SiteId site, LetterId id, PersonId by, Letter.Wording wording, String seen) {
        database.write(() -> {
            if (!requireState(site, id, State.DRAFT).changed().equals(seen)) {
                throw Refusal.conflict(
                        "letter-written-meanwhile",
                        "letter",
                        "Somebody else has written in this letter meanwhile.",
                        "Reload to see it; what you wrote last stays in the field until then.");
            }
            rows.write(id, wording, by, now());
            return true;
        });
        tell(site);
        return require(site, id);
    }

    /** A test of this wording was sent. */
    public void tested(LetterId id, String wording) {
        database.write(() -> rows.tested(id, wording));
    }

    public Optional<Letter> find(SiteId site, LetterId id) {
        return rows.find(site, id);
    }

    public Letter require(SiteId site, LetterId id) {
        return rows.find(site, id).orElseThrow(() -> Refusal.unknown("letter", id.text()));
    }

    private Letter requireState(SiteId site, LetterId id, State... states) {
        Letter letter = require(site, id);
        if (!List.of(states).contains(letter.state())) {
            throw Refusal.conflict(
                    "letter-on-its-way",
                    "letter",
                    switch (letter.state()) {
                        case DRAFT -> "This letter has not been sent.";
                        case SENDING -> "This letter is on its way.";
                        case STOPPED -> "This letter was stopped on its way.";
                        case SENT -> "This letter has been sent.";
                    },
                    letter.state() == State.SENDING ? "Stop it first." : "Reload to see how it stands.");
        }
        return letter;
    }

    /** All of a site, the newest first. */
    public List<Letter> all(SiteId site) {
        return rows.all(site);
    }

    /**
     * A letter as it goes out.
     *
     * @param html with {@code Letter.LEAVE} of core where each reader's own address to leave by goes
     */
    public record Written(String html, String plain) {}

    /** As it went out, or goes; empty for a draft. */
    public Optional<Written> written(LetterId id) {
        return rows.written(id);
    }

    /** Begins to send one to all who are in; gives how many. */
    public int start(By by, SiteId site, LetterId id, Written written) {
        int many = database.write(() -> {
            Letter letter = requireState(site, id, State.DRAFT);
            int to = rows.start(letter, written, now());
            if (to == 0) {
                throw Refusal.conflict(
                        "nobody-to-write-to",
                        "letter",
                        "Nobody is on this list who confirmed.",
                        "Place the form where visitors find it, or bring addresses in.");
            }
            records.write(Deed.LETTER_SENT, by, site, null, letter.wording().subject());
            return to;
        });
        tell(site);
        return many;
    }

    /** Stops one on its way: who is being written to gets it, nobody after them. */
    public void stop(SiteId site, LetterId id) {
        become(site, id, State.STOPPED, State.SENDING);
    }

    /** Goes on where it was stopped. */
    public void goOn(SiteId site, LetterId id) {
        become(site, id, State.SENDING, State.STOPPED, State.SENDING);
    }

    private void become(SiteId site, LetterId id, State state, State... from) {
        database.write(() -> {
            requireState(site, id, from);
            return rows.become(id, state);
        });
        tell(site);
    }

    /** @param rate how many are written to in a minute */
    public void pace(SiteId site, LetterId id, int rate) {
        database.write(() -> rows.pace(require(site, id).id(), rate));
        tell(site);
    }

    /** What somebody says of those of whom nobody knows whether they have it: it is sent again, or they have it. */
    public void decide(SiteId site, LetterId id, List<SubscriberId> some, boolean again) {
        database.write(() -> {
            Letter letter = require(site, id);
            some.forEach(s -> rows.decide(id, s, again ? To.WAITING : To.SENT));
            if (again && letter.state() == State.SENT) {
                rows.become(id, State.SENDING);
            }
            return true;
        });
        tell(site);
    }

    /** Takes one away, with what is known of whom it went to. */
    public void remove(By by, SiteId site, LetterId id) {
        database.write(() -> {
            Letter letter = requireState(site, id, State.DRAFT, State.STOPPED, State.SENT);
            records.write(Deed.LETTER_REMOVED, by, site, null, letter.wording().subject());
            return rows.remove(id);
        });
        tell(site);
    }

    /** How many of a letter have come to what. That of one that has gone is kept until something is said of it, or somebody is removed. */
    public Map<To, Integer> tally(Letter letter) {
        if (letter.state() == State.DRAFT) {
            return Map.of();
        }
        if (letter.state() != State.SENT) {
            return rows.tally(letter.id());
        }
        Counted known = counted.get(letter.id());
        if (known == null || known.turns() != subscribers.turns()) {
            long turns = subscribers.turns();
            known = new Counted(turns, rows.tally(letter.id()));
            counted.put(letter.id(), known);
        }
        return known.tally();
    }

    private record Counted(long turns, Map<To, Integer> tally) {}

    /** Somebody to whom a letter goes, and what came of it. */
    public record Addressed(SubscriberId subscriber, String email, To state, Instant at, String said) {}

    /** Some of those who stand so, the latest first. */
    public List<Addressed> addressed(LetterId id, To state, int most) {
        return rows.addressed(id, state, most);
    }
}
