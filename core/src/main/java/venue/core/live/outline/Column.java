package venue.core.live.outline;

import java.util.Arrays;
import java.util.Optional;

/** The columns of the plan as a table, in their order. */
public enum Column {
    /** Names the page whatever its address: absent for new ones. */
    ID("Id"),
    ADDRESS("Address"),
    TITLE("Title"),
    KIND("Kind"),
    /** Empty for "as its kind says". */
    TEMPLATE("Template"),
    /** The address of the page above; empty at the top. */
    PARENT("Parent"),
    /** Names of menus, with {@code ;} between them. */
    MENUS("Menus"),
    SEARCH_TITLE("Search title"),
    SEARCH_DESCRIPTION("Search description"),
    /** Yes or no; no keeps a page out of search engines. */
    SITEMAP("In the sitemap"),
    /** {@code taken off} takes it off the site; any other word puts it back. */
    STATE("State");

    private final String heading;

    Column(String heading) {
        this.heading = heading;
    }

    public String heading() {
        return heading;
    }

    static Optional<Column> called(String words) {
        return Arrays.stream(values())
                .filter(c -> c.heading.equalsIgnoreCase(words.strip()))
                .findFirst();
    }
}
