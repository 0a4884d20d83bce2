package venue.store.database;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Objects;

/** The version of Venue that runs, as the build wrote it down. */
public final class Version {

    /** Semantic versioning, such as {@code 0.1.0}. */
    public static final String OURS = read();

    private Version() {}

    private static String read() {
        try (InputStream in = Version.class.getResourceAsStream("/venue/version.txt")) {
            return new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8).strip();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
