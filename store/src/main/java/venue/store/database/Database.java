package venue.store.database;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;
import venue.store.backup.BackupFile;

/**
 * The database of one data folder. Write-ahead log, every commit on the disk before it is answered, foreign keys held; one
 * writer at a time.
 */
public final class Database implements AutoCloseable {

    private static final String ID_LETTERS = "abcdefghjkmnpqrstvwxyz23456789";
    private static final int ID_LENGTH = 8;
    private static final int READERS = 4;
    /** What each connection keeps of the database in memory; a negative number is in KiB. */
    private static final String CACHE_KIB = "-32768";

    private final HikariDataSource source;
    private final JdbcClient sql;
    private final JdbcTemplate many;
    private final TransactionTemplate transaction;
    private final ReentrantLock writing = new ReentrantLock();

    private Database(HikariDataSource source) {
        this.source = source;
        many = new JdbcTemplate(source);
        sql = JdbcClient.create(many);
        transaction = new TransactionTemplate(new DataSourceTransactionManager(source));
    }

    /** Opens {@code venue.db} in the folder, making and migrating it as needed. */
    public static Database open(Path folder) {
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new UncheckedIOException("can't make the data folder " + folder, e);
        }
        DataFolder.makeOwn(folder.resolve(BackupFile.DATABASE));
        Migration.bring(folder);
        Database opened = new Database(connections(folder));
        opened.signs();
        return opened;
    }

    /**
     * The same beside the process that has the folder: nothing is migrated, and nothing is to be written. {@link Unfit}
     * where that process is of another version.
     */
    public static Database beside(Path folder) {
        Path file = folder.resolve(BackupFile.DATABASE);
        int there = Migration.of(file);
        Migration.requireKnown(file, there);
        if (there < Migration.KNOWN) {
            throw new Unfit(file + " is served by an older Venue. Use its own verbs, or stop it first.");
        }
        return new Database(connections(folder));
    }

    /** The version of the database that this Venue reads and writes. */
    public static int schema() {
        return Migration.KNOWN;
    }

    /** Writes down which Venue has the database, so that another one can name it. */
    private void signs() {
        if (setting("venue").filter(Version.OURS::equals).isEmpty()) {
            write(() -> set("venue", Version.OURS));
        }
    }

    /** What tells this installation from others, for good: eight letters and digits, made when it is first asked for. */
    public String installation() {
        return setting(
                "installation",
                () -> new SecureRandom()
                        .ints(ID_LENGTH, 0, ID_LETTERS.length())
                        .mapToObj(i -> ID_LETTERS.substring(i, i + 1))
                        .collect(Collectors.joining()));
    }

    /** What is set for the whole installation under a key; empty where nothing is. */
    public Optional<String> setting(String key) {
        return sql.sql("select value from setting where key = :key")
                .param("key", key)
                .query(String.class)
                .optional();
    }

    /** The same; where nothing is set yet, it is made once and for good. */
    public String setting(String key, Supplier<String> made) {
        return setting(key).orElseGet(() -> write(() -> setting(key).orElseGet(() -> set(key, made.get()))));
    }

    /** Sets it, as part of what is being written, and gives it back. */
    public String set(String key, String value) {
        sql.sql("insert into setting (key, value) values (:key, :value)"
                        + " on conflict (key) do update set value = excluded.value")
                .param("key", key)
                .param("value", value)
                .update();
        return value;
    }

    private static HikariDataSource connections(Path folder) {
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl("jdbc:sqlite:" + folder.resolve(BackupFile.DATABASE));
        config.setMaximumPoolSize(READERS);
        config.setPoolName("venue");
        config.addDataSourceProperty("journal_mode", "WAL");
        config.addDataSourceProperty("synchronous", "FULL");
        config.addDataSourceProperty("foreign_keys", "true");
        config.addDataSourceProperty("busy_timeout", "5000");
        config.addDataSourceProperty("cache_size", CACHE_KIB);
        // Begun so, a transaction can't fail to begin: the driver would take the connection for one that is within it.
        config.addDataSourceProperty("transaction_mode", "DEFERRED");
        return new HikariDataSource(config);
    }

    /** Copies it as it is at one moment, while others read and write (SQLite's {@code VACUUM INTO}). */
    public void copyInto(Path file) {
        sql.sql("vacuum into :file").param("file", file.toString()).update();
    }

    /** Does one statement for each of many rows, {@code ?} by {@code ?}. */
    public void each(String statement, List<Object[]> rows) {
        if (!rows.isEmpty()) {
            many.batchUpdate(statement, rows);
        }
    }

    /**
     * Spring Session's rows, in this database; what is done to them is part of the transaction there is. It cleans nothing up on
     * its own: that would write beside the writer.
     */
    public JdbcIndexedSessionRepository sessions() {
        JdbcIndexedSessionRepository sessions = new JdbcIndexedSessionRepository(many, transaction);
        sessions.setCleanupCron(Scheduled.CRON_DISABLED);
        return sessions;
    }

    /** Whether it can be read. */
    public boolean answers() {
        return sql.sql("select count(*) >= 0 from site").query(Boolean.class).single();
    }

    /** What in it is not as it was written, the first of it; empty where all is well. Reads all of it. */
    public String damage() {
        String found = sql.sql("pragma integrity_check(1)").query(String.class).single();
        return found.equals("ok") ? "" : found;
    }

    public JdbcClient sql() {
        return sql;
    }

    /** A turn that whoever works on one thing takes, as a site, before they write. */
    public Turn turn() {
        return new Turn(writing);
    }

    /**
     * Runs {@code work} as the only writer, in one transaction: all of it is kept, or nothing. Whoever waits here holds one {@link Turn}
     * at most and no monitor, and takes no turn while they write.
     */
    public <T> T write(Supplier<T> work) {
        assert writing.isHeldByCurrentThread() || Turn.holdsNoMonitor()
                : "a monitor is held while the writer is waited for";
        writing.lock();
        try {
            return java.util.Objects.requireNonNull(transaction.execute(status -> work.get()));
        } finally {
            writing.unlock();
        }
    }

    /** Does what is quick and can't fail once what is being written is kept; at once where nothing is. */
    public void onceKept(Runnable work) {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            work.run();
            return;
        }
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                work.run();
            }
        });
    }

    @Override
    public void close() {
        source.close();
    }
}
