package venue.demo;

import java.time.Duration;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A letter that the observatory has sent, or writes.
 *
 * @param ago before how long it was sent; absent for a draft
 * @param page the id of the page that it is made of
 * @param newest how far back it tells of what is new in the page's listing; absent for the page itself
 */
public record DemoLetter(
        @Nullable Duration ago,
        String subject,
        String lead,
        String page,
        @Nullable Duration newest) {

    /** All of them, the first first. */
    public static List<DemoLetter> all() {
        return List.of(
                new DemoLetter(
                        Duration.ofDays(47),
                        "A comet in the net",
                        "Sian could not wait for the monthly letter, so here it is, still warm.",
                        "article-2",
                        null),
                new DemoLetter(
                        Duration.ofDays(8), "The roof rolls again", "Eleven weeks, and it moves.", "article-1", null),
                new DemoLetter(
                        Duration.ofDays(3),
                        "Autumn on the moor",
                        "Long nights are back. This is what happened while you were at the seaside.",
                        "news",
                        Duration.ofDays(150)),
                new DemoLetter(null, "What is coming in December", "", "open-nights", null));
    }
}
