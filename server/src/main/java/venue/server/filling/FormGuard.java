package venue.server.filling;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.item.Hash;
import venue.core.basics.item.SiteId;
import venue.core.body.form.Filling;
import venue.core.body.form.FormNames;
import venue.core.body.form.Posted;
import venue.core.model.form.Form;
import venue.core.model.form.FormSettings;

/** Guards forms against floods and what reads no page: what comes too often is not looked at, what looks like spam is set apart. */
@Component
public class FormGuard {

    /** So often a minute something may be sent from one network, right or wrong. */
    static final int TRIES = 60;
    /** So much is taken from one network within ten minutes. */
    static final int FROM_ONE = 20;
    /** So much is taken by one form within ten minutes. */
    static final int BY_FORM = 5_000;

    private static final int MOST_LINKS = 3;
    private static final Duration LEAST = Duration.ofSeconds(3);
    private static final int NETWORK_BYTES = 8;
    private static final int KNOWN = 100_000;
    private static final Pattern LINK = Pattern.compile("(?i)https?://|www\\.|<a |\\[url");

    private final FormFacts facts;
    private final InstantSource clock;
    private final FormWork work = new FormWork();
    private final Cache<String, AtomicInteger> tries;
    private final Cache<String, AtomicInteger> fromOne;
    private final Cache<String, AtomicInteger> byForm;

    FormGuard(FormFacts facts, InstantSource clock) {
        this.facts = facts;
        this.clock = clock;
        tries = counter(Duration.ofMinutes(1));
        fromOne = counter(Duration.ofMinutes(10));
        byForm = counter(Duration.ofMinutes(10));
    }

    private Cache<String, AtomicInteger> counter(Duration within) {
        return Caffeine.newBuilder()
                .expireAfterWrite(within)
                .ticker(() -> TimeUnit.MILLISECONDS.toNanos(clock.instant().toEpochMilli()))
                .maximumSize(KNOWN)
                .build();
    }

    /** An address of version 4 as it is; the network of one of version 6 (RFC 6177: what one household has). */
    public static String network(String address) {
        if (address.indexOf(':') < 0) {
            return address;
        }
        try {
            InetAddress parsed = InetAddress.getByName(address);
            return parsed instanceof Inet6Address
                    ? Hash.over(Arrays.toString(Arrays.copyOf(parsed.getAddress(), NETWORK_BYTES)))
                            .first(NETWORK_BYTES * 2)
                    : address;
        } catch (UnknownHostException none) {
            return address;
        }
    }

    /** Whether something that is sent may be looked at: it is asked before anything of it is read. */
    public boolean mayTry(String network) {
        return bump(tries, network) <= TRIES;
    }

    /** Whether what is as it should be may be taken now. */
    public boolean mayTake(String network, SiteId site, String form) {
        return bump(fromOne, network) <= FROM_ONE && bump(byForm, site + " " + form) <= BY_FORM;
    }

    /** Counted from the first on: the time runs out then, however much comes within it. */
    private static int bump(Cache<String, AtomicInteger> counts, String key) {
        return counts.get(key, k -> new AtomicInteger()).incrementAndGet();
    }

    /** Why something is taken for spam, in words for those who look at it; absent where nothing speaks for that. */
    public @Nullable String whyApart(SiteId site, Form form, Posted posted, List<Filling.Said> said) {
        if (!posted.one(FormNames.TRAP).isEmpty()) {
            return "The line that nobody sees was filled in.";
        }
        Optional<Instant> written = facts.written(site, posted.one(FormNames.STAMP));
        if (written.isEmpty()) {
            return "It was not sent from the page.";
        }
        if (form.is(FormSettings.WORK) && !work.isDone(form.id(), posted)) {
            return "The work that this form asks of visitors’ machines was not done.";
        }
        long links = said.stream()
                .mapToLong(s -> LINK.matcher(s.value()).results().count())
                .sum();
        if (links > 0 && Duration.between(written.get(), clock.instant()).compareTo(LEAST) < 0) {
            return "It holds a link, and was sent within three seconds.";
        }
        return links > MOST_LINKS ? "It holds " + links + " links." : null;
    }
}
