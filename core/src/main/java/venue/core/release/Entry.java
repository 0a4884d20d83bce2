package venue.core.release;

import java.util.List;

/**
 * One thing that a release would change.
 *
 * @param item its id
 * @param sort what it is: {@code page}, {@code template}, {@code menu} and so on
 * @param says what changes, as short sentences
 * @param needs ids of other entries that must come along
 */
public record Entry(String item, String sort, String name, Fate fate, List<String> says, List<String> needs) {

    /** What becomes of it on the live site. */
    public enum Fate {
        NEW,
        CHANGED,
        GONE
    }

    Entry withNeeds(List<String> ids) {
        return new Entry(item, sort, name, fate, says, ids);
    }
}
