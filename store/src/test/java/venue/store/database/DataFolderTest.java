package venue.store.database;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.BufferedReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Objects;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DataFolderTest {

    @TempDir
    Path top;

    /** Holds a folder until it is killed. */
    static final class Holder {
        public static void main(String[] args) throws InterruptedException {
            DataFolder.open(Path.of(args[0])).servedAt("http://localhost:8080");
            System.out.println("held");
            Thread.sleep(Long.MAX_VALUE);
        }
    }

    @Test
    void aFolderHeldByAnotherProcessIsRefusedByNameUntilThatOneIsDead() throws Exception {
        Path folder = top.resolve("data");
        Process holder = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        Holder.class.getName(),
                        folder.toString())
                .redirectErrorStream(true)
                .start();
        try (BufferedReader out = holder.inputReader()) {
            while (!Objects.requireNonNull(out.readLine(), "it stopped by itself")
                    .equals("held")) {}
            assertThatThrownBy(() -> DataFolder.open(folder))
                    .isInstanceOf(Unfit.class)
                    .hasMessageContaining("in use by process " + holder.pid() + " at http://localhost:8080");
        } finally {
            holder.destroyForcibly().waitFor();
        }
        DataFolder.open(folder).close();
    }

    @Test
    void theSameProcessHoldsItOnceToo() {
        try (DataFolder first = DataFolder.open(top.resolve("data"))) {
            assertThatThrownBy(() -> DataFolder.open(first.path())).hasMessageContaining("in use by process");
        }
        DataFolder.open(top.resolve("data")).close();
    }

    @Test
    void whatIsInItIsForItsOwnerAlone() throws IOException {
        Path folder = Files.createDirectories(top.resolve("data"));
        Path media = Files.createDirectories(folder.resolve("media"));
        Path picture = Files.createFile(media.resolve("a.jpg"));
        Files.setPosixFilePermissions(picture, PosixFilePermissions.fromString("rw-r--r--"));
        try (DataFolder held = DataFolder.open(folder);
                Database database = Database.open(held.path())) {
            assertThat(database.sql()).isNotNull();
            assertThat(permissions(folder)).isEqualTo("rwx------");
            assertThat(permissions(media)).isEqualTo("rwx------");
            assertThat(permissions(picture)).isEqualTo("rw-------");
            for (String name : new String[] {"venue.db", "venue.db-wal", "venue.lock"}) {
                assertThat(permissions(folder.resolve(name))).as(name).isEqualTo("rw-------");
            }
        }
    }

    @Test
    void aFolderThatHoldsOtherThingsTooIsNotShutToThem() throws IOException {
        Path folder = Files.createDirectories(top.resolve("shared"));
        Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwxr-xr-x"));
        Path other = Files.createFile(folder.resolve("notes.txt"));
        String before = permissions(other);
        DataFolder.open(folder).close();
        assertThat(permissions(folder)).isEqualTo("rwxr-xr-x");
        assertThat(permissions(other)).isEqualTo(before);
        assertThat(permissions(folder.resolve("venue.lock"))).isEqualTo("rw-------");
    }

    @Test
    void aFolderThatCanNotBeWrittenIsToldInOneLine() throws IOException {
        Path file = Files.createFile(top.resolve("file"));
        assertThatThrownBy(() -> DataFolder.open(file.resolve("data")))
                .isInstanceOf(Unfit.class)
                .hasMessageContainingAll("can't be written", "--data");
    }

    private static String permissions(Path path) throws IOException {
        return PosixFilePermissions.toString(Files.getPosixFilePermissions(path));
    }
}
