package venue.server.upkeep;

import java.time.InstantSource;
import java.time.ZonedDateTime;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import venue.store.database.Database;
import venue.store.upkeep.Outdated;

/** Takes away what has been kept for as long as it is to be, once a day. */
@Component
@Order(2)
final class ForgetTheOld implements UpkeepTask {

    private final Outdated outdated;

    ForgetTheOld(Database database, InstantSource clock) {
        outdated = new Outdated(database, clock);
    }

    @Override
    public String name() {
        return "outdated";
    }

    @Override
    public String title() {
        return "What is kept for a while";
    }

    @Override
    public boolean isDue(@Nullable ZonedDateTime last, ZonedDateTime now) {
        return last == null || last.isBefore(now.minusDays(1));
    }

    @Override
    public String run() {
        String gone = outdated.remove().entrySet().stream()
                .map(e -> e.getValue() + " × " + e.getKey())
                .collect(Collectors.joining(", "));
        return gone.isEmpty() ? "nothing is older than it is to be" : "taken away: " + gone;
    }
}
