package venue.store.upkeep;

import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import venue.store.database.Database;

/** What is done by itself or when somebody asks, each with how it ended last. */
public final class Tasks {

    private static final String BEGUN = """
            insert into task (name, began_at, ended_at, well, says) values (:name, :at, null, null, null)
            on conflict (name) do update set began_at = :at, ended_at = null, well = null, says = null
            """;
    private static final String ENDED = "update task set ended_at = :at, well = :well, says = :says where name = :name";

    private final Database database;
    private final InstantSource clock;

    public Tasks(Database database, InstantSource clock) {
        this.database = database;
        this.clock = clock;
    }

    /**
     * How a task went last.
     *
     * @param endedAt absent while it runs, and where the server was ended in the middle of it
     * @param well whether it did what it was to do; absent while that is not known
     * @param says what came of it, or why it failed
     */
    public record Last(
            String name,
            String beganAt,
            @Nullable String endedAt,
            @Nullable Boolean well,
            @Nullable String says) {}

    public List<Last> all() {
        return database.sql()
                .sql("select name, began_at, ended_at, well, says from task order by name")
                .query(Last.class)
                .list();
    }

    public Optional<Last> last(String name) {
        return all().stream().filter(t -> t.name().equals(name)).findFirst();
    }

    public void begun(String name) {
        database.write(() ->
                database.sql().sql(BEGUN).param("name", name).param("at", now()).update());
    }

    public void ended(String name, boolean well, String says) {
        database.write(() -> database.sql()
                .sql(ENDED)
                .param("name", name)
                .param("at", now())
                .param("well", well)
                .param("says", says)
                .update());
    }

    private String now() {
        return clock.instant().truncatedTo(ChronoUnit.SECONDS).toString();
    }
}
