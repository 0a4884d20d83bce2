package venue.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.test.util.TestPropertyValues;
import org.springframework.context.ApplicationContextInitializer;
import org.springframework.context.ConfigurableApplicationContext;
import venue.store.database.DataFolder;

/** Gives each server a folder with the demo in it: loaded once, and copied for each. */
final class DemoCopy implements ApplicationContextInitializer<ConfigurableApplicationContext> {

    private static final Path TOP = Path.of("target/test-data");
    private static @Nullable Path loaded;

    @Override
    public void initialize(ConfigurableApplicationContext context) {
        Path data = TOP.resolve(UUID.randomUUID().toString());
        copy(loaded(), data);
        TestPropertyValues.of("venue.data=" + data).applyTo(context);
    }

    private static synchronized Path loaded() {
        Path known = loaded;
        if (known == null) {
            known = TOP.resolve("loaded-" + UUID.randomUUID());
            Application.start(
                            DataFolder.open(known),
                            Map.of(
                                    "venue.demo-password",
                                    Client.PASSWORD,
                                    "venue.data",
                                    known.toString(),
                                    "server.port",
                                    0))
                    .close();
            loaded = known;
        }
        return known;
    }

    private static void copy(Path from, Path to) {
        try (Stream<Path> all = Files.walk(from)) {
            for (Path each : (Iterable<Path>) all::iterator) {
                Files.copy(
                        each,
                        Files.createDirectories(to.getParent())
                                .resolve(to.getFileName())
                                .resolve(from.relativize(each).toString()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
