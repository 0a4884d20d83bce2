package venue.store.database;

import java.lang.management.ManagementFactory;
import java.lang.management.ThreadInfo;
import java.util.Arrays;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;

/**
 * The right to work on one thing that is written, as a site. There is one order of all locks: a turn, of which a thread holds one at most,
 * and then the database's writer. So nobody who has the writer waits for anybody, and nobody waits in a circle.
 */
public final class Turn {

    private static final ThreadLocal<Integer> HELD = ThreadLocal.withInitial(() -> 0);

    private final ReentrantLock lock = new ReentrantLock();
    private final ReentrantLock writer;

    Turn(ReentrantLock writer) {
        this.writer = writer;
    }

    /** Waits for the turn, and works; whoever has it goes on at once. */
    public <T> T take(Supplier<T> work) {
        if (lock.isHeldByCurrentThread()) {
            return work.get();
        }
        if (writer.isHeldByCurrentThread()) {
            throw new IllegalStateException("A turn is taken before the database's writer, never while writing.");
        }
        if (HELD.get() > 0) {
            throw new IllegalStateException("A thread takes one turn at a time: another one could wait for both.");
        }
        lock.lock();
        HELD.set(1);
        try {
            return work.get();
        } finally {
            HELD.remove();
            lock.unlock();
        }
    }

    /**
     * Whether the thread holds no monitor of Venue's own: one that a writer may want would stop both. Asked where the writer is waited for,
     * while assertions are enabled, as in tests.
     */
    static boolean holdsNoMonitor() {
        ThreadInfo[] self = ManagementFactory.getThreadMXBean()
                .getThreadInfo(new long[] {Thread.currentThread().getId()}, true, false);
        return Arrays.stream(self[0].getLockedMonitors())
                .noneMatch(m -> m.getClassName().startsWith("venue."));
    }
}
