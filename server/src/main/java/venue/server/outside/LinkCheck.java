package venue.server.outside;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.net.URI;
import java.net.UnknownHostException;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.apache.hc.client5.http.classic.methods.HttpGet;
import org.apache.hc.client5.http.classic.methods.HttpHead;
import org.apache.hc.core5.http.HttpException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.core.check.survey.OutsideLinks;
import venue.core.edition.edition.Edition;
import venue.core.model.site.SiteFacts;
import venue.server.hook.HookPost;
import venue.server.hook.OpenClient;
import venue.store.outside.CheckedLinks;
import venue.store.workspace.Workspaces;

/**
 * Looks whether the links of a site to others still lead somewhere: when it is asked for, and every week where the site says so. One
 * address after the other, for all sites together, so that no host is asked for two at once. What can't be asked here, as a
 * private network, is said nothing of.
 */
@Component
public class LinkCheck {

    private static final Logger LOG = LoggerFactory.getLogger(LinkCheck.class);

    /** As many addresses as are looked at in one go, those first that were not for the longest time; and so long at most. */
    static final int MOST = 2_000;

    static final Duration LONGEST = Duration.ofMinutes(30);
    private static final Duration WEEK = Duration.ofDays(7);
    private static final long LOOKS_MS = 10_000;
    private static final int GONE = 410;
    private static final int NOT_FOUND = 404;
    private static final int ERRORS = 500;

    /** Machines that don't answer to HEAD, or let nobody in who says who they are not. */
    private static final Set<Integer> ASK_AGAIN = Set.of(403, 404, 405, 501);

    /** @param of how many addresses are looked at */
    public record Going(int done, int of) {}

    private final Workspaces workspaces;
    private final CheckedLinks links;
    private final OpenClient open;
    private final InstantSource clock;
    private final Map<SiteId, Going> going = new ConcurrentHashMap<>();
    /** Sites at which it is done every week. */
    private final Set<SiteId> weekly = ConcurrentHashMap.newKeySet();
    /** Sites that may have come to say so, or no more. */
    private final Set<SiteId> news = ConcurrentHashMap.newKeySet();

    private final ExecutorService turn = Executors.newSingleThreadExecutor(run -> {
        Thread thread = new Thread(run, "links");
        thread.setDaemon(true);
        return thread;
    });

    LinkCheck(Workspaces workspaces, CheckedLinks links, OpenClient open, InstantSource clock) {
        this.workspaces = workspaces;
        this.links = links;
        this.open = open;
        this.clock = clock;
        weekly.addAll(links.weekly());
        workspaces.onStep((site, done) -> news.add(site));
    }

    /** How far it has come at a site; empty where nothing is looked at. */
    public Optional<Going> going(SiteId site) {
        return Optional.ofNullable(going.get(site));
    }

    /** Looks at all of a site, unless that is being done. */
    public void ask(SiteId site) {
        if (going.putIfAbsent(site, new Going(0, 0)) == null) {
            turn.execute(() -> {
                try {
                    workspaces.find(site).ifPresent(w -> all(site, w.now().working()));
                } catch (RuntimeException e) {
                    LOG.warn("Links of {} can't be looked at now", site, e);
                } finally {
                    going.remove(site);
                }
            });
        }
    }

    @Scheduled(fixedDelay = LOOKS_MS, initialDelay = LOOKS_MS)
    public void look() {
        for (SiteId site : List.copyOf(news)) {
            news.remove(site);
            workspaces.find(site).ifPresent(w -> {
                boolean is = SiteFacts.checksLinks(w.now().working().site());
                if (is ? weekly.add(site) : weekly.remove(site)) {
                    links.weekly(site, is);
                }
            });
        }
        Instant before = clock.instant().minus(WEEK);
        weekly.stream()
                .filter(site ->
                        links.last(site).filter(at -> at.isAfter(before)).isEmpty())
                .forEach(this::ask);
    }

    private void all(SiteId site, Edition working) {
        Set<String> linked = OutsideLinks.of(working);
        Map<String, Instant> lookedAt = links.lookedAt(site);
        List<String> all = linked.stream()
                .sorted(Comparator.comparing((String a) -> lookedAt.getOrDefault(a, Instant.EPOCH)))
                .limit(MOST)
                .toList();
        Instant until = clock.instant().plus(LONGEST);
        for (int i = 0; i < all.size() && clock.instant().isBefore(until); i++) {
            going.put(site, new Going(i, all.size()));
            links.put(site, all.get(i), clock.instant(), says(all.get(i)));
        }
        links.done(site, clock.instant(), linked);
    }

    /** What is wrong at an address; empty where nothing is, or where it can't be told from here. */
    private String says(String address) {
        try {
            URI at = URI.create(address);
            int status = open.status(new HttpHead(at));
            if (ASK_AGAIN.contains(status)) {
                status = open.status(new HttpGet(at));
            }
            return status == NOT_FOUND || status == GONE
                    ? "nothing is there (" + status + ")"
                    : status >= ERRORS ? "it answers with an error (" + status + ")" : "";
        } catch (OpenClient.Private unasked) {
            return "";
        } catch (UnknownHostException nowhere) {
            return "there is no such host";
        } catch (IOException | HttpException failed) {
            return "it can’t be reached, " + HookPost.why(failed);
        } catch (RuntimeException unfit) {
            return "it is no address";
        }
    }

    @PreDestroy
    void close() {
        turn.shutdownNow();
    }
}
