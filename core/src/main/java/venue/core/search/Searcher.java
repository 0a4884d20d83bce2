package venue.core.search;

import java.util.List;
import java.util.Optional;

/** Finds pages of a live release by what they say. */
public interface Searcher {

    /** Where nothing can be searched. */
    Searcher NONE = new Searcher() {
        @Override
        public List<Hit> find(Sought sought, int most) {
            return List.of();
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

    /**
     * A page that says what is looked for.
     *
     * @param snippet where it says so, between {@link #FROM} and {@link #TO}
     */
    record Hit(String page, String snippet) {}

    /** The best first. Whether somebody may open them is asked by whoever shows them. */
    List<Hit> find(Sought sought, int most);

    /** The same in words that the site has, where it has some that are all but those. */
    Optional<String> near(Sought sought);

    /** Ids of the pages whose title or topics say it, the best first. */
    List<String> titled(Sought sought, int most);

    /** It is told of what a visitor looked for and did not find; of no matter where nobody counts that. */
    default void missed(String words) {}
}
