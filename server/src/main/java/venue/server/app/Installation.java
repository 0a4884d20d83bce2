package venue.server.app;

import org.springframework.stereotype.Component;
import venue.store.database.Database;

/**
 * What tells this installation from others, for good. Browsers hold cookies by host name and not by port: two servers under one name
 * would end each other's sessions if their cookies had the same names.
 */
@Component
public class Installation {

    /** The header that tells it to the interface, which finds its token by it. */
    static final String HEADER = "Venue-Installation";

    private final String id;

    Installation(Database database) {
        id = database.installation();
    }

    /** Eight letters and digits. */
    public String id() {
        return id;
    }
}
