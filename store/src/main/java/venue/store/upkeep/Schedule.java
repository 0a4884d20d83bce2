package venue.store.upkeep;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.store.database.Database;

/**
 * When backups are made by themselves.
 *
 * @param at time of day in the server's time zone, {@code HH:MM}; absent where none is made by itself
 * @param keep how many are kept, 1 to 100
 */
public record Schedule(@Nullable String at, int keep) {

    private static final String AT = "backup-at";
    private static final String KEEP = "backup-keep";
    private static final String NEVER = "never";
    private static final int USUALLY = 7;
    private static final int MOST = 100;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    /** The same, where it can be so; refused where not. */
    public Schedule checked() {
        if (keep < 1 || keep > MOST) {
            throw Refusal.badInput(
                    "bad-number", "keep", keep + " backups can't be kept.", "Give a number from 1 to " + MOST + ".");
        }
        if (at != null) {
            time();
        }
        return this;
    }

    /** The time of day; refused where there is none. */
    public LocalTime time() {
        try {
            return LocalTime.parse(String.valueOf(at), TIME);
        } catch (DateTimeParseException e) {
            throw Refusal.badInput(
                    "bad-time", "at", "“" + at + "” is no time of day.", "Give one from 00:00 to 23:59.");
        }
    }

    public static Schedule of(Database database) {
        String keep = database.setting(KEEP).orElse(String.valueOf(USUALLY));
        return new Schedule(database.setting(AT).filter(at -> !at.equals(NEVER)).orElse(null), Integer.parseInt(keep));
    }

    public void keepIn(Database database) {
        database.write(() -> database.set(AT, at == null ? NEVER : at) + database.set(KEEP, String.valueOf(keep)));
    }
}
