package venue.core.body.scene;

import java.util.Map;
import java.util.Optional;
import venue.core.body.search.Found;

/** Looking for something on the site. */
public interface Search {

    /** Where the site is searched: the page that is bound for it, else this one. */
    String address();

    /** Whether there is a page that shows what is found: none is where no page is. */
    boolean leads();

    /** What was looked for on this page; empty where nothing was, or another page is bound for it. */
    Optional<Found> found(int each);

    /** Where something is found: the address with what is asked there by key. */
    String at(Map<String, String> query);
}
