package venue.server.live;

import java.util.Collection;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.server.signin.PasswordRules;
import venue.server.signin.Passwords;

/**
 * Where members' passwords are compared and made ready to be kept: one at a time, and with a pause after each that is twice as long as
 * it took, so that visitors keep their pace however many sign in at once.
 */
@Component
class MemberPasswords {

    private static final int PAUSE = 2;

    private final Passwords passwords;
    private final PasswordRules rules;
    private final ExecutorService one = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "member-passwords");
        thread.setDaemon(true);
        return thread;
    });

    MemberPasswords(Passwords passwords, PasswordRules rules) {
        this.passwords = passwords;
        this.rules = rules;
    }

    /** Whether it is the one of a hash; takes as long where there is none. */
    boolean fits(@Nullable String hash, String typed) {
        return passwords.fits(hash, typed);
    }

    /** Its hash; refused where it is guessed soon. */
    String fresh(String typed, Collection<String> own) {
        rules.check(typed, own);
        return passwords.encode(typed);
    }

    /** @param waitMs how long it waits before it is its turn */
    <T> CompletableFuture<T> later(long waitMs, Supplier<T> work) {
        return CompletableFuture.supplyAsync(
                () -> work.get(), CompletableFuture.delayedExecutor(waitMs, TimeUnit.MILLISECONDS, this::slowly));
    }

    private void slowly(Runnable work) {
        one.execute(() -> {
            long from = System.nanoTime();
            work.run();
            try {
                TimeUnit.NANOSECONDS.sleep(PAUSE * (System.nanoTime() - from));
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
        });
    }
}
