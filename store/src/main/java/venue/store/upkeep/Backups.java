package venue.store.upkeep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.InstantSource;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;
import venue.store.backup.BackupFile;
import venue.store.backup.BackupWriter;
import venue.store.backup.Made;
import venue.store.backup.Unfinished;
import venue.store.database.DataFolder;
import venue.store.database.Database;
import venue.store.database.Version;

/** Makes backups of a data folder while it is in use: one moment of the database, and all files that it names. */
public final class Backups {

    private static final String OURS = "venue-";

    private final Database database;
    private final Path data;
    private final InstantSource clock;

    public Backups(Database database, Path data, InstantSource clock) {
        this.database = database;
        this.data = data;
        this.clock = clock;
    }

    /**
     * A backup as it lies there.
     *
     * @param at when it was done, in UTC (RFC 3339)
     */
    public record Kept(String name, long bytes, String at) {}

    /** Writes a backup into a file; there is no such file before all of it is on the disk. */
    public void write(Path to) {
        Path place = to.toAbsolutePath();
        Path folder = place.getParent();
        if (Files.isDirectory(place) || folder == null || !Files.isDirectory(folder)) {
            throw Refusal.badInput(
                    "no-place",
                    "to",
                    "No backup can be written to " + to + ".",
                    "Name a file in a folder that is there.");
        }
        Path copy = Unfinished.copyFor(place);
        try {
            FilesLock.holding(data, () -> {
                Path note = Unfinished.note(data.resolve(DataFolder.INCOMING), place);
                Files.deleteIfExists(copy);
                database.copyInto(copy);
                Made made = new Made(Version.OURS, Database.schema(), now().toString(), true);
                BackupWriter.write(made, copy, data.resolve("media"), place);
                Files.delete(note);
                return place;
            });
        } finally {
            delete(copy);
        }
    }

    /** Makes one in a folder of backups, under a name that says when; the last of ours are kept, as many as that. */
    public Kept makeIn(Path folder, int kept) {
        try {
            Files.createDirectories(folder);
            FilesLock.holding(data, () -> {
                Unfinished.sweepFolder(folder);
                return folder;
            });
            Path to = folder.resolve(OURS + now().toString().replaceAll("[-:]", "") + BackupFile.ENDING);
            write(to);
            List<Kept> all =
                    all(folder).stream().filter(k -> k.name().startsWith(OURS)).toList();
            for (Kept old : all.subList(Math.min(kept, all.size()), all.size())) {
                Files.deleteIfExists(folder.resolve(old.name()));
            }
            return told(to);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** The backups in a folder, the latest first. */
    public static List<Kept> all(Path folder) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.getFileName().toString().endsWith(BackupFile.ENDING))
                    .map(Backups::told)
                    .sorted(Comparator.comparing(Kept::at)
                            .thenComparing(Kept::name)
                            .reversed())
                    .toList();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static Kept told(Path file) {
        try {
            String at = Files.getLastModifiedTime(file)
                    .toInstant()
                    .truncatedTo(ChronoUnit.SECONDS)
                    .toString();
            return new Kept(file.getFileName().toString(), Files.size(file), at);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private Instant now() {
        return clock.instant().truncatedTo(ChronoUnit.SECONDS);
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
