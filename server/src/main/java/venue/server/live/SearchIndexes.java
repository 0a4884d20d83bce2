package venue.server.live;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.RemovalCause;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SiteId;
import venue.core.body.search.Searcher;
import venue.core.body.search.Sought;
import venue.core.model.gate.Visitor;
import venue.server.proof.TriedSearch;
import venue.store.database.DataFolder;
import venue.store.search.InVain;
import venue.store.search.OpenAndClosed;
import venue.store.search.SearchIndex;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** The full-text index of each site, in a file beside the database, brought on by each release and before anybody searches. */
@Component
class SearchIndexes implements TriedSearch {

    private static final Map<SearchIndex.Side, String> ENDINGS =
            Map.of(SearchIndex.Side.OPEN, ".index", SearchIndex.Side.CLOSED, ".closed");

    /** The indexes of one site. */
    private record Both(FollowedIndex open, FollowedIndex closed) {
        void close() {
            open.close();
            closed.close();
        }
    }

    private final Path folder;
    private final InVain inVain;
    private final InstantSource clock;
    /** What comes after it was ended is let go: indexes are brought on after the next start. */
    private final ExecutorService bringer = new ThreadPoolExecutor(
            1,
            1,
            0,
            TimeUnit.SECONDS,
            new LinkedBlockingQueue<>(),
            work -> new Thread(work, "search-index"),
            new ThreadPoolExecutor.DiscardPolicy());

    /** They go when the site is let go. */
    private final Cache<Workspace, Both> bySite = Caffeine.newBuilder()
            .weakKeys()
            .removalListener((@Nullable Workspace site, @Nullable Both gone, RemovalCause why) -> {
                if (gone != null) {
                    gone.close();
                }
            })
            .build();

    SearchIndexes(DataFolder data, InVain inVain, InstantSource clock, Workspaces workspaces) {
        this.folder = data.within(DataFolder.SEARCH);
        this.inVain = inVain;
        this.clock = clock;
        removeOthers(workspaces);
        workspaces.onStep((site, done) ->
                bringer.execute(() -> workspaces.find(site).ifPresent(w -> carryOn(w, w.now()))));
    }

    /** Of sites that are no more, nothing stays. */
    private void removeOthers(Workspaces workspaces) {
        try (Stream<Path> files = Files.list(folder)) {
            files.map(f -> f.getFileName().toString())
                    .filter(f -> ENDINGS.values().stream().anyMatch(f::endsWith))
                    .map(f -> new SiteId(f.substring(0, f.lastIndexOf('.'))))
                    .filter(site -> !workspaces.isKnown(site))
                    .forEach(site -> ENDINGS.keySet().forEach(side -> SearchIndex.delete(file(site, side))));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Path file(SiteId site, SearchIndex.Side side) {
        return folder.resolve(site + ENDINGS.get(side));
    }

    private void carryOn(Workspace workspace, Standing standing) {
        if (standing.release() > 0) {
            Both followed = followed(workspace);
            followed.open().follow(standing);
            followed.closed().follow(standing);
        }
    }

    private Both followed(Workspace workspace) {
        return bySite.get(workspace, w -> new Both(made(w, SearchIndex.Side.OPEN), made(w, SearchIndex.Side.CLOSED)));
    }

    private FollowedIndex made(Workspace workspace, SearchIndex.Side side) {
        return new FollowedIndex(file(workspace.site(), side), side, workspace, bringer, clock);
    }

    /** What finds pages of a release of a site for somebody; it is made ready before something is looked for. */
    Searcher of(Workspace workspace, Standing standing, Visitor visitor) {
        carryOn(workspace, standing);
        return new Searcher() {
            private Searcher found() {
                SearchIndex open = followed(workspace).open().at(standing);
                return visitor.isStranger()
                        ? open
                        : new OpenAndClosed(open, followed(workspace).closed().at(standing));
            }

            @Override
            public List<String> find(Sought sought, int most) {
                return found().find(sought, most);
            }

            @Override
            public Map<String, String> snippets(Sought sought, Collection<String> pages) {
                return found().snippets(sought, pages);
            }

            @Override
            public List<String> titled(Sought sought, int most) {
                return found().titled(sought, most);
            }

            @Override
            public void missed(String words) {
                inVain.note(workspace.site(), InVain.What.WORDS, words);
            }

            @Override
            public Optional<String> near(Sought sought) {
                return found().near(sought);
            }
        };
    }

    @Override
    public Searcher tried(Workspace workspace, Standing standing, Visitor visitor) {
        return of(workspace, standing, visitor).uncounted();
    }

    @PreDestroy
    void close() {
        bringer.shutdownNow();
        bySite.asMap().values().forEach(Both::close);
    }
}
