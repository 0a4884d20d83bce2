package venue.core.body.form;

import java.util.Locale;
import java.util.Optional;

/**
 * A file that a visitor sent with a form, as an answer names it; its bytes are kept apart.
 *
 * @param id by which it is found; empty where it was not taken
 * @param bytes how large it is; of one that was too large, as far as it was read
 * @param ending what it is by its first bytes, as {@code pdf}; empty for none of the sorts that are known
 */
public record SentFile(String id, long bytes, String ending, String name) {

    private static final int KILO = 1_000;
    private static final int PARTS = 4;
    private static final int LONGEST_NAME = 120;

    public SentFile {
        String plain = name.substring(Math.max(name.lastIndexOf('/'), name.lastIndexOf('\\')) + 1);
        name = plain.length() <= LONGEST_NAME ? plain : plain.substring(plain.length() - LONGEST_NAME);
    }

    /** It as it stands in an answer. */
    public String text() {
        return id + "/" + bytes + "/" + ending + "/" + name;
    }

    /** What {@link #text} wrote; empty for anything else. */
    public static Optional<SentFile> read(String text) {
        String[] parts = text.split("/", PARTS);
        return parts.length == PARTS && parts[1].matches("[0-9]{1,12}")
                ? Optional.of(new SentFile(parts[0], Long.parseLong(parts[1]), parts[2], parts[3]))
                : Optional.empty();
    }

    public boolean isTaken() {
        return !id.isEmpty();
    }

    /** “plan.pdf · 240 kB”. */
    public String words(Locale locale) {
        String size = bytes < KILO * KILO
                ? Math.max(1, (bytes + KILO / 2) / KILO) + " kB"
                : String.format(locale, "%.1f MB", (double) bytes / KILO / KILO);
        return name + " · " + size;
    }
}
