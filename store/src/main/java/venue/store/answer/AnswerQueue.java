package venue.store.answer;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import venue.core.basics.fault.Refusal;
import venue.store.database.Database;

/**
 * What visitors send is kept together: whatever has come while the writer was at work goes onto the disk in one transaction, and each is
 * answered after that, by threads of their own. So a thousand that come at once cost a few commits.
 */
final class AnswerQueue implements AutoCloseable {

    private static final int MOST_WAITING = 5_000;
    private static final int TOGETHER = 200;
    private static final int TELLERS = 2;

    private record Work<T>(Supplier<T> work, CompletableFuture<T> done) {

        Runnable tried() {
            try {
                T made = work.get();
                return () -> done.complete(made);
            } catch (RuntimeException | Error e) {
                return () -> done.completeExceptionally(e);
            }
        }
    }

    private final Database database;
    private final BlockingQueue<Work<?>> waiting = new ArrayBlockingQueue<>(MOST_WAITING);
    private final Thread writer = new Thread(this::write, "answers");
    private final ExecutorService tellers = Executors.newFixedThreadPool(TELLERS, work -> {
        Thread teller = new Thread(work, "answers-told");
        teller.setDaemon(true);
        return teller;
    });
    private volatile boolean closed;

    AnswerQueue(Database database) {
        this.database = database;
        writer.setDaemon(true);
        writer.start();
    }

    /** Does it within the next transaction; it is done when that is on the disk. Refused where too much waits. */
    <T> CompletableFuture<T> add(Supplier<T> work) {
        CompletableFuture<T> done = new CompletableFuture<>();
        if (closed || !waiting.offer(new Work<>(work, done))) {
            done.completeExceptionally(Refusal.busy(
                    "answers-wait",
                    "So much is sent at this moment that it can't be taken.",
                    "Send it again in a minute."));
        }
        return done;
    }

    private void write() {
        try {
            while (true) {
                List<Work<?>> some = new ArrayList<>();
                some.add(waiting.take());
                waiting.drainTo(some, TOGETHER - 1);
                together(some);
            }
        } catch (InterruptedException stopped) {
            waiting.forEach(w -> w.done().cancel(false));
        } finally {
            tellers.shutdown();
        }
    }

    private void together(List<Work<?>> some) {
        try {
            List<Runnable> answers =
                    database.write(() -> some.stream().map(Work::tried).toList());
            answers.forEach(tellers::execute);
        } catch (RuntimeException | Error trouble) {
            some.forEach(w -> tellers.execute(() -> w.done().completeExceptionally(trouble)));
        }
    }

    @Override
    public void close() {
        closed = true;
        writer.interrupt();
    }
}
