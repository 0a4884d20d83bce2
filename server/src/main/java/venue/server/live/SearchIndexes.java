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
import venue.server.proof.TriedSearch;
import venue.store.database.DataFolder;
import venue.store.search.InVain;
import venue.store.search.SearchIndex;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** The full-text index of each site, in a file beside the database, brought on by each release and before anybody searches. */
@Component
class SearchIndexes implements TriedSearch {

    private static final String ENDING = ".index";

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
    private final Cache<Workspace, FollowedIndex> bySite = Caffeine.newBuilder()
            .weakKeys()
            .removalListener((@Nullable Workspace site, @Nullable FollowedIndex gone, RemovalCause why) -> {
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
                    .filter(f -> f.endsWith(ENDING))
                    .map(f -> new SiteId(f.substring(0, f.length() - ENDING.length())))
                    .filter(site -> !workspaces.isKnown(site))
                    .forEach(site -> SearchIndex.delete(file(site)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Path file(SiteId site) {
        return folder.resolve(site + ENDING);
    }

    private void carryOn(Workspace workspace, Standing standing) {
        if (standing.release() > 0) {
            followed(workspace).follow(standing);
        }
    }

    private FollowedIndex followed(Workspace workspace) {
        return bySite.get(workspace, w -> new FollowedIndex(file(w.site()), w, bringer, clock));
    }

    /** What finds pages of a release of a site; it is made ready before something is looked for. */
    Searcher of(Workspace workspace, Standing standing) {
        carryOn(workspace, standing);
        return new Searcher() {
            @Override
            public List<String> find(Sought sought, int most) {
                return followed(workspace).at(standing).find(sought, most);
            }

            @Override
            public Map<String, String> snippets(Sought sought, Collection<String> pages) {
                return followed(workspace).at(standing).snippets(sought, pages);
            }

            @Override
            public List<String> titled(Sought sought, int most) {
                return followed(workspace).at(standing).titled(sought, most);
            }

            @Override
            public void missed(String words) {
                inVain.note(workspace.site(), InVain.What.WORDS, words);
            }

            @Override
            public Optional<String> near(Sought sought) {
                return followed(workspace).at(standing).near(sought);
            }
        };
    }

    @Override
    public Searcher tried(Workspace workspace, Standing standing) {
        return of(workspace, standing).uncounted();
    }

    @PreDestroy
    void close() {
        bringer.shutdownNow();
        bySite.asMap().values().forEach(FollowedIndex::close);
    }
}
