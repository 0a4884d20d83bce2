package venue.server.delivery;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Map;
import java.util.Properties;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import venue.store.delivery.Delivery;

/**
 * What lets us into a target. It lies in a file of its own in the data folder that the server's user alone may read, and is never shown again;
 * where there is none, it is what the server was started with. No backup holds it.
 *
 * @param headers values of the headers of the call to a content network, by name
 */
record TargetKeys(String id, String secret, Map<String, String> headers) {

    private static final String FOLDER = "keys";
    private static final String ID = "id";
    private static final String SECRET = "secret";
    private static final String HEADER = "header.";

    static TargetKeys none() {
        return new TargetKeys("", "", Map.of());
    }

    boolean isNone() {
        return id.isEmpty() || secret.isEmpty();
    }

    private static Path file(Path data, Delivery delivery) {
        return data.resolve(FOLDER).resolve(delivery.site() + "-" + delivery.id() + ".properties");
    }

    /** Those that were given for a delivery itself. */
    static TargetKeys given(Path data, Delivery delivery) {
        Properties read = new Properties();
        Path file = file(data, delivery);
        if (Files.exists(file)) {
            try (Reader in = Files.newBufferedReader(file)) {
                read.load(in);
            } catch (IOException e) {
                throw new TargetTrouble(
                        "The file with the keys can't be read: " + e.getMessage() + ".",
                        "Give the keys again, or let the server's user read " + file + ".",
                        e);
            }
        }
        Map<String, String> headers = new TreeMap<>();
        read.stringPropertyNames().stream()
                .filter(n -> n.startsWith(HEADER))
                .forEach(n -> headers.put(n.substring(HEADER.length()), read.getProperty(n)));
        return new TargetKeys(read.getProperty(ID, ""), read.getProperty(SECRET, ""), headers);
    }

    /** The same, or what the server was started with where none were given. */
    TargetKeys or(@Nullable String otherId, @Nullable String otherSecret) {
        return isNone() && otherId != null && otherSecret != null
                ? new TargetKeys(otherId, otherSecret, headers)
                : this;
    }

    void keep(Path data, Delivery delivery) {
        Properties all = new Properties();
        all.setProperty(ID, id);
        all.setProperty(SECRET, secret);
        headers.forEach((name, value) -> all.setProperty(HEADER + name, value));
        try {
            Path folder = data.resolve(FOLDER);
            Files.createDirectories(
                    folder, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rwx------")));
            Path part = Files.createTempFile(
                    folder,
                    ".keys",
                    "",
                    PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            try (Writer out = Files.newBufferedWriter(part)) {
                all.store(out, null);
            }
            Files.move(
                    part,
                    file(data, delivery),
                    java.nio.file.StandardCopyOption.REPLACE_EXISTING,
                    java.nio.file.StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static void forget(Path data, Delivery delivery) {
        try {
            Files.deleteIfExists(file(data, delivery));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
