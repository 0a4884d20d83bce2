package venue.server.app;

import java.security.SecureRandom;
import java.util.Optional;
import java.util.function.Supplier;
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

    private static final String LETTERS = "abcdefghjkmnpqrstvwxyz23456789";
    private static final int LENGTH = 8;

    private final String id;

    Installation(Database database) {
        Supplier<Optional<String>> known = () -> database.sql()
                .sql("select value from setting where key = 'installation'")
                .query(String.class)
                .optional();
        id = known.get().orElseGet(() -> database.write(() -> known.get().orElseGet(() -> made(database))));
    }

    private static String made(Database database) {
        String made = new SecureRandom()
                .ints(LENGTH, 0, LETTERS.length())
                .mapToObj(i -> LETTERS.substring(i, i + 1))
                .reduce("", String::concat);
        database.sql()
                .sql("insert into setting (key, value) values ('installation', :id)")
                .param("id", made)
                .update();
        return made;
    }

    /** Eight letters and digits. */
    public String id() {
        return id;
    }
}
