package venue.store.filter;

import java.util.List;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.basics.text.Letters;
import venue.store.database.Database;

/** Filters of the plan that somebody keeps by name, for themselves or for all. */
public final class KeptFilters {

    /** The most that somebody keeps for one site. */
    static final int MOST = 100;

    private static final int LONGEST_NAME = 60;
    private static final int LONGEST = 2_000;
    private static final String ALL = "";

    private static final String OF = """
            select name, asks, person = '' as for_all from kept_filter
            where site = :site and person in (:person, '') order by name
            """;
    private static final String KEEP = """
            insert into kept_filter (site, person, name, asks) values (:site, :person, :name, :asks)
            on conflict (site, person, name) do update set asks = excluded.asks
            """;

    /**
     * A filter.
     *
     * @param asks what it keeps, as the plan's address has it behind the question mark
     * @param forAll whether everybody at the site has it
     */
    public record KeptFilter(String name, String asks, boolean forAll) {}

    private final Database database;

    public KeptFilters(Database database) {
        this.database = database;
    }

    /** Those of a person and those of all, by name. */
    public List<KeptFilter> of(SiteId site, PersonId person) {
        return database.sql()
                .sql(OF)
                .param("site", site)
                .param("person", person)
                .query(KeptFilter.class)
                .list();
    }

    /** @param person absent for all */
    public void keep(SiteId site, @Nullable PersonId person, String name, String asks) {
        String called = Letters.line(name);
        if (called.isEmpty() || called.length() > LONGEST_NAME || asks.isEmpty() || asks.length() > LONGEST) {
            throw Refusal.badInput(
                    "bad-filter",
                    "name",
                    "A filter needs a name of 1 to " + LONGEST_NAME + " characters, and something that it keeps.",
                    "Choose what to see first, then name it.");
        }
        database.write(() -> {
            int there = database.sql()
                    .sql("select count(*) from kept_filter where site = :site and person = :person")
                    .param("site", site)
                    .param("person", owner(person))
                    .query(Integer.class)
                    .single();
            if (there >= MOST) {
                throw Refusal.conflict(
                        "too-many-filters",
                        "name",
                        "You keep " + there + " filters; " + MOST + " can be kept.",
                        "Take one away first.");
            }
            return database.sql()
                    .sql(KEEP)
                    .param("site", site)
                    .param("person", owner(person))
                    .param("name", called)
                    .param("asks", asks)
                    .update();
        });
    }

    /** @param person absent for all */
    public void remove(SiteId site, @Nullable PersonId person, String name) {
        database.write(() -> database.sql()
                .sql("delete from kept_filter where site = :site and person = :person and name = :name")
                .param("site", site)
                .param("person", owner(person))
                .param("name", name)
                .update());
    }

    private static String owner(@Nullable PersonId person) {
        return person == null ? ALL : person.text();
    }
}
