package venue.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.Comparator;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.util.FileSystemUtils;
import venue.store.database.DataFolder;

/**
 * A folder with the demo in it, for all processes that run tests: the first one that needs it loads it, each server gets a copy.
 * It is loaded anew where something was compiled since, and each hour, because what the demo tells of is near to now.
 */
public final class DemoFolder {

    public static final String PASSWORD = "dark-sky-friday";

    private static final Path ALL = Path.of("../server/target/demo");
    private static final int HOUR = "yyyy-mm-ddThh".length();

    private DemoFolder() {}

    /** Makes a folder that isn't there, or is empty, one with the demo. */
    public static void copyTo(Path folder) {
        try {
            FileSystemUtils.copyRecursively(loaded(), folder);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static synchronized Path loaded() throws IOException {
        Files.createDirectories(ALL);
        try (FileChannel file =
                FileChannel.open(ALL.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
            file.lock();
            Path there = ALL.resolve(Instant.now().toString().substring(0, HOUR) + "-"
                    + compiled().toMillis());
            if (!Files.exists(there)) {
                Path part = ALL.resolve("part");
                FileSystemUtils.deleteRecursively(part);
                load(part);
                Files.move(part, there);
            }
            return there;
        }
    }

    private static void load(Path folder) {
        Map<String, Object> properties =
                Map.of("venue.demo-password", PASSWORD, "venue.data", folder.toString(), "server.port", 0);
        Application.start(DataFolder.open(folder), properties).close();
    }

    /** When something of what loads the demo was last compiled. */
    private static FileTime compiled() {
        return Stream.of("core", "store", "demo", "server")
                .map(module -> Path.of("..", module, "target/classes"))
                .flatMap(DemoFolder::within)
                .map(DemoFolder::changed)
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    private static Stream<Path> within(Path folder) {
        try (Stream<Path> files = Files.walk(folder)) {
            return files.toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static FileTime changed(Path file) {
        try {
            return Files.getLastModifiedTime(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
