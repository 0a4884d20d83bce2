package venue.store.answer;

import java.security.SecureRandom;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneOffset;
import java.time.temporal.ChronoUnit;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.AnswerId;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.body.form.SentFile;
import venue.store.answer.Answer.Stands;
import venue.store.database.Database;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** What visitors sent by the forms of all sites. */
public final class Answers implements AutoCloseable {

    /** The most answers that one form keeps. */
    public static final int MOST = 200_000;

    /** For so long the same words to the same form from the same network are answered as the first were. */
    public static final Duration ALIKE = Duration.ofMinutes(10);

    private final Database database;
    private final InstantSource clock;
    private final Records records;
    private final AnswerRows rows;
    private final PlaceRows placeRows;
    private final Places places;
    private final List<Consumer<SiteId>> listeners = new CopyOnWriteArrayList<>();
    private final AtomicLong turns = new AtomicLong();
    private final AnswerFiles files;
    private final FormCalls calls;
    private final AnswerQueue queue;
    private final SaidOnPages saidOnPages;
    private final SecureRandom chance = new SecureRandom();

    public Answers(Database database, InstantSource clock, Records records) {
        this.database = database;
        this.clock = clock;
        this.records = records;
        rows = new AnswerRows(database);
        placeRows = new PlaceRows(database);
        places = new Places(this, rows, placeRows);
        files = new AnswerFiles(database, clock);
        calls = new FormCalls(database);
        queue = new AnswerQueue(database);
        saidOnPages = new SaidOnPages(database, clock);
    }

    /**
     * Keeps an answer; it is on the disk when this is done. The same words from the same network are answered as the first were.
     * Refused where the form has as many as it keeps, or nothing is left and nobody may wait.
     */
    public CompletableFuture<Answer> take(Taking taking) {
        return queue.add(() -> taken(taking)).thenApply(answer -> {
            tell(answer.site());
            tellPages(List.of(answer));
            return answer;
        });
    }

    private Answer taken(Taking taking) {
        Instant now = clock.instant().truncatedTo(ChronoUnit.MILLIS);
        Optional<Answer> alike = rows.alike(taking.likeness(), now.minus(ALIKE).toString());
        if (alike.isPresent()) {
            return alike.get();
        }
        Taking.Wanted wanted = taking.apart() == null ? taking.wanted() : null;
        Stands stands = wanted == null ? null : placeRows.asks(taking.site(), taking.form(), wanted);
        if (wanted != null && stands == Stands.WAITS && !wanted.waiting()) {
            throw Refusal.conflict("full", "item", "All places are given.", "Choose another.");
        }
        AnswerId id = AnswerId.fresh(chance);
        String until = now.atZone(ZoneOffset.UTC)
                .plusMonths(taking.months())
                .toInstant()
                .toString();
        int number = rows.add(id, now.toString(), until, taking, stands, MOST)
                .orElseThrow(() -> Refusal.busy(
                        "too-many-answers", "This form has taken all that it keeps.", "Try again another day."));
        if (taking.hook() != null && taking.apart() == null) {
            calls.add(taking.site(), taking.form(), id, taking.hook(), now);
        }
        files.goWith(
                id,
                taking.said().stream()
                        .flatMap(s -> s.files().stream())
                        .map(SentFile::id)
                        .toList());
        return stands == null
                ? taking.kept(id, number, now.toString(), until)
                : rows.find(taking.site(), id).orElseThrow();
    }

    /** Those of them that are comments. */
    public SaidOnPages comments() {
        return saidOnPages;
    }

    /** The places that run out. */
    public Places places() {
        return places;
    }

    public Optional<Answer> find(SiteId site, AnswerId id) {
        return rows.find(site, id);
    }

    public Answer require(SiteId site, AnswerId id) {
        return rows.find(site, id).orElseThrow(() -> Refusal.unknown("answer", id.text()));
    }

    /** Some of those that are asked for, the newest first: those after so many. */
    public List<Answer> list(SiteId site, AnswerFilter filter, int after, int most) {
        return rows.list(site, filter, after, most);
    }

    /** How many there are of those that are asked for. */
    public int count(SiteId site, AnswerFilter filter) {
        return rows.count(site, filter);
    }

    /**
     * How many answers a form has.
     *
     * @param fresh those that nobody has read
     * @param open those that are not done
     * @param all all but spam
     * @param held comments that wait to be let through
     * @param reported comments that somebody reported
     * @param oldest when the oldest that nobody has read came; empty for none
     */
    public record Counts(int fresh, int open, int all, int apart, int held, int reported, String oldest) {
        public static final Counts NONE = new Counts(0, 0, 0, 0, 0, 0, "");
    }

    /** How many answers the forms of a site have, by the form's id. */
    public Map<String, Counts> counts(SiteId site) {
        return rows.counts(site);
    }

    /**
     * What nobody has read of a form's answers.
     *
     * @param oldest when the first of them came
     */
    public record Fresh(int count, Instant oldest) {}

    /** What nobody has read, by form; forms of which all was read are left out. */
    public Map<String, Fresh> fresh(SiteId site, Collection<String> forms) {
        Map<String, Fresh> fresh = new HashMap<>();
        forms.forEach(form -> rows.fresh(site, form).ifPresent(f -> fresh.put(form, f)));
        return fresh;
    }

    /** Who wants to know that something came, or something was done about what came. */
    public void onChange(Consumer<SiteId> told) {
        listeners.add(told);
    }

    /** Comments may stand where they didn't, or no more. */
    private void tellPages(List<Answer> some) {
        some.stream()
                .filter(a -> a.onPage() != null)
                .map(a -> List.of(a.site().text(), a.page()))
                .distinct()
                .forEach(p -> saidOnPages.tell(new SiteId(p.get(0)), p.get(1)));
    }

    /** How often something came or was done. */
    public long turns() {
        return turns.get();
    }

    private void tell(SiteId site) {
        turns.incrementAndGet();
        listeners.forEach(l -> l.accept(site));
    }

    /** Changes what is done about some; gives them as they are then. */
    public List<Answer> work(SiteId site, Collection<AnswerId> ids, UnaryOperator<Answer.Done> change) {
        List<Answer> worked = database.write(() -> ids.stream()
                .flatMap(id -> rows.find(site, id).stream())
                .map(a -> {
                    rows.set(a.id(), change.apply(a.done()));
                    return require(site, a.id());
                })
                .toList());
        tell(site);
        tellPages(worked);
        return worked;
    }

    /**
     * A letter by which an answer was answered.
     *
     * @param by the id of the person who wrote it
     */
    public record Letter(String at, @Nullable String by, String subject, String words) {}

    /** Keeps a letter with the answer. */
    public void wrote(AnswerId id, PersonId by, String subject, String words) {
        database.write(() -> database.sql()
                .sql(
                        "insert into answer_letter (answer, at, by_person, subject, words) values (:id, :at, :by, :subject, :words)")
                .param("id", id)
                .param("at", clock.instant().toString())
                .param("by", by)
                .param("subject", subject)
                .param("words", words)
                .update());
    }

    /** The letters that an answer was answered by, the first first. */
    public List<Letter> letters(AnswerId id) {
        return database.sql()
                .sql(
                        "select at, by_person as by, subject, words from answer_letter where answer = :id order by at limit 1000")
                .param("id", id)
                .query(Letter.class)
                .list();
    }

    /** Does it within the next transaction, and waits for it. */
    <T> T kept(Supplier<T> work) {
        try {
            return queue.add(work).join();
        } catch (CompletionException e) {
            throw e.getCause() instanceof RuntimeException refused ? refused : e;
        }
    }

    /** All that somebody sent, by the address that they gave. */
    public List<Answer> of(SiteId site, String email) {
        return rows.of(site, email);
    }

    /** The latest that a member sent, the newest first. */
    public List<Answer> ofMember(SiteId site, String member) {
        return rows.ofMember(site, member);
    }

    /** Takes some away for good; gives how many. */
    public int remove(By by, SiteId site, Collection<AnswerId> ids) {
        List<Answer> removed = database.write(() -> {
            List<Answer> gone =
                    ids.stream().flatMap(id -> rows.find(site, id).stream()).toList();
            gone.forEach(a -> rows.remove(a.id()));
            if (!gone.isEmpty()) {
                records.write(Deed.ANSWERS_REMOVED, by, site, null, String.valueOf(gone.size()));
            }
            return gone;
        });
        if (!removed.isEmpty()) {
            tell(site);
            tellPages(removed);
        }
        return removed.size();
    }

    @Override
    public void close() {
        queue.close();
    }
}
