package venue.store.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.List;
import java.util.stream.Stream;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import venue.store.upkeep.Restoring;

class MigrationTest {

    @TempDir
    Path top;

    private Path folder(String name) throws IOException {
        return Files.createDirectories(top.resolve(name));
    }

    private static JdbcTemplate in(Path folder) {
        return new JdbcTemplate(new DriverManagerDataSource("jdbc:sqlite:" + folder.resolve("venue.db")));
    }

    /** A folder as an earlier version left it. */
    private Path older(String name) throws IOException {
        Path folder = folder(name);
        Flyway.configure()
                .dataSource("jdbc:sqlite:" + folder.resolve("venue.db"), null, null)
                .target("6")
                .load()
                .migrate();
        in(folder).update("insert into site (id, created_at) values ('yard', '2026-01-01T00:00:00Z')");
        return folder;
    }

    private static List<Path> backups(Path folder) throws IOException {
        try (Stream<Path> all = Files.list(Files.createDirectories(folder.resolve("backups")))) {
            return all.toList();
        }
    }

    @Test
    void theVersionKnownIsThatOfTheLastMigration() throws IOException {
        Path folder = folder("new");
        Database.open(folder).close();
        assertThat(Migration.of(folder.resolve("venue.db"))).isEqualTo(Migration.KNOWN);
        Flyway flyway = Flyway.configure()
                .dataSource("jdbc:sqlite:" + folder.resolve("venue.db"), null, null)
                .load();
        assertThat(flyway.info().pending()).isEmpty();
        assertThat(backups(folder)).isEmpty();
    }

    @Test
    void anOlderDatabaseIsKeptAsABackupThatCanBeRestored() throws IOException {
        Path folder = older("older");
        Database.open(folder).close();
        assertThat(Migration.of(folder.resolve("venue.db"))).isEqualTo(Migration.KNOWN);
        List<Path> backups = backups(folder);
        assertThat(backups).singleElement().asString().contains("before-version-" + Migration.KNOWN + "-");
        Path again = top.resolve("again");
        assertThat(Restoring.restore(backups.get(0), again, InstantSource.system())
                        .schema())
                .isEqualTo(6);
        assertThat(in(again).queryForList("select id from site", String.class)).containsExactly("library", "yard");
    }

    @Test
    void aMigrationThatFailsLeavesTheFolderAsItWas() throws IOException {
        Path folder = older("failing");
        in(folder).execute("create table task (a text)");
        byte[] before = Files.readAllBytes(folder.resolve("venue.db"));
        assertThatThrownBy(() -> Database.open(folder))
                .isInstanceOf(Unfit.class)
                .hasMessageContaining("from version 6 to " + Migration.KNOWN)
                .hasMessageContaining("It is as it was");
        assertThat(folder.resolve("venue.db")).hasBinaryContent(before);
        assertThat(backups(folder)).isEmpty();
    }

    @Test
    void whatANewerVenueWroteIsLeftAlone() throws IOException {
        Path folder = folder("newer");
        Database.open(folder).close();
        in(folder)
                .update("insert into flyway_schema_history select 99, '99', description, type, script, checksum,"
                        + " installed_by, installed_on, execution_time, success from flyway_schema_history limit 1");
        assertThatThrownBy(() -> Database.open(folder))
                .isInstanceOf(Unfit.class)
                .hasMessageContaining(
                        "written by a newer Venue: its version is 99, and Venue 0.1.0 knows " + Migration.KNOWN);
        assertThatThrownBy(() -> Database.beside(folder)).hasMessageContaining("newer Venue");
    }
}
