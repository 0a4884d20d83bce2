package venue.store.backup;

import java.util.List;
import venue.core.basics.item.Hash;

/**
 * What {@code backup.json} says, the last entry of a backup; docs/formats/backup.md describes it.
 *
 * @param format always {@link #FORMAT}
 * @param version of the format
 * @param made what was backed up, by what, and when
 */
record Manifest(String format, int version, Made made, List<Stored> files) {

    static final String FORMAT = "venue-backup";
    static final int VERSION = 1;
    static final String ENTRY = "backup.json";

    /** An entry beside this one, with its SHA-256 and size in bytes. */
    record Stored(String path, Hash sha256, long bytes) {}

    Manifest {
        files = files == null ? List.of() : List.copyOf(files);
    }
}
