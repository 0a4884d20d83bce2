package venue.store.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.AccessDeniedException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class StorageTroubleTest {

    private static final String SITE = "insert into site (id, created_at) values (?, ?)";

    @TempDir
    Path folder;

    private static Throwable written(Database database, String id, int length) {
        return catchThrowable(() -> database.write(() -> {
            database.each(SITE, java.util.List.<Object[]>of(new Object[] {id, "x".repeat(length)}));
            return id;
        }));
    }

    @Test
    void aFullDiskIsToldNothingIsChangedAndItRecoversByItself() {
        try (Database database = Database.open(folder)) {
            long pages =
                    database.sql().sql("pragma page_count").query(Long.class).single();
            database.sql()
                    .sql("pragma max_page_count = " + pages)
                    .query(Long.class)
                    .single();
            Throwable failure = written(database, "large", 100_000);
            assertThat(StorageTrouble.behind(failure)).contains(StorageTrouble.DISK_FULL);
            assertThat(database.sql()
                            .sql("select count(*) from site where id <> 'library'")
                            .query(Long.class)
                            .single())
                    .isZero();
            database.sql()
                    .sql("pragma max_page_count = 1000000")
                    .query(Long.class)
                    .single();
            assertThat(written(database, "large", 100_000)).isNull();
        }
    }

    @Test
    void aDatabaseThatCanNotBeWrittenIsToldAndStillRead() {
        try (Database database = Database.open(folder)) {
            database.sql().sql("pragma query_only = 1").update();
            assertThat(StorageTrouble.behind(written(database, "a", 1))).contains(StorageTrouble.NOT_WRITABLE);
            assertThat(database.sql()
                            .sql("select count(*) from site where id <> 'library'")
                            .query(Long.class)
                            .single())
                    .isZero();
            database.sql().sql("pragma query_only = 0").update();
            assertThat(written(database, "a", 1)).isNull();
        }
    }

    @Test
    void whatIsNoDatabaseIsToldAsDamaged() throws IOException {
        Files.writeString(folder.resolve("venue.db"), "this was a database once ".repeat(300));
        Throwable failure = catchThrowable(() -> Database.open(folder));
        assertThat(StorageTrouble.behind(failure)).contains(StorageTrouble.DAMAGED);
    }

    @Test
    void filesThatCanNotBeWrittenAreToldBySystemsWords() {
        Throwable full = new UncheckedIOException(new IOException("No space left on device"));
        assertThat(StorageTrouble.behind(full)).contains(StorageTrouble.DISK_FULL);
        Throwable barred = new UncheckedIOException(new AccessDeniedException("media"));
        assertThat(StorageTrouble.behind(barred)).contains(StorageTrouble.NOT_WRITABLE);
        assertThat(StorageTrouble.behind(new IllegalStateException("else"))).isEmpty();
    }
}
