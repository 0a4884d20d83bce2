package venue.store.database;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import venue.store.backup.BackupFile;
import venue.store.backup.BackupWriter;
import venue.store.backup.Made;

/**
 * Brings the database of a folder to the version that is known here. What is there already is never changed in place: a copy
 * is migrated and takes its place in one move, and what was there stays as a backup beside it. So a migration that fails, or
 * is killed, leaves the folder as it was.
 */
final class Migration {

    /** The version that is known here: that of the last file among the migrations. */
    static final int KNOWN = 21;

    private static final String WHERE = "classpath:db/migration";
    private static final String COPY = "migrating.db";

    private Migration() {}

    /** The version of the database in a file; 0 where it holds nothing yet. */
    static int of(Path file) {
        try (Connection to = DriverManager.getConnection(url(file))) {
            return number(to);
        } catch (SQLException e) {
            throw new IllegalStateException("can't read the version of " + file, e);
        }
    }

    static void bring(Path folder) {
        Path file = folder.resolve(BackupFile.DATABASE);
        int there = of(file);
        requireKnown(file, there);
        if (there == 0) {
            flyway(url(file)).migrate();
        } else if (there < KNOWN) {
            replace(folder, file, there);
        }
    }

    /** A database that a newer Venue wrote is left alone. */
    static void requireKnown(Path file, int there) {
        if (there > KNOWN) {
            throw new Unfit(file + " was written by a newer Venue: its version is " + there + ", and Venue "
                    + Version.OURS + " knows " + KNOWN
                    + ". Start it with the newer one, or restore a backup into an empty folder.");
        }
    }

    private static void replace(Path folder, Path file, int there) {
        try {
            Path incoming = Files.createDirectories(folder.resolve("incoming"));
            Path copy = incoming.resolve(COPY);
            Files.deleteIfExists(copy);
            vacuumInto(file, copy);
            Path backup = backup(folder, copy, there);
            try {
                flyway(url(copy)).migrate();
            } catch (FlywayException e) {
                Files.deleteIfExists(copy);
                Files.deleteIfExists(backup);
                throw new Unfit(file + " can't be brought from version " + there + " to " + KNOWN + " (" + firstLine(e)
                        + "). It is as it was: start it with the Venue that wrote it, and tell us.");
            }
            settle(copy);
            settle(file);
            Files.move(copy, file, StandardCopyOption.ATOMIC_MOVE);
            DataFolder.makeOwn(file);
            System.Logger log = System.getLogger(Migration.class.getName());
            log.log(
                    System.Logger.Level.INFO,
                    "The database was brought from version {0} to {1}; it is kept as it was in {2}",
                    there,
                    KNOWN,
                    backup);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static Path backup(Path folder, Path copy, int there) throws IOException {
        Path backups = Files.createDirectories(folder.resolve(DataFolder.BACKUPS));
        String at = Instant.now().truncatedTo(ChronoUnit.SECONDS).toString();
        String name = "before-version-" + KNOWN + "-" + at.replaceAll("[-:]", "") + BackupFile.ENDING;
        Path backup = backups.resolve(name);
        BackupWriter.write(new Made(writer(copy), there, at, false), copy, folder.resolve("media"), backup);
        return backup;
    }

    /** The version of Venue that wrote a database, where it said so. */
    private static String writer(Path file) {
        try (Connection to = DriverManager.getConnection(url(file));
                PreparedStatement asked = to.prepareStatement("select value from setting where key = 'venue'");
                ResultSet row = asked.executeQuery()) {
            return row.next() ? row.getString(1) : "unknown";
        } catch (SQLException older) {
            return "unknown";
        }
    }

    static void vacuumInto(Path file, Path copy) {
        try (Connection from = DriverManager.getConnection(url(file));
                PreparedStatement vacuum = from.prepareStatement("vacuum into ?")) {
            vacuum.setString(1, copy.toString());
            vacuum.execute();
        } catch (SQLException e) {
            throw new IllegalStateException("can't copy " + file, e);
        }
    }

    /** What its log holds goes into the file itself, and the log goes. */
    private static void settle(Path file) {
        try (Connection to = DriverManager.getConnection(url(file));
                PreparedStatement journal = to.prepareStatement("pragma journal_mode = delete")) {
            journal.execute();
        } catch (SQLException e) {
            throw new IllegalStateException("can't settle " + file, e);
        }
    }

    private static Flyway flyway(String url) {
        return Flyway.configure(Migration.class.getClassLoader())
                .dataSource(url, null, null)
                .locations(WHERE)
                .load();
    }

    private static int number(Connection to) throws SQLException {
        String latest = "select coalesce(max(cast(version as integer)), 0) from flyway_schema_history where success";
        try (PreparedStatement history =
                        to.prepareStatement("select 1 from sqlite_master where name = 'flyway_schema_history'");
                ResultSet there = history.executeQuery()) {
            if (!there.next()) {
                return 0;
            }
        }
        try (PreparedStatement asked = to.prepareStatement(latest);
                ResultSet row = asked.executeQuery()) {
            return row.next() ? row.getInt(1) : 0;
        }
    }

    private static String firstLine(FlywayException e) {
        Throwable cause = e;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        return String.valueOf(cause.getMessage()).lines().findFirst().orElse("");
    }

    private static String url(Path file) {
        return "jdbc:sqlite:" + file;
    }
}
