package venue.store.backup;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;

/** What a backup leaves that is ended in the middle. While it is made, a note says where; whoever finds the note takes that away. */
public final class Unfinished {

    /** What a name ends with while all of it is not on the disk yet. */
    static final String PART = ".part";

    private static final String DATABASE_PART = ".db" + PART;
    private static final String NOTE = ".backup-begun";

    private Unfinished() {}

    /** Where the database is copied to for a backup in a file. */
    public static Path copyFor(Path backup) {
        return backup.resolveSibling(backup.getFileName() + DATABASE_PART);
    }

    /** Notes that a backup is begun, and gives the note, which goes when it is done. */
    public static Path note(Path notes, Path backup) throws IOException {
        return Files.writeString(
                Files.createDirectories(notes).resolve(UUID.randomUUID() + NOTE),
                backup.toAbsolutePath().toString());
    }

    /** Takes away what is noted, and the notes; to be called while nobody makes a backup. */
    public static void sweep(Path notes) throws IOException {
        try (Stream<Path> all = Files.list(notes)) {
            for (Path note : all.filter(f -> named(f).endsWith(NOTE)).toList()) {
                Path backup = Path.of(Files.readString(note));
                for (String end : List.of(PART, DATABASE_PART, DATABASE_PART + "-journal")) {
                    Files.deleteIfExists(backup.resolveSibling(backup.getFileName() + end));
                }
                Files.delete(note);
            }
        } catch (NoSuchFileException none) {
            // Nothing has been noted yet.
        }
    }

    /** Takes away what lies unfinished in a folder of backups, noted or not; while nobody makes one there. */
    public static void sweepFolder(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            for (Path part : files.filter(f -> named(f).contains(BackupFile.ENDING + ".") && named(f).contains(PART))
                    .toList()) {
                Files.deleteIfExists(part);
            }
        }
    }

    private static String named(Path file) {
        return file.getFileName().toString();
    }
}
