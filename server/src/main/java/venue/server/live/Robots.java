package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Who says of themselves that they are no browser before which somebody sits. */
final class Robots {

    private static final Pattern NAMES = Pattern.compile(
            "bot|crawl|spider|slurp|scan|curl|wget|python|java/|go-http|preview|monitor", Pattern.CASE_INSENSITIVE);

    /** What was found out of those who asked of late: the same few ask for nearly every page. */
    private static final Map<String, Boolean> KNOWN = new ConcurrentHashMap<>();

    private static final int MOST_KNOWN = 2_000;
    private static final int LONGEST_KNOWN = 300;

    private Robots() {}

    static boolean is(HttpServletRequest asked) {
        String says = asked.getHeader("User-Agent");
        if (says == null) {
            return true;
        }
        Boolean known = KNOWN.get(says);
        return known != null ? known : find(says);
    }

    private static boolean find(String says) {
        boolean is = says.isBlank() || NAMES.matcher(says).find();
        if (says.length() <= LONGEST_KNOWN) {
            if (KNOWN.size() >= MOST_KNOWN) {
                KNOWN.clear();
            }
            KNOWN.put(says, is);
        }
        return is;
    }

    /** Whether a browser asks before somebody wants to see it (Fetch Metadata; Resource Hints). */
    static boolean isAhead(HttpServletRequest asked) {
        return isPrefetch(asked.getHeader("Sec-Purpose")) || isPrefetch(asked.getHeader("Purpose"));
    }

    private static boolean isPrefetch(@Nullable String purpose) {
        return purpose != null && purpose.contains("prefetch");
    }
}
