package venue.store.media;

import java.util.concurrent.Semaphore;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.IntConsumer;
import venue.core.basics.fault.Refusal;

/** Work that takes much memory, done one after another in the order in which it came; whoever looks is told how much waits. */
final class Turns {

    private static final int MOST = 16;

    /** A piece of work; it may fail as reading files does. */
    interface Work<T> {
        T done() throws java.io.IOException;
    }

    private final Semaphore turn = new Semaphore(1, true);
    private final AtomicInteger here = new AtomicInteger();
    private volatile IntConsumer teller = count -> {};

    /** Tells from now on how many are here, the one in work among them, whenever that changes. */
    void onChange(IntConsumer told) {
        teller = told;
    }

    /** Waits for its turn; refused at once where so many wait already that it is better to come again. */
    <T> T take(Work<T> work) throws java.io.IOException {
        if (here.incrementAndGet() > MOST) {
            here.decrementAndGet();
            throw Refusal.busy(
                    "pictures-wait",
                    MOST + " files are being taken in already.",
                    "Wait for some of them, then send this one again.");
        }
        teller.accept(here.get());
        turn.acquireUninterruptibly();
        try {
            return work.done();
        } finally {
            turn.release();
            teller.accept(here.decrementAndGet());
        }
    }
}
