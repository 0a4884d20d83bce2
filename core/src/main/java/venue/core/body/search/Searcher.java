package venue.core.body.search;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Finds pages of a live release by what they say. Each of its answers may be {@link Busy} instead. */
public interface Searcher {

    /** Where nothing can be searched. */
    Searcher NONE = new Searcher() {
        @Override
        public List<String> find(Sought sought, int most) {
            return List.of();
        }

        @Override
        public Map<String, String> snippets(Sought sought, Collection<String> pages) {
            return Map.of();
        }

        @Override
        public Optional<String> near(Sought sought) {
            return Optional.empty();
        }

        @Override
        public List<String> titled(Sought sought, int most) {
            return List.of();
        }
    };

    /** Marks the beginning of words that were looked for, in a snippet. */
    char FROM = '\u0002';

    /** Marks their end. */
    char TO = '\u0003';

    /** Ids of the pages that say it, the best first. Whether somebody may open them is asked by whoever shows them. */
    List<String> find(Sought sought, int most);

    /** Where some of these pages say it, by page: words between {@link #FROM} and {@link #TO} in what stands around them. */
    Map<String, String> snippets(Sought sought, Collection<String> pages);

    /** The same in words that the site has, where it has some that are all but those. */
    Optional<String> near(Sought sought);

    /** Ids of the pages whose title or topics say it, the best first. */
    List<String> titled(Sought sought, int most);

    /** The same, for trying: what is looked for in vain is not counted. */
    default Searcher uncounted() {
        Searcher self = this;
        return new Searcher() {
            @Override
            public List<String> find(Sought sought, int most) {
                return self.find(sought, most);
            }

            @Override
            public Map<String, String> snippets(Sought sought, Collection<String> pages) {
                return self.snippets(sought, pages);
            }

            @Override
            public Optional<String> near(Sought sought) {
                return self.near(sought);
            }

            @Override
            public List<String> titled(Sought sought, int most) {
                return self.titled(sought, most);
            }
        };
    }

    /** Counts words that a visitor looked for and that no page holds. Does nothing where nobody counts. */
    default void missed(String words) {}
}
