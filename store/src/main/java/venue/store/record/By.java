package venue.store.record;

import org.jspecify.annotations.Nullable;
import venue.core.basics.item.PersonId;

/**
 * Whose doing something is.
 *
 * @param who a person's id; null where nobody is known
 * @param origin the address that it came from, or the command line
 */
public record By(@Nullable PersonId who, String origin) {

    /** On the server itself, by whoever may read the data folder. */
    public static final By COMMAND_LINE = new By(null, "command line");

    /** By the server itself, because it was time. */
    public static final By SERVER = new By(null, "the server");
}
