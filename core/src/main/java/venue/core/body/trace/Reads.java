package venue.core.body.trace;

import java.util.Map;

/**
 * How often people read the pages of a site over the last whole days, by the page's id. It is the same object all day, by which what was
 * worked out of it is known.
 */
public record Reads(Map<String, Integer> times) {

    /** Over how many days. */
    public static final int DAYS = 30;

    /** Where nothing is counted. */
    public static final Reads NOTHING = new Reads(Map.of());

    public int of(String page) {
        return times.getOrDefault(page, 0);
    }
}
