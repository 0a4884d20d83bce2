package venue.core.model.media;

import venue.core.basics.item.Hash;

/**
 * A file as it was before another took its place.
 *
 * @param file the hash of its bytes, 64 hexadecimal digits
 * @param format its ending
 * @param bytes its size
 * @param since the day from which it was that, ISO 8601; empty where nobody knows
 */
public record Earlier(Hash file, String format, long bytes, String since) {

    public Earlier {
        since = since == null ? "" : since;
    }

    /** Where it is served on the site. */
    public String path() {
        return Media.path(file, format);
    }
}
