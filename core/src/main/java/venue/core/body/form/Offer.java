package venue.core.body.form;

import org.jspecify.annotations.Nullable;
import venue.core.model.page.Page;

/**
 * Something that can be chosen in a form: a page or an entry.
 *
 * @param when its day and time in words, or empty
 * @param seats how many may come; absent where nothing runs out
 * @param closed whether it can't be chosen any more, because it is past
 */
public record Offer(Page page, String when, @Nullable PlacesLeft seats, boolean closed) {

    public String id() {
        return page.id();
    }

    /** What an answer says of it. */
    public String words() {
        return when.isEmpty() ? page.title() : page.title() + ", " + when;
    }
}
