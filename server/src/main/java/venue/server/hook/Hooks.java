package venue.server.hook;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.store.answer.Answer;
import venue.store.answer.Answers;
import venue.store.answer.FormCalls;
import venue.store.answer.FormCalls.Due;
import venue.store.answer.FormSeal;

/**
 * Hands answers on: as they come, and again after pauses that grow, for a day. Several machines are asked at once, each by one call at a
 * time; where it fails, what else waits for that machine waits as long.
 */
@Component
public class Hooks {

    static final Duration FOR = Duration.ofDays(1);

    private static final long LOOK_MS = 1_000;
    private static final int MOST_DUE = 200;
    private static final int AT_ONCE = 4;
    /** Each pause is so many times the first one. */
    private static final int[] PAUSES = {1, 5, 15, 60, 180, 360};

    private final FormCalls calls;
    private final Answers answers;
    private final FormSeal seal;
    private final HookPost post;
    private final HookSettings settings;
    private final InstantSource clock;
    private final Set<String> asked = ConcurrentHashMap.newKeySet();
    private final ExecutorService workers = Executors.newFixedThreadPool(AT_ONCE, work -> {
        Thread thread = new Thread(work, "hooks");
        thread.setDaemon(true);
        return thread;
    });

    Hooks(FormCalls calls, Answers answers, FormSeal seal, HookPost post, HookSettings settings, InstantSource clock) {
        this.calls = calls;
        this.answers = answers;
        this.seal = seal;
        this.post = post;
        this.settings = settings;
        this.clock = clock;
    }

    /** By which whoever gets the answers of a form knows that they come from here. */
    public String secret(SiteId site, String form) {
        return seal.secret("hook " + site + " " + form);
    }

    @Scheduled(fixedDelay = LOOK_MS, initialDelay = LOOK_MS)
    void look() {
        Map<String, List<Due>> byAddress = calls.due(clock.instant(), MOST_DUE).stream()
                .collect(Collectors.groupingBy(Due::address, LinkedHashMap::new, Collectors.toList()));
        byAddress.forEach((address, due) -> {
            if (asked.add(address)) {
                workers.execute(() -> {
                    try {
                        call(due);
                    } finally {
                        asked.remove(address);
                    }
                });
            }
        });
    }

    private void call(List<Due> due) {
        String failed = null;
        for (Due one : due) {
            String said = failed == null ? call(one) : failed;
            boolean taken = said.equals(HookPost.TAKEN);
            calls.tried(one.id(), said, taken ? null : next(one));
            failed = taken ? null : said;
        }
    }

    private String call(Due due) {
        Optional<Answer> answer = answers.find(due.site(), due.answer());
        if (answer.isEmpty()) {
            return "the answer is gone";
        }
        String json = HookJson.write(answer.get());
        String at = String.valueOf(clock.instant().getEpochSecond());
        String key = secret(due.site(), answer.get().form());
        return post.post(due.address(), json, at + " " + FormSeal.hmac(key, at + "." + json));
    }

    /** When it is tried again; null where a day is over. */
    private @Nullable Instant next(Due due) {
        int times = PAUSES[Math.min(due.tries(), PAUSES.length - 1)];
        Instant next = clock.instant().plus(settings.hookPause().multipliedBy(times));
        return next.isAfter(Instant.parse(due.at()).plus(FOR)) ? null : next;
    }

    @PreDestroy
    void stop() {
        workers.shutdownNow();
    }
}
