package venue.server.telling;

import jakarta.annotation.PreDestroy;
import java.net.URI;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.locks.ReentrantLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.item.SiteId;
import venue.core.live.sitemap.Sitemap;
import venue.core.model.gate.Visitor;
import venue.core.model.site.SiteFacts;
import venue.core.show.render.View;
import venue.server.app.Origins;
import venue.server.hook.HookPost;
import venue.store.answer.FormSeal;
import venue.store.telling.Told;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspaces;

/**
 * Tells search engines of addresses that came, went or changed with a release, where a site asks for it (IndexNow). What they know is
 * what they were told last; what is told is what the sitemap says otherwise now. So nothing is lost where they can't be reached: it is tried
 * again, ever later.
 */
@Component
public class Telling {

    private static final Logger LOG = LoggerFactory.getLogger(Telling.class);

    /** As many addresses as one message may hold. */
    private static final int AT_ONCE = 10_000;

    private static final int KEY = 32;
    private static final long LOOKS_MS = 5_000;
    private static final Duration AGAIN = Duration.ofMinutes(1);
    private static final int MOST_DOUBLED = 10;

    private final Workspaces workspaces;
    private final Told told;
    private final HookPost post;
    private final Origins origins;
    private final InstantSource clock;
    private final FormSeal seal;
    private final String service;
    /** Sites that may have something to tell. */
    private final Set<SiteId> news = ConcurrentHashMap.newKeySet();

    private final ReentrantLock turn = new ReentrantLock();
    private final ExecutorService teller = Executors.newSingleThreadExecutor(run -> {
        Thread thread = new Thread(run, "telling");
        thread.setDaemon(true);
        return thread;
    });

    Telling(
            Workspaces workspaces,
            Told told,
            HookPost post,
            Origins origins,
            InstantSource clock,
            FormSeal seal,
            @Value("${venue.indexnow:https://api.indexnow.org/indexnow}") String service) {
        this.workspaces = workspaces;
        this.told = told;
        this.post = post;
        this.origins = origins;
        this.clock = clock;
        this.seal = seal;
        this.service = service;
        news.addAll(told.sites());
        workspaces.onStep((site, done) -> news.add(site));
    }

    /** By which whoever is told knows that it is the site that tells them: it is found at {@code /KEY.txt}. */
    public String key(SiteId site) {
        return seal.secret("indexnow " + site).substring(0, KEY);
    }

    /** Whether a site tells, and this is where its key is found. */
    public boolean isKey(SiteId site, Standing now, String path) {
        return path.length() == KEY + 5
                && now.release() > 0
                && path.equals("/" + key(site) + ".txt")
                && SiteFacts.tellsChanges(now.live().site());
    }

    /** The host of whoever is told. */
    public String host() {
        return URI.create(service).getHost();
    }

    /** By a thread of its own: whoever is told may take their time, and what else is done by the clock would wait for that. */
    @Scheduled(fixedDelay = LOOKS_MS, initialDelay = LOOKS_MS)
    void soon() {
        if (!news.isEmpty() && !turn.isLocked()) {
            teller.execute(this::look);
        }
    }

    public void look() {
        turn.lock();
        try {
            each();
        } finally {
            turn.unlock();
        }
    }

    private void each() {
        for (SiteId site : List.copyOf(news)) {
            news.remove(site);
            try {
                workspaces.find(site).ifPresent(w -> look(site, w.now()));
            } catch (RuntimeException e) {
                LOG.warn("Search engines can't be told of {} now", site, e);
                news.add(site);
            }
        }
    }

    private void look(SiteId site, Standing now) {
        Told.State state = told.state(site);
        boolean tells = now.release() > 0 && SiteFacts.tellsChanges(now.live().site());
        if (!tells) {
            if (!state.equals(Told.State.NEVER)) {
                told.forget(site);
            }
        } else if (state.release() != now.release()) {
            if (state.nextAt() == null || !clock.instant().isBefore(state.nextAt())) {
                tell(site, now, state);
            }
            if (told.state(site).nextAt() != null) {
                news.add(site);
            }
        }
    }

    private void tell(SiteId site, Standing now, Told.State before) {
        String origin = origins.of(now.live().site());
        Map<String, Optional<String>> lines = differing(site, now, origin);
        List<Map.Entry<String, Optional<String>>> all = new ArrayList<>(lines.entrySet());
        Instant at = clock.instant();
        for (int from = 0; from < all.size(); from += AT_ONCE) {
            List<Map.Entry<String, Optional<String>>> some = all.subList(from, Math.min(all.size(), from + AT_ONCE));
            String came = post.post(
                    service,
                    message(site, origin, some.stream().map(Map.Entry::getKey).toList()));
            if (!came.equals(HookPost.TAKEN)) {
                Duration later = AGAIN.multipliedBy(1L << Math.min(MOST_DOUBLED, before.failures()));
                told.keep(
                        site,
                        new Told.State(
                                before.release(),
                                before.at(),
                                before.addresses(),
                                before.failures() + 1,
                                at.plus(later),
                                came));
                return;
            }
            Map<String, Optional<String>> taken = new LinkedHashMap<>();
            some.forEach(e -> taken.put(e.getKey(), e.getValue()));
            told.tell(site, taken);
        }
        Told.State kept = all.isEmpty()
                ? new Told.State(now.release(), before.at(), before.addresses(), 0, null, "")
                : new Told.State(now.release(), at, all.size(), 0, null, "");
        told.keep(site, kept);
    }

    /** What the sitemap says otherwise than was told: when an address has changed, and empty where it is no more. */
    private Map<String, Optional<String>> differing(SiteId site, Standing now, String origin) {
        Map<String, String> known = told.addresses(site);
        View view =
                View.of(now.live(), clock.instant(), origin, View.Mode.VISITOR).seenBy(Visitor.STRANGER);
        Map<String, Optional<String>> differing = new LinkedHashMap<>();
        Sitemap.addresses(view, now.changed()).forEach(a -> {
            String changed = a.changed().toString();
            if (!changed.equals(known.remove(a.address()))) {
                differing.put(a.address(), Optional.of(changed));
            }
        });
        known.keySet().forEach(gone -> differing.put(gone, Optional.empty()));
        return differing;
    }

    private String message(SiteId site, String origin, List<String> addresses) {
        Map<String, Object> message = new LinkedHashMap<>();
        message.put("host", URI.create(origin).getHost());
        message.put("key", key(site));
        message.put("keyLocation", origin + "/" + key(site) + ".txt");
        message.put("urlList", addresses);
        return JsonMapper.shared().writeValueAsString(message);
    }

    @PreDestroy
    void close() {
        teller.shutdownNow();
    }
}
