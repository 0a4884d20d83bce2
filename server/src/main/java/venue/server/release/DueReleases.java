package venue.server.release;

import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicBoolean;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.server.event.Events;
import venue.store.database.Database;
import venue.store.live.PlannedReleases;
import venue.store.live.PlannedReleases.Planned;
import venue.store.record.By;
import venue.store.workspace.Done;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Makes releases that are set for a time when that has come; one that something is in the way of is tried again when the site has changed. */
@Component
class DueReleases {

    private static final Logger LOG = LoggerFactory.getLogger(DueReleases.class);

    private static final long LOOKS_MS = 1_000;
    /** No clock on earth is further ahead of UTC. */
    private static final Duration FURTHEST_AHEAD = Duration.ofHours(14);
    /** Later than this, the server was off or busy. */
    static final Duration LATE = Duration.ofMinutes(1);

    private final PlannedReleases planned;
    private final Workspaces workspaces;
    private final Events events;
    private final Made made;
    private final InstantSource clock;
    /** The step at which each was tried in vain. */
    private final Map<String, Long> tried = new ConcurrentHashMap<>();

    private final AtomicBoolean looking = new AtomicBoolean();
    private final ExecutorService maker = Executors.newSingleThreadExecutor(run -> {
        Thread thread = new Thread(run, "due-releases");
        thread.setDaemon(true);
        return thread;
    });

    DueReleases(Database database, Workspaces workspaces, Events events, Made made, InstantSource clock) {
        planned = new PlannedReleases(database);
        this.workspaces = workspaces;
        this.events = events;
        this.made = made;
        this.clock = clock;
    }

    /** By a thread of its own: what else is done by the clock would wait for a long release. */
    @Scheduled(fixedDelay = LOOKS_MS, initialDelay = LOOKS_MS)
    void soon() {
        if (looking.compareAndSet(false, true)) {
            maker.execute(() -> {
                try {
                    look();
                } finally {
                    looking.set(false);
                }
            });
        }
    }

    private void look() {
        LocalDateTime furthest = LocalDateTime.ofInstant(clock.instant().plus(FURTHEST_AHEAD), ZoneOffset.UTC);
        for (SiteId site : planned.before(furthest.toString())) {
            try {
                workspaces.find(site).ifPresent(this::look);
            } catch (RuntimeException e) {
                LOG.error("What is due in {} can't be released now", site, e);
            }
        }
    }

    private void look(Workspace workspace) {
        for (Planned release : workspace.releasing().planned()) {
            Long before = tried.get(release.id());
            if (workspace.releasing().isDue(release)
                    && (before == null || before != workspace.now().step())) {
                make(workspace, release);
            }
        }
    }

    private void make(Workspace workspace, Planned release) {
        Instant due = workspace.releasing().at(release.wanted());
        long step = workspace.now().step();
        Optional<Done> done = workspace.releasing().due(release);
        if (done.isPresent()) {
            tried.remove(release.id());
            Duration late = Duration.between(due, clock.instant());
            if (late.compareTo(LATE) > 0) {
                LOG.warn(
                        "{} of {} was due at {} and is made {} later: the server was off.",
                        done.get().name(),
                        workspace.site(),
                        due,
                        late);
            } else {
                LOG.info("{} of {} is made, as it was set for {}.", done.get().name(), workspace.site(), due);
            }
            made.by(new By(release.who(), By.SERVER.origin()), workspace, done.get());
        } else if (tried.put(release.id(), step) == null) {
            LOG.warn("A release of {} that was set for {} waits: something is in its way.", workspace.site(), due);
        }
        events.tell(workspace.site(), "releases", Map.of());
    }

    @PreDestroy
    void close() {
        maker.shutdownNow();
    }
}
