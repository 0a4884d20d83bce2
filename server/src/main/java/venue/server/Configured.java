package venue.server;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import org.jspecify.annotations.Nullable;
import venue.store.database.DataFolder;
import venue.store.database.Unfit;

/** What is set in {@code venue.properties} in the data folder, and before that in the environment ({@code VENUE_MAIL_HOST}). */
final class Configured {

    /** What can be set; each is the same word in the file, and behind {@code VENUE_} in the environment. */
    static final List<String> KEYS = List.of(
            "mail-host",
            "mail-port",
            "mail-user",
            "mail-password",
            "mail-tls",
            "mail-sender",
            "mail-dkim-key",
            "mail-dkim-selector",
            "bind",
            "interface-host",
            "public-scheme",
            "public-port",
            "trusted-proxies",
            "hsts",
            "backup-folder",
            "metrics-token",
            "indexnow",
            "s3-key-id",
            "s3-key-secret",
            "s3-endpoint",
            "s3-region",
            "s3-path-style",
            "backup-bucket");

    private static final int USUAL_PORT = 8080;
    private static final int HTTP = 80;
    private static final int HTTPS = 443;
    private static final String OURS = "venue.";

    /** What the framework, or we ourselves, call otherwise. */
    private static final Map<String, String> NAMES = Map.of("bind", "server.address", "interface-host", "venue.host");

    private Configured() {}

    /** The property that a setting is. */
    static String property(String key) {
        return NAMES.getOrDefault(key, OURS + key);
    }

    /** How a folder's sites are reached, as far as its settings say. */
    record Public(String scheme, String interfaceHost, int port) {

        /** Where people reach a host name; the interface's own where none is given. */
        String origin(String host) {
            boolean usual = port == (scheme.equals("https") ? HTTPS : HTTP);
            return scheme + "://" + (host.isEmpty() ? interfaceHost : host) + (usual ? "" : ":" + port);
        }
    }

    static Public inPublic(Path folder, @Nullable Integer port) {
        Map<String, Object> set = read(folder, System.getenv());
        Object usual = set.getOrDefault(property("public-port"), USUAL_PORT);
        return new Public(
                String.valueOf(set.getOrDefault(property("public-scheme"), "http")),
                String.valueOf(set.getOrDefault(property("interface-host"), "localhost")),
                port == null ? Integer.parseInt(String.valueOf(usual)) : port);
    }

    static Map<String, Object> read(Path folder, Map<String, String> environment) {
        Map<String, Object> all = new HashMap<>();
        file(folder.resolve(DataFolder.SETTINGS)).forEach((key, value) -> all.put(property(key), value));
        for (String key : KEYS) {
            String value =
                    environment.get("VENUE_" + key.toUpperCase(Locale.ROOT).replace('-', '_'));
            if (value != null) {
                all.put(property(key), value);
            }
        }
        return all;
    }

    private static Map<String, String> file(Path file) {
        Properties read = new Properties();
        if (Files.exists(file)) {
            try (Reader in = Files.newBufferedReader(file)) {
                read.load(in);
            } catch (IOException | IllegalArgumentException e) {
                throw new Unfit(
                        file + " can't be read (" + e.getMessage() + "). It holds a key, = and a value a line.");
            }
        }
        Map<String, String> known = new HashMap<>();
        for (String key : read.stringPropertyNames()) {
            if (!KEYS.contains(key)) {
                throw new Unfit(
                        "“" + key + "” in " + file + " is no setting. There are " + String.join(", ", KEYS) + ".");
            }
            known.put(key, read.getProperty(key).strip());
        }
        return known;
    }
}
