package venue.server;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;
import venue.server.app.Origins;
import venue.store.database.Damage;
import venue.store.database.DataFolder;
import venue.store.database.StorageTrouble;
import venue.store.database.Unfit;

/** Options that every way of serving has. */
final class Serving {

    @Option(names = "--port", description = "Port to listen on, 1 to 65535 (${DEFAULT-VALUE}).", defaultValue = "8080")
    int port;

    @Option(names = "--data", description = "Folder that holds all data (${DEFAULT-VALUE}).", defaultValue = "data")
    Path data = Path.of("data");

    @Option(names = "--bind", description = "Address to listen on (127.0.0.1).")
    @Nullable
    String bind;

    @Option(names = "--interface-host", description = "Host name of the interface (localhost).")
    @Nullable
    String interfaceHost;

    @Option(names = "--public-scheme", description = "The scheme that people use: http or https (http).")
    @Nullable
    String publicScheme;

    @Option(names = "--public-port", description = "The port that people use (the one that is listened on).")
    @Nullable
    Integer publicPort;

    @Option(
            names = "--trusted-proxies",
            description =
                    "Addresses or networks, with commas, whose word is taken for where requests come from (none).")
    @Nullable
    String trustedProxies;

    @Option(names = "--hsts", description = "Tells browsers to come over TLS alone for a year (RFC 6797).")
    boolean hsts;

    private static final Set<String> SCHEMES = Set.of("http", "https");

    /** What was asked for by option, which goes before the environment and the file. */
    private Map<String, Object> asked() {
        Map<String, Object> asked = new HashMap<>();
        put(asked, "bind", bind);
        put(asked, "interface-host", interfaceHost);
        put(asked, "public-scheme", publicScheme);
        put(asked, "public-port", publicPort);
        put(asked, "trusted-proxies", trustedProxies);
        put(asked, "hsts", hsts ? "true" : null);
        return asked;
    }

    private static void put(Map<String, Object> asked, String key, @Nullable Object value) {
        if (value != null) {
            asked.put(Configured.property(key), value);
        }
    }

    private static void requireSound(Map<String, Object> properties) {
        Object scheme = properties.getOrDefault(Configured.property("public-scheme"), "http");
        if (!SCHEMES.contains(String.valueOf(scheme))) {
            throw new Unfit("“" + scheme + "” is no public-scheme. Give http or https.");
        }
    }

    void start(boolean fresh, Map<String, Object> more) {
        Map<String, Object> properties = new HashMap<>(more);
        DataFolder folder = DataFolder.open(data.toAbsolutePath());
        try {
            if (fresh) {
                folder.clear();
            }
            Damage.of(folder.path(), false)
                    .ifPresent(found -> System.err.println(
                            "venue: " + found + " What can be read is served; stop it and restore a backup."));
            properties.put(Configured.property("bind"), "127.0.0.1");
            properties.putAll(Configured.read(folder.path(), System.getenv()));
            properties.putAll(asked());
            requireSound(properties);
            properties.put("server.port", port);
            properties.put("venue.data", folder.path().toString());
            var context = Application.start(folder, properties);
            folder.servedAt(context.getBean(Origins.class).ofInterface().get(0) + "/");
        } catch (RuntimeException e) {
            folder.close();
            throw StorageTrouble.behind(e).map(t -> unfit(folder, t)).orElse(e);
        }
    }

    private static RuntimeException unfit(DataFolder folder, StorageTrouble trouble) {
        return new Unfit(trouble.says() + " It is " + folder.path().resolve("venue.db") + ". " + trouble.fix());
    }
}
