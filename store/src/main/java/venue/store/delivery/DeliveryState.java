package venue.store.delivery;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a delivery stands.
 *
 * @param release the release that it shows; 0 before the first
 * @param at when that arrived; absent before the first
 * @param trouble why it did not go last; absent where it did
 * @param run the run that was begun last
 * @param again whether all of it is to be compared and sent again
 * @param untold addresses of which a content network is still to be told
 * @param holds how much lies there, as it was counted last
 */
public record DeliveryState(
        int release,
        @Nullable Instant at,
        @Nullable Trouble trouble,
        String run,
        boolean again,
        List<String> untold,
        Holds holds) {

    /** How many objects, and how many bytes they have together. */
    public record Holds(int objects, long bytes) {}

    /**
     * Why it did not go.
     *
     * @param failures how many times in a row
     * @param nextAt when it is tried again
     */
    public record Trouble(int failures, Instant nextAt, String says, String fix) {}

    public static final DeliveryState NEVER = new DeliveryState(0, null, null, "", false, List.of(), new Holds(0, 0));

    private static final Duration FIRST = Duration.ofSeconds(10);
    private static final int MOST_DOUBLED = 9;

    /** A run has begun. */
    public DeliveryState begun(String other) {
        return new DeliveryState(release, at, trouble, other, again, untold, holds);
    }

    /** @param counted how much lies there; absent where it was not counted */
    public DeliveryState arrived(int number, Instant when, List<String> news, @Nullable Holds counted) {
        return new DeliveryState(number, when, null, run, false, news, counted == null ? holds : counted);
    }

    /** It is tried again ever later: after 10 seconds, 20, 40, and so on to an hour and a half. */
    public DeliveryState failed(Instant now, String says, String fix) {
        int before = trouble == null ? 0 : trouble.failures();
        Instant next = now.plus(FIRST.multipliedBy(1L << Math.min(MOST_DOUBLED, before)));
        return new DeliveryState(release, at, new Trouble(before + 1, next, says, fix), run, again, untold, holds);
    }

    /** It is tried at once, whatever stood in the way. */
    public DeliveryState hurried(boolean all) {
        Trouble now =
                trouble == null ? null : new Trouble(trouble.failures(), Instant.EPOCH, trouble.says(), trouble.fix());
        return new DeliveryState(release, at, now, run, again || all, untold, holds);
    }
}
