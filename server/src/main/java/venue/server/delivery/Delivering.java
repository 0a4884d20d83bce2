package venue.server.delivery;

import jakarta.annotation.PreDestroy;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.server.event.Events;
import venue.store.delivery.Deliveries;
import venue.store.delivery.Delivery;
import venue.store.delivery.DeliveryState;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** Delivers by itself: each release, and what becomes another by the hour; what fails is tried again, ever later. */
@Component
public class Delivering {

    private static final Logger LOG = LoggerFactory.getLogger(Delivering.class);

    private static final long LOOKS_MS = 1_000;
    private static final int AT_ONCE = 2;
    private static final long LAST_WAIT_S = 20;
    /** Windows are told of progress so often. */
    private static final long TOLD_MS = 700;

    /**
     * How far a run has come.
     *
     * @param of how many steps there are; 0 while that isn't known
     */
    record Doing(String doing, int done, int of, long bytes, long toldAtMs) {}

    private final Workspaces workspaces;
    private final Deliveries deliveries;
    private final DeliveryRuns runs;
    private final Calls calls;
    private final Events events;
    private final InstantSource clock;
    private final Map<Delivery, Doing> doing = new ConcurrentHashMap<>();
    private final Set<Delivery> begun = ConcurrentHashMap.newKeySet();
    /** When each is to be looked at next though nothing is released; those that aren't here are looked at once. */
    private final Map<Delivery, Instant> due = new ConcurrentHashMap<>();

    private final ExecutorService hands = Executors.newFixedThreadPool(AT_ONCE, run -> {
        Thread thread = new Thread(run, "delivery");
        thread.setDaemon(true);
        return thread;
    });

    Delivering(
            Workspaces workspaces,
            Deliveries deliveries,
            DeliveryRuns runs,
            Calls calls,
            Events events,
            InstantSource clock) {
        this.workspaces = workspaces;
        this.deliveries = deliveries;
        this.runs = runs;
        this.calls = calls;
        this.events = events;
        this.clock = clock;
    }

    Optional<Doing> doing(Delivery delivery) {
        return Optional.ofNullable(doing.get(delivery));
    }

    /** Whether it lags behind the live site: what is live is not there yet, or not known to be. */
    boolean lags(Workspace workspace, Delivery delivery, DeliveryState state) {
        return workspace.now().release() > 0
                && (state.release() != workspace.now().release() || state.trouble() != null || state.again());
    }

    /** The names of those of a site that something is in the way of. */
    public List<String> lagging(SiteId site) {
        return deliveries.of(site).stream()
                .filter(d -> deliveries.state(d).trouble() != null)
                .map(Delivery::name)
                .toList();
    }

    /** The same of all sites, as {@code SITE/NAME}. */
    public List<String> lagging() {
        return deliveries.sites().stream()
                .flatMap(site -> lagging(site).stream().map(name -> site + "/" + name))
                .toList();
    }

    @Scheduled(fixedDelay = LOOKS_MS, initialDelay = LOOKS_MS)
    void look() {
        for (SiteId site : deliveries.sites()) {
            try {
                workspaces.find(site).filter(w -> w.now().release() > 0).ifPresent(this::look);
            } catch (RuntimeException e) {
                LOG.warn("Deliveries of {} can't be looked at now", site, e);
            }
        }
    }

    private void look(Workspace workspace) {
        List<Delivery> all = deliveries.of(workspace.site());
        Instant now = clock.instant();
        for (Delivery delivery : all) {
            DeliveryState state = deliveries.state(delivery);
            boolean waits = state.trouble() != null && state.trouble().nextAt().isAfter(now);
            boolean isDue = !due.getOrDefault(delivery, Instant.EPOCH).isAfter(now);
            if (!waits && (isDue || lags(workspace, delivery, state)) && begun.add(delivery)) {
                hands.execute(() -> deliver(workspace, delivery));
            }
        }
    }

    private void deliver(Workspace workspace, Delivery delivery) {
        try {
            DeliveryRun.Outcome outcome =
                    runs.run(workspace, delivery, (what, done, of, bytes) -> told(delivery, what, done, of, bytes));
            Instant swept = clock.instant().plus(DeliveryRun.WAITS);
            due.put(delivery, outcome.due() == null || outcome.due().isAfter(swept) ? swept : outcome.due());
            tell(delivery);
            if (outcome.objects() > 0) {
                LOG.info(
                        "Release {} of {} is delivered to {}: {} objects, {} bytes.",
                        outcome.release(),
                        workspace.site(),
                        delivery.name(),
                        outcome.objects(),
                        outcome.bytes());
            }
        } catch (TargetTrouble trouble) {
            LOG.warn("{} of {} can't be delivered now: {}", delivery.name(), workspace.site(), trouble.says());
        } catch (RuntimeException unforeseen) {
            LOG.error("{} of {} can't be delivered", delivery.name(), workspace.site(), unforeseen);
            deliveries.keep(
                    delivery,
                    deliveries
                            .state(delivery)
                            .failed(
                                    clock.instant(),
                                    "Something unforeseen went wrong: " + unforeseen.getMessage(),
                                    "It is tried again by itself; the log of the server says more."));
        } finally {
            doing.remove(delivery);
            begun.remove(delivery);
            events.tell(delivery.site(), "deliveries", Map.of("done", true));
        }
    }

    private void tell(Delivery delivery) {
        DeliveryState state = deliveries.state(delivery);
        if (state.untold().isEmpty()) {
            return;
        }
        try {
            calls.tell(delivery, runs.keys(delivery), state.untold());
            deliveries.keep(delivery, state.arrived(state.release(), clock.instant(), List.of(), null));
        } catch (TargetTrouble trouble) {
            deliveries.keep(delivery, state.failed(clock.instant(), trouble.says(), trouble.fix()));
            throw trouble;
        }
    }

    private void told(Delivery delivery, String what, int done, int of, long bytes) {
        long now = System.nanoTime() / 1_000_000;
        Doing before = doing.get(delivery);
        long last = before == null ? now - 2 * TOLD_MS : before.toldAtMs();
        boolean tells = now - last > TOLD_MS;
        doing.put(delivery, new Doing(what, done, of, bytes, tells ? now : last));
        if (tells) {
            events.tell(delivery.site(), "deliveries", Map.of("done", false));
        }
    }

    @PreDestroy
    void close() throws InterruptedException {
        hands.shutdownNow();
        hands.awaitTermination(LAST_WAIT_S, TimeUnit.SECONDS);
    }
}
