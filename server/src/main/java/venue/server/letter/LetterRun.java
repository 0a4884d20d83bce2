package venue.server.letter;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.jspecify.annotations.Nullable;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import venue.core.basics.item.LetterId;
import venue.core.basics.item.SubscriberId;
import venue.core.edition.edition.Edition;
import venue.server.app.Origins;
import venue.server.mail.ListPost;
import venue.store.letter.Letter;
import venue.store.letter.Letters;
import venue.store.letter.Mailing;
import venue.store.letter.Mailing.Outcome;
import venue.store.letter.Subscriber;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Takes letters to the mail server, one reader after the other, at the rate that is set. */
@Component
class LetterRun {

    private static final long LOOK_MS = 500;
    private static final int AT_ONCE = 2;
    private static final long MINUTE_MS = 60_000;
    private static final long STOP_S = 20;
    /** So many refusals one after the other tell of the sender, not of those who are written to. */
    static final int REFUSED_IN_A_ROW = 20;

    private static final int[] PAUSES_S = {10, 60, 300, 900, 3600};

    private final Letters letters;
    private final ListPost post;
    private final Subscribing subscribing;
    private final Workspaces workspaces;
    private final Origins origins;
    private final Set<LetterId> busy = ConcurrentHashMap.newKeySet();
    private final Map<LetterId, Integer> troubles = new ConcurrentHashMap<>();
    private final ExecutorService workers = Executors.newFixedThreadPool(AT_ONCE, work -> {
        Thread thread = new Thread(work, "letters-out");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });
    private volatile boolean stopping;

    LetterRun(Letters letters, ListPost post, Subscribing subscribing, Workspaces workspaces, Origins origins) {
        this.letters = letters;
        this.post = post;
        this.subscribing = subscribing;
        this.workspaces = workspaces;
        this.origins = origins;
        letters.mailing().begin();
    }

    @Scheduled(fixedDelay = LOOK_MS, initialDelay = LOOK_MS)
    void look() {
        if (!post.isSetUp()) {
            return;
        }
        for (Letter letter : letters.mailing().due()) {
            if (busy.add(letter.id())) {
                workers.execute(() -> {
                    try {
                        run(letter);
                    } finally {
                        busy.remove(letter.id());
                    }
                });
            }
        }
    }

    private void run(Letter letter) {
        Optional<Workspace> workspace = workspaces.find(letter.site());
        Optional<Letters.Written> written = letters.written(letter.id());
        if (workspace.isEmpty() || written.isEmpty()) {
            letters.mailing().halt(letter.id(), "The site is not served at present.");
            return;
        }
        try (ListPost.Line line = post.open()) {
            run(letter, new Out(letter, written.get(), workspace.get().now().live()), line);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private void run(Letter letter, Out out, ListPost.Line line) throws InterruptedException {
        Mailing mailing = letters.mailing();
        Outcome before = null;
        int refused = 0;
        while (!stopping) {
            long began = System.nanoTime();
            Optional<Mailing.Turn> turn = mailing.next(letter.site(), letter.id(), before);
            before = null;
            if (turn.isEmpty()) {
                return;
            }
            Subscriber to = turn.get().to();
            try {
                before = line.send(to.id(), out.to(to));
                troubles.remove(letter.id());
            } catch (ListPost.NoServer none) {
                mailing.trouble(letter.id(), to.id(), none.why(), pause(letter.id()));
                return;
            }
            refused = before instanceof Outcome.Refused ? refused + 1 : 0;
            if (refused >= REFUSED_IN_A_ROW) {
                mailing.settle(letter.id(), before);
                mailing.halt(
                        letter.id(),
                        "The mail server refused " + refused + " in a row: " + ((Outcome.Refused) before).said());
                return;
            }
            rest(MINUTE_MS / turn.get().rate() - (System.nanoTime() - began) / 1_000_000);
        }
        settle(letter.id(), before);
    }

    private void settle(LetterId id, @Nullable Outcome last) {
        if (last != null) {
            letters.mailing().settle(id, last);
        }
    }

    private static void rest(long millis) throws InterruptedException {
        if (millis > 0) {
            Thread.sleep(millis);
        }
    }

    private Duration pause(LetterId id) {
        int times = troubles.merge(id, 1, Integer::sum);
        return Duration.ofSeconds(PAUSES_S[Math.min(times, PAUSES_S.length) - 1]);
    }

    /** A letter on its way out, made out to one after the other. */
    private final class Out {

        private final Letter letter;
        private final Letters.Written written;
        private final String origin;
        private final String host;
        private final String site;

        Out(Letter letter, Letters.Written written, Edition live) {
            this.letter = letter;
            this.written = written;
            origin = origins.of(live.site());
            host = live.site().hosts().get(0);
            site = live.site().name();
        }

        ListPost.ToOne to(Subscriber one) {
            String leave = leave(one.id());
            return new ListPost.ToOne(
                    letter.id() + "." + one.id() + "@" + host,
                    letter.wording().list() + "." + host,
                    site,
                    one.email(),
                    letter.wording().subject(),
                    written.html().replace(venue.core.show.letter.Letter.LEAVE, leave),
                    written.plain().replace(venue.core.show.letter.Letter.LEAVE, leave),
                    leave);
        }

        private String leave(SubscriberId id) {
            return subscribing.address(origin, id);
        }
    }

    /** Who is being written to gets it, and it is written down that they did. */
    @PreDestroy
    void stop() throws InterruptedException {
        stopping = true;
        workers.shutdown();
        workers.awaitTermination(STOP_S, TimeUnit.SECONDS);
    }
}
