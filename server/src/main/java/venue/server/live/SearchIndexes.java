package venue.server.live;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import venue.core.search.Searcher;
import venue.core.search.Sought;
import venue.store.journal.HashChange;
import venue.store.search.InVain;
import venue.store.search.SearchIndex;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/** The full-text index of each site that somebody searches, brought to its release when it is asked. */
@Component
class SearchIndexes {

    /** They go when the site is let go. */
    private final Cache<Workspace, Followed> bySite = Caffeine.newBuilder()
            .weakKeys()
            .removalListener((Workspace site, Followed gone, com.github.benmanes.caffeine.cache.RemovalCause why) -> {
                if (gone != null) {
                    gone.index.close();
                }
            })
            .build();

    private final InVain inVain;

    SearchIndexes(InVain inVain) {
        this.inVain = inVain;
    }

    /** What finds pages of a release of a site; nothing is read before something is looked for. */
    Searcher of(Workspace workspace, Standing standing) {
        return new Searcher() {
            @Override
            public List<Hit> find(Sought sought, int most) {
                return brought(workspace, standing).find(sought, most);
            }

            @Override
            public List<String> titled(Sought sought, int most) {
                return brought(workspace, standing).titled(sought, most);
            }

            @Override
            public void missed(String words) {
                inVain.note(workspace.site(), words);
            }

            @Override
            public Optional<String> near(Sought sought) {
                return brought(workspace, standing).near(sought);
            }
        };
    }

    private SearchIndex brought(Workspace workspace, Standing standing) {
        return bySite.get(workspace, w -> new Followed()).to(workspace, standing);
    }

    /** An index, and the release that it was brought to. */
    private static final class Followed {
        private final SearchIndex index = new SearchIndex();
        private int release;

        synchronized SearchIndex to(Workspace workspace, Standing standing) {
            if (release < standing.release()) {
                List<String> changed = release == 0
                        ? List.of()
                        : IntStream.rangeClosed(release + 1, standing.release())
                                .boxed()
                                .flatMap(n -> workspace.releases().changes(workspace.site(), n).stream())
                                .map(HashChange::item)
                                .distinct()
                                .toList();
                index.follow(standing.live(), changed);
                release = standing.release();
            }
            return index;
        }
    }
}
