package venue.server.live;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Executor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import venue.core.basics.item.SiteId;
import venue.core.body.search.Busy;
import venue.store.journal.HashChange;
import venue.store.live.Releases;
import venue.store.search.SearchIndex;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/**
 * The index of one site and the release that it is brought to, by a thread of its own. Whoever searches meanwhile has what there was
 * before; where there was nothing, they wait for up to a second.
 */
final class FollowedIndex implements AutoCloseable {

    private static final Logger LOG = LoggerFactory.getLogger(FollowedIndex.class);
    private static final long WAIT_MS = 1_000;
    private static final Duration AGAIN = Duration.ofSeconds(10);

    private final Path file;
    private final SearchIndex.Side side;
    private final SiteId site;
    private final Releases releases;
    private final Executor bringer;
    private final InstantSource clock;

    private @Nullable SearchIndex index;
    private boolean closed;
    /** Written by the bringer alone. */
    private int release;

    private int asked;
    private Instant askedAt = Instant.MIN;
    private CompletableFuture<SearchIndex> bringing = CompletableFuture.failedFuture(new Busy("Nothing is asked yet."));

    FollowedIndex(Path file, SearchIndex.Side side, Workspace workspace, Executor bringer, InstantSource clock) {
        this.file = file;
        this.side = side;
        this.site = workspace.site();
        this.releases = workspace.releases();
        this.bringer = bringer;
        this.clock = clock;
    }

    /** Asks for it to be brought to a release, unless that was asked before; what failed is tried again after a while. */
    synchronized CompletableFuture<SearchIndex> follow(Standing standing) {
        boolean failed = bringing.isCompletedExceptionally();
        if (asked < standing.release() || failed && clock.instant().isAfter(askedAt.plus(AGAIN))) {
            asked = standing.release();
            askedAt = clock.instant();
            bringing = CompletableFuture.supplyAsync(() -> brought(standing), bringer);
        }
        return bringing;
    }

    /** What finds pages of a release, or for a moment of the one before it. */
    SearchIndex at(Standing standing) {
        CompletableFuture<SearchIndex> coming = follow(standing);
        try {
            return coming.get(WAIT_MS, TimeUnit.MILLISECONDS);
        } catch (TimeoutException | ExecutionException late) {
            return before().orElseThrow(() -> new Busy("The index of this site is being made."));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy("The server is being stopped.");
        }
    }

    private synchronized Optional<SearchIndex> before() {
        return release == 0 ? Optional.empty() : Optional.ofNullable(index);
    }

    private SearchIndex brought(Standing standing) {
        try {
            SearchIndex made = open();
            List<String> changed = IntStream.rangeClosed(release + 1, standing.release())
                    .boxed()
                    .flatMap(n -> releases.changes(site, n).stream())
                    .map(HashChange::item)
                    .distinct()
                    .toList();
            made.follow(name(standing), standing.live(), changed);
            synchronized (this) {
                release = standing.release();
            }
            return made;
        } catch (RuntimeException e) {
            LOG.warn("The index of the site {} can't be brought to release {}", site, standing.release(), e);
            throw new CompletionException(e);
        }
    }

    private synchronized SearchIndex open() {
        if (closed) {
            throw new Busy("The site was let go.");
        }
        SearchIndex known = index;
        if (known == null) {
            known = SearchIndex.open(file, side);
            index = known;
        }
        return known;
    }

    /** By its time too: a folder that was restored goes on counting where another went on as well. */
    private String name(Standing standing) {
        return releases.log(site, 0, 1).stream()
                .filter(r -> r.number() == standing.release())
                .map(r -> r.number() + " " + r.at())
                .findFirst()
                .orElse(standing.release() + " passed by");
    }

    @Override
    public synchronized void close() {
        closed = true;
        if (index != null) {
            index.close();
            index = null;
        }
    }
}
