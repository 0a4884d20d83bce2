package venue.store.upkeep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.stream.Stream;
import venue.store.backup.BackupFile;
import venue.store.database.Database;

/**
 * How much an installation holds, in bytes.
 *
 * @param database the database with its log
 * @param history what of the database nothing of now is made of: past versions of items
 * @param media files, renditions among them
 */
public record Sizes(long database, long history, long media) {

    private static final String HISTORY = """
            select coalesce(sum(length(cast(body as blob))), 0) from content
            where hash not in (select hash from working union select hash from live)
            """;

    public static Sizes of(Database database, Path data) {
        long history = database.sql().sql(HISTORY).query(Long.class).single();
        long kept = size(data.resolve(BackupFile.DATABASE)) + size(data.resolve(BackupFile.DATABASE + "-wal"));
        return new Sizes(kept, history, all(data.resolve("media")));
    }

    private static long all(Path folder) {
        try (Stream<Path> files = Files.list(folder)) {
            return files.mapToLong(Sizes::size).sum();
        } catch (NoSuchFileException none) {
            return 0;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static long size(Path file) {
        try {
            return Files.size(file);
        } catch (IOException none) {
            return 0;
        }
    }
}
