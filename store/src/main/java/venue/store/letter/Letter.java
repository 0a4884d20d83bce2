package venue.store.letter;

import org.jspecify.annotations.Nullable;
import venue.core.basics.item.LetterId;
import venue.core.basics.item.SiteId;

/**
 * A letter to those of a list.
 *
 * @param tested of which wording a test was sent, by its hash; empty for none
 * @param by the id of the person who wrote it last
 * @param next when it goes on that had trouble; absent where it has none
 * @param trouble what stands in its way; or empty
 */
public record Letter(
        LetterId id,
        SiteId site,
        Wording wording,
        State state,
        int rate,
        String tested,
        String changed,
        @Nullable String by,
        @Nullable String started,
        @Nullable String ended,
        @Nullable String next,
        String trouble) {

    /**
     * What it says, and to whom.
     *
     * @param list the id of the form that makes the list
     * @param lead words before what it is made of; or empty
     * @param page the id of the page that it is made of
     * @param listing the name of one of the page's listings whose newest it tells; absent for the page itself
     * @param since from which day on that is told, as ISO 8601; absent with no listing
     */
    public record Wording(
            String list,
            String subject,
            String lead,
            String page,
            @Nullable String listing,
            @Nullable String since) {}

    /** Where a letter has come to. */
    public enum State {
        DRAFT,
        SENDING,
        STOPPED,
        SENT
    }

    /** Where it has come to with one of those whom it goes to. */
    public enum To {
        WAITING,
        /** Is being written to at this moment. */
        BEING,
        SENT,
        REFUSED,
        /** The server stopped while they were being written to: nobody knows whether they have it. */
        UNSURE,
        /** Left before it was their turn. */
        LEFT
    }
}
