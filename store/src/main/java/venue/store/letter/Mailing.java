package venue.store.letter;

import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.LetterId;
import venue.core.basics.item.SiteId;
import venue.core.basics.item.SubscriberId;
import venue.store.database.Database;
import venue.store.letter.Letter.State;
import venue.store.letter.Letter.To;
import venue.store.letter.Subscriber.Stands;

/**
 * Goes through those whom a letter goes to. Who is next is marked, on the disk, before they are written to: whoever is marked when the
 * server stops in the middle is unsure, and is written to again only when somebody says so. So nobody gets a letter twice.
 */
public final class Mailing {

    /** How often somebody is tried again whom the mail server puts off. */
    static final int TRIES = 4;

    /** How long it is put off, so many times over as it was before. */
    static final Duration PUT_OFF = Duration.ofMinutes(10);

    private final Database database;
    private final InstantSource clock;
    private final LetterRows rows;
    private final Subscribers subscribers;

    Mailing(Database database, InstantSource clock, LetterRows rows, Subscribers subscribers) {
        this.database = database;
        this.clock = clock;
        this.rows = rows;
        this.subscribers = subscribers;
    }

    /** What came of writing to somebody. */
    public sealed interface Outcome {

        SubscriberId to();

        /** The mail server took it. */
        record Taken(SubscriberId to) implements Outcome {}

        /**
         * The mail server refuses it, for good.
         *
         * @param address whether it is the address that it refuses: then they get no more letters
         */
        record Refused(SubscriberId to, String said, boolean address) implements Outcome {}

        /** The mail server puts it off, or could not be asked: it does not have it. */
        record PutOff(SubscriberId to, String said) implements Outcome {}

        /** Nobody knows whether the mail server has it. */
        record Unsure(SubscriberId to, String said) implements Outcome {}
    }

    /**
     * Whose turn it is.
     *
     * @param rate how many are written to in a minute
     */
    public record Turn(Subscriber to, int rate) {}

    /** When the server comes up: who was being written to is unsure. Gives how many. */
    public int begin() {
        return database.write(rows::unsure);
    }

    /** Letters on their way whose time it is. */
    public List<Letter> due() {
        return rows.sending(now().toString());
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.MILLIS);
    }

    /**
     * Writes down what came of the one before, and marks who is next, in one step. Empty where nobody is at this moment: all have it, it was
     * stopped, or those left are put off.
     */
    public Optional<Turn> next(SiteId site, LetterId id, @Nullable Outcome before) {
        return database.write(() -> {
            String now = now().toString();
            if (before != null) {
                settled(id, before, now);
            }
            Optional<Letter> letter = rows.find(site, id).filter(l -> l.state() == State.SENDING);
            if (letter.isEmpty()) {
                return Optional.empty();
            }
            Optional<Subscriber> next = rows.turn(id, now);
            while (next.isPresent() && next.get().stands() != Stands.IN) {
                rows.to(id, next.get().id(), To.LEFT, "", now);
                next = rows.turn(id, now);
            }
            next.ifPresent(n -> rows.to(id, n.id(), To.BEING, "", now));
            if (next.isEmpty() && !rows.waits(id)) {
                rows.ended(id, now);
            }
            return next.map(n -> new Turn(n, letter.get().rate()));
        });
    }

    /** Writes down what came of one, where nobody is next. */
    public void settle(LetterId id, Outcome outcome) {
        database.write(() -> {
            settled(id, outcome, now().toString());
            return true;
        });
    }

    private void settled(LetterId id, Outcome outcome, String now) {
        if (outcome instanceof Outcome.Refused refused) {
            rows.to(id, refused.to(), To.REFUSED, refused.said(), now);
            if (refused.address()) {
                subscribers.refused(refused.to(), refused.said());
            }
        } else if (outcome instanceof Outcome.PutOff off) {
            int tries = rows.tries(id, off.to()) + 1;
            if (tries >= TRIES) {
                rows.to(id, off.to(), To.REFUSED, off.said(), now);
            } else {
                Instant due = Instant.parse(now).plus(PUT_OFF.multipliedBy(tries));
                rows.later(id, off.to(), due.toString(), off.said());
            }
        } else if (outcome instanceof Outcome.Unsure unsure) {
            rows.to(id, unsure.to(), To.UNSURE, unsure.said(), now);
        } else {
            rows.to(id, outcome.to(), To.SENT, "", now);
        }
    }

    /** Stops a letter by itself, and says why. */
    public void halt(LetterId id, String why) {
        database.write(() -> {
            rows.become(id, State.STOPPED);
            return rows.trouble(id, now().toString(), why);
        });
    }

    /** The mail server can't be asked at all: whoever is next waits, and so does the letter until a time. */
    public void trouble(LetterId id, SubscriberId to, String said, Duration pause) {
        database.write(() -> {
            rows.to(id, to, To.WAITING, "", now().toString());
            return rows.trouble(id, now().plus(pause).toString(), said);
        });
    }
}
