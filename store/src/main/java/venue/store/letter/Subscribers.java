package venue.store.letter;

import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.basics.item.SubscriberId;
import venue.store.database.Database;
import venue.store.letter.Subscriber.Stands;
import venue.store.people.Email;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** Those who asked for letters. An address stands on a list once. */
public final class Subscribers {

    /** The most that one list has. */
    public static final int MOST = 200_000;

    /** For so long whoever asks again is not written to again. */
    static final Duration AGAIN = Duration.ofMinutes(10);

    private final Database database;
    private final InstantSource clock;
    private final Records records;
    private final SubscriberRows rows;
    private final AtomicLong turns = new AtomicLong();
    private final SecureRandom chance = new SecureRandom();

    public Subscribers(Database database, InstantSource clock, Records records) {
        this.database = database;
        this.clock = clock;
        this.records = records;
        rows = new SubscriberRows(database);
    }

    private String now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS).toString();
    }

    /**
     * What came of asking.
     *
     * @param write whether they are written to: not where that was done a moment ago
     */
    public record Asked(Subscriber subscriber, boolean write) {}

    /** Somebody asks for letters: they get none before they confirm. Who is in stays in. Empty where the list is full. */
    public Optional<Asked> ask(SiteId site, String list, String email, String name, String proof) {
        return database.write(() -> {
            String now = now();
            String before = Instant.parse(now).minus(AGAIN).toString();
            Optional<Subscriber> known = rows.byEmail(site, list, Email.normal(email));
            if (known.isEmpty()) {
                return rows.count(site, list) >= MOST
                        ? Optional.<Asked>empty()
                        : Optional.of(new Asked(added(site, list, email, name, proof, Stands.ASKED), true));
            }
            boolean write = rows.askedAgain(known.get().id(), now, before);
            if (known.get().stands() != Stands.IN) {
                rows.set(known.get().id(), Stands.ASKED, proof, now);
            }
            return Optional.of(new Asked(require(site, known.get().id()), write));
        });
    }

    private Subscriber added(SiteId site, String list, String email, String name, String proof, Stands stands) {
        String now = now();
        SubscriberId id = SubscriberId.fresh(chance);
        String since = stands == Stands.IN ? now : null;
        Subscriber made =
                new Subscriber(id, site, list, Email.normal(email), name, stands, proof, now, since, null, "");
        rows.add(made);
        return made;
    }

    /** Somebody confirms that they want letters, by a letter that was sent to their address. */
    public void confirm(SubscriberId id) {
        database.write(() -> rows.confirm(id, now()));
    }

    /** Somebody leaves the list: the same as often as it is done. */
    public void leave(SubscriberId id) {
        database.write(() -> rows.end(id, Stands.OUT, "", now()));
    }

    /** A mail server takes nothing for somebody. */
    void refused(SubscriberId id, String said) {
        rows.end(id, Stands.REFUSED, said, now());
    }

    public Optional<Subscriber> find(SiteId site, SubscriberId id) {
        return rows.find(site, id);
    }

    public Subscriber require(SiteId site, SubscriberId id) {
        return rows.find(site, id).orElseThrow(() -> Refusal.unknown("subscriber", id.text()));
    }

    /** On all lists of a site, by an address. */
    public List<Subscriber> of(SiteId site, String email) {
        return rows.of(site, Email.normal(email));
    }

    /**
     * Which are asked for.
     *
     * @param stands null for any
     * @param words in address or name; empty for any
     */
    public record Which(String list, @Nullable Stands stands, String words) {}

    /** Some of those that are asked for, by address. */
    public List<Subscriber> list(SiteId site, Which which, int after, int most) {
        return rows.list(site, which, after, most);
    }

    public int count(SiteId site, Which which) {
        return rows.count(site, which);
    }

    /** How many stand how, by list. */
    public Map<String, Map<Stands, Integer>> counts(SiteId site) {
        Map<String, Map<Stands, Integer>> counts = new HashMap<>();
        rows.counts(site)
                .forEach(c -> counts.computeIfAbsent(c.list(), l -> new HashMap<>())
                        .put(Stands.valueOf(c.stands()), c.many()));
        return counts;
    }

    /** What is brought in from elsewhere: somebody who agreed there. */
    public record Brought(String email, String name, String proof) {}

    /** Who is brought in gets letters from now on. Those who are known stay as they are; gives how many are new. */
    public int bring(By by, SiteId site, String list, Collection<Brought> all) {
        return database.write(() -> {
            int fresh = 0;
            for (Brought one : all) {
                if (rows.byEmail(site, list, Email.normal(one.email())).isEmpty()) {
                    added(site, list, one.email(), one.name(), one.proof(), Stands.IN);
                    fresh++;
                }
            }
            if (fresh > 0) {
                records.write(Deed.SUBSCRIBERS_BROUGHT, by, site, null, String.valueOf(fresh));
            }
            return fresh;
        });
    }

    /** Somebody on a list by their address. */
    public Optional<Subscriber> byEmail(SiteId site, String list, String email) {
        return rows.byEmail(site, list, Email.normal(email));
    }

    /** How often somebody was removed: what is known of letters may be less then. */
    long turns() {
        return turns.get();
    }

    /** Takes some away for good, with what is known of what they were sent; gives how many. */
    public int remove(By by, SiteId site, Collection<SubscriberId> ids) {
        return database.write(() -> {
            int gone = ids.stream().mapToInt(id -> rows.remove(site, id)).sum();
            turns.incrementAndGet();
            if (gone > 0) {
                records.write(Deed.SUBSCRIBERS_REMOVED, by, site, null, String.valueOf(gone));
            }
            return gone;
        });
    }
}
