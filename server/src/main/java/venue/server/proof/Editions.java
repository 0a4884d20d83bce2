package venue.server.proof;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.core.edition.edition.Edition;
import venue.store.workspace.Releasing;
import venue.store.workspace.Standing;
import venue.store.workspace.Workspace;

/**
 * The editions of a site that are looked at, by what they are called: {@code now} is the working copy, {@code live} the live release, a
 * number the release of that number, {@code planned-ID} the site as it would be with a release that is set for a time.
 */
@Component
public class Editions {

    private static final int KEPT = 8;
    private static final String PLANNED = "planned-";

    private record Past(SiteId site, int live, int number) {}

    /** Each shares with the live release what didn't change since. */
    private final Cache<Past, Edition> past = Caffeine.newBuilder()
            .maximumSize(KEPT)
            .expireAfterAccess(Duration.ofMinutes(5))
            .build();

    public Edition of(Workspace workspace, Standing now, String called) {
        if (called.equals("now")) {
            return now.working();
        }
        if (called.equals("live")) {
            return now.live();
        }
        Releasing releasing = workspace.releasing();
        if (called.startsWith(PLANNED)) {
            String id = called.substring(PLANNED.length());
            return releasing.planned().stream()
                    .filter(p -> p.id().equals(id))
                    .findFirst()
                    .map(p -> releasing.held(p).target())
                    .orElseThrow(() -> Refusal.unknown("planned release", id));
        }
        if (!called.matches("\\d{1,9}")) {
            throw Refusal.badInput(
                    "no-such-edition",
                    "of",
                    "“" + called + "” is no edition of the site.",
                    "Ask for now, for live, or for the number of a release.");
        }
        int number = Integer.parseInt(called);
        return past.get(new Past(workspace.site(), now.release(), number), p -> releasing.at(number));
    }
}
