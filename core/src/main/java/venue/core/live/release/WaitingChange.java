package venue.core.live.release;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Set;
import venue.core.basics.item.PersonId;

/**
 * A change that waits to be released, told as what people did: of one item, or of several that were changed together.
 *
 * @param key by which it is known as long as it waits
 * @param says what it does, as short sentences
 * @param who everybody who had a hand in it
 * @param entries the items that it changes
 */
public record WaitingChange(
        String key,
        String name,
        List<String> says,
        Set<PersonId> who,
        List<ReleaseEntry> entries,
        @JsonUnwrapped FollowsIt follows) {

    /**
     * What else is altered by it.
     *
     * @param reaches how many pages it alters for visitors
     * @param pages the ids of a few of those, to look at
     * @param redirects how many old addresses will lead on, or say that what stood there is gone
     * @param menus whether menus lead elsewhere, or are worded otherwise
     */
    public record FollowsIt(long reaches, List<String> pages, int redirects, boolean menus) {}
}
