package venue.store.upkeep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.InstantSource;
import java.util.stream.Stream;
import venue.core.basics.fault.Refusal;
import venue.store.backup.BackupFile;
import venue.store.backup.Made;
import venue.store.database.DataFolder;
import venue.store.database.Database;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.record.Records;

/** Makes a data folder from a backup: every byte is looked at before the first is written, and the database comes last. */
public final class Restoring {

    private Restoring() {}

    /** Restores a backup into a folder that is empty, or not there. All sessions and open links end. */
    public static Made restore(Path from, Path to, InstantSource clock) {
        try (BackupFile backup = BackupFile.open(from)) {
            requireEmpty(to);
            Made made = backup.made();
            if (made.schema() > Database.schema()) {
                throw Refusal.badInput(
                        "newer-backup",
                        "from",
                        from + " was made by Venue " + made.venue() + ": the version of its database is "
                                + made.schema() + ", and " + Database.schema() + " is known here.",
                        "Restore it with that Venue, or a newer one.");
            }
            backup.check();
            try (DataFolder folder = DataFolder.open(to)) {
                backup.unpack(folder.incoming());
                settle(folder);
                open(folder, made, clock);
            }
            return made;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static void requireEmpty(Path folder) throws IOException {
        if (!Files.exists(folder)) {
            return;
        }
        boolean empty = false;
        if (Files.isDirectory(folder)) {
            try (Stream<Path> all = Files.list(folder)) {
                empty = all.findAny().isEmpty();
            }
        }
        if (!empty) {
            throw Refusal.badInput(
                    "not-empty", "data", folder + " is not empty.", "Name a folder that is empty, or not there yet.");
        }
    }

    /** Files first: a folder without a database is one that nobody has set up, and never half of one. */
    private static void settle(DataFolder folder) throws IOException {
        Path media = folder.incoming().resolve("media");
        if (Files.isDirectory(media)) {
            Files.move(media, folder.path().resolve("media"), StandardCopyOption.ATOMIC_MOVE);
        }
        Files.move(
                folder.incoming().resolve(BackupFile.DATABASE),
                folder.path().resolve(BackupFile.DATABASE),
                StandardCopyOption.ATOMIC_MOVE);
    }

    private static void open(DataFolder folder, Made made, InstantSource clock) {
        try (Database database = Database.open(folder.path())) {
            database.write(() -> {
                for (String table :
                        new String[] {"SPRING_SESSION_ATTRIBUTES", "SPRING_SESSION", "link", "sent_proof"}) {
                    database.sql().sql("delete from " + table).update();
                }
                new Records(database, clock).write(Deed.BACKUP_RESTORED, By.COMMAND_LINE, null, null, made.at());
                return true;
            });
        }
    }
}
