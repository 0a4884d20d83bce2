package venue.store.letter;

import org.jspecify.annotations.Nullable;
import venue.core.basics.item.SiteId;
import venue.core.basics.item.SubscriberId;

/**
 * Somebody who asked for letters, on one list.
 *
 * @param list the id of the form that makes the list
 * @param proof how they agreed, and when
 * @param asked when they asked last
 * @param since since when they get letters; absent before they confirmed
 * @param ended when they left, or their mail server refused; absent while neither was
 * @param said what their mail server said that refused; or empty
 */
public record Subscriber(
        SubscriberId id,
        SiteId site,
        String list,
        String email,
        String name,
        Stands stands,
        String proof,
        String asked,
        @Nullable String since,
        @Nullable String ended,
        String said) {

    /** How somebody stands on a list. Letters go to those who are in. */
    public enum Stands {
        /** They asked, and have not confirmed. */
        ASKED("not confirmed"),
        IN("in"),
        /** They left. */
        OUT("left"),
        /** Their mail server takes nothing for them. */
        REFUSED("refused");

        private final String words;

        Stands(String words) {
            this.words = words;
        }

        /** As tables say it. */
        public String words() {
            return words;
        }
    }
}
