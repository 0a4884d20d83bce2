package venue.server.live;

import jakarta.servlet.http.HttpServletRequest;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** Who says of themselves that they are no browser before which somebody sits. */
final class Robots {

    private static final Pattern NAMES = Pattern.compile(
            "bot|crawl|spider|slurp|scan|curl|wget|python|java/|go-http|preview|monitor", Pattern.CASE_INSENSITIVE);

    private Robots() {}

    static boolean is(HttpServletRequest asked) {
        String says = asked.getHeader("User-Agent");
        return says == null || says.isBlank() || NAMES.matcher(says).find();
    }

    /** Whether a browser asks before somebody wants to see it (Fetch Metadata; Resource Hints). */
    static boolean isAhead(HttpServletRequest asked) {
        return isPrefetch(asked.getHeader("Sec-Purpose")) || isPrefetch(asked.getHeader("Purpose"));
    }

    private static boolean isPrefetch(@Nullable String purpose) {
        return purpose != null && purpose.contains("prefetch");
    }
}
