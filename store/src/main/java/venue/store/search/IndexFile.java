package venue.store.search;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;
import org.springframework.transaction.support.TransactionTemplate;
import venue.core.body.search.Busy;

/**
 * The file of one index: one connection that writes, and a few that read at once what was there before. Whoever wants to read while all
 * of them are at work waits for up to a second, and is told to come again then.
 */
final class IndexFile implements AutoCloseable {

    /** How many read at once. */
    static final int READERS = 3;

    private static final long WAIT_MS = 1_000;
    private static final long IDLE_MS = 60_000;
    private static final List<String> BESIDE = List.of("", "-wal", "-shm", "-journal");

    private final SingleConnectionDataSource writer;
    private final JdbcTemplate many;
    private final TransactionTemplate transaction;
    private final HikariDataSource readers;
    private final JdbcClient reading;

    /** Opens the file; what can't be read as an index of ours is made anew, because nothing in it is known nowhere else. */
    static IndexFile open(Path file, List<String> tables, String check) {
        try {
            return opened(file, tables, check);
        } catch (DataAccessException broken) {
            delete(file);
            return opened(file, tables, check);
        }
    }

    private static IndexFile opened(Path file, List<String> tables, String check) {
        IndexFile index = new IndexFile(file);
        try {
            tables.forEach(index.many::execute);
            index.many.execute(check);
            return index;
        } catch (DataAccessException e) {
            index.close();
            throw e;
        }
    }

    private IndexFile(Path file) {
        String url = "jdbc:sqlite:" + file + "?journal_mode=WAL&synchronous=NORMAL&busy_timeout=5000";
        writer = new SingleConnectionDataSource(url, true);
        many = new JdbcTemplate(writer);
        transaction = new TransactionTemplate(new DataSourceTransactionManager(writer));
        readers = readers(url);
        reading = JdbcClient.create(readers);
    }

    private static HikariDataSource readers(String url) {
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl(url);
        config.setPoolName("search");
        config.setMaximumPoolSize(READERS);
        config.setMinimumIdle(0);
        config.setIdleTimeout(IDLE_MS);
        config.setConnectionTimeout(WAIT_MS);
        config.setInitializationFailTimeout(-1);
        return new HikariDataSource(config);
    }

    /** What a reader finds; {@link Busy} where none is free within a second. */
    <T> T read(Function<JdbcClient, T> query) {
        try {
            return query.apply(reading);
        } catch (CannotGetJdbcConnectionException e) {
            throw new Busy("Every reader of this index is at work.");
        }
    }

    /** Writes all of it, or nothing; readers have what was there before until then. */
    void write(Runnable work) {
        transaction.executeWithoutResult(status -> work.run());
    }

    /** What the only writer reads and writes with. */
    JdbcTemplate many() {
        return many;
    }

    /** Takes an index off the disk. */
    static void delete(Path file) {
        try {
            for (String end : BESIDE) {
                Files.deleteIfExists(file.resolveSibling(file.getFileName() + end));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        readers.close();
        writer.destroy();
    }
}
