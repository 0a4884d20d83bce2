package venue.server.upkeep;

import java.time.ZonedDateTime;
import org.jspecify.annotations.Nullable;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import venue.store.database.Database;

/** Reads the whole database through once a week, and tells what is not as it was written. */
@Component
@Order(3)
final class LookAtTheDatabase implements UpkeepTask {

    private static final int WEEK = 7;

    private final Database database;

    LookAtTheDatabase(Database database) {
        this.database = database;
    }

    @Override
    public String name() {
        return "database";
    }

    @Override
    public String title() {
        return "Looking at the database";
    }

    @Override
    public boolean isDue(@Nullable ZonedDateTime last, ZonedDateTime now) {
        return last == null || last.isBefore(now.minusDays(WEEK));
    }

    @Override
    public String run() {
        String found = database.damage();
        if (!found.isEmpty()) {
            throw new IllegalStateException(found + ". Stop the server and restore a backup.");
        }
        return "all of it is as it was written";
    }
}
