package venue.server.signin;

import java.util.Map;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.FutureTask;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.store.people.Credentials;
import venue.store.people.Person;

/**
 * Passwords as they are kept: Argon2id (RFC 9106) with 19 MiB of memory, two passes and one lane; bcrypt is read where it
 * was kept before, and written anew when it is used. Comparing costs on purpose: two at a time, however many ask.
 */
@Component
public class Passwords {

    private static final int SALT_BYTES = 16;
    private static final int HASH_BYTES = 32;
    private static final int LANES = 1;
    private static final int MEMORY_KIB = 19 * 1024;
    private static final int PASSES = 2;

    private final DelegatingPasswordEncoder encoder;
    private final Credentials credentials;
    /** Compared against where there is nobody, so that it takes as long; made when the server is ready, or is asked before. */
    private final FutureTask<String> nobodys = new FutureTask<>(() -> encode("nobody's password"));

    private final ExecutorService comparing = Executors.newFixedThreadPool(2, task -> {
        Thread thread = new Thread(task, "passwords");
        thread.setDaemon(true);
        return thread;
    });

    public Passwords(Credentials credentials) {
        this.credentials = credentials;
        PasswordEncoder argon2 = new Argon2PasswordEncoder(SALT_BYTES, HASH_BYTES, LANES, MEMORY_KIB, PASSES);
        BCryptPasswordEncoder bcrypt = new BCryptPasswordEncoder();
        encoder = new DelegatingPasswordEncoder("argon2id", Map.of("argon2id", argon2, "bcrypt", bcrypt));
        encoder.setDefaultPasswordEncoderForMatches(bcrypt);
    }

    @EventListener(ApplicationReadyEvent.class)
    void ready() {
        comparing.execute(nobodys);
    }

    /** Where comparing is done. */
    ExecutorService comparing() {
        return comparing;
    }

    public String encode(String password) {
        return String.valueOf(encoder.encode(password));
    }

    /** Whether it is theirs; takes as long where they have none. */
    public boolean isOf(Person person, String password) {
        String hash = person.password();
        if (hash == null) {
            return isNobodys(password);
        }
        boolean right = encoder.matches(password, hash);
        if (right && encoder.upgradeEncoding(hash)) {
            credentials.rehash(person, encode(password));
        }
        return right;
    }

    /** Whether a password is the one of a hash; takes as long where there is none. */
    public boolean fits(@Nullable String hash, String password) {
        return hash == null ? isNobodys(password) : encoder.matches(password, hash);
    }

    boolean isNobodys(String password) {
        try {
            nobodys.run();
            encoder.matches(password, nobodys.get());
            return false;
        } catch (InterruptedException | ExecutionException e) {
            throw new IllegalStateException("a password can't be compared", e);
        }
    }

    /** Refuses what is to be done by somebody who does not know their own password. */
    public void requirePresent(Person person, String present) {
        if (!isOf(person, present)) {
            throw Refusal.badInput(
                    "wrong-password",
                    "present",
                    "This is not your present password.",
                    "Type it again; if it is forgotten, sign out and ask for a new one.");
        }
    }
}
