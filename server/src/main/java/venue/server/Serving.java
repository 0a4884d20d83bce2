package venue.server;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import picocli.CommandLine.Option;
import venue.server.app.Origins;
import venue.store.database.DataFolder;
import venue.store.database.StorageTrouble;
import venue.store.database.Unfit;

/** Options that every way of serving has. */
final class Serving {

    @Option(names = "--port", description = "Port to listen on, 1 to 65535 (${DEFAULT-VALUE}).", defaultValue = "8080")
    int port;

    @Option(names = "--data", description = "Folder that holds all data (${DEFAULT-VALUE}).", defaultValue = "data")
    Path data = Path.of("data");

    void start(boolean fresh, Map<String, Object> more) {
        Map<String, Object> properties = new HashMap<>(more);
        DataFolder folder = DataFolder.open(data.toAbsolutePath());
        try {
            if (fresh) {
                folder.clear();
            }
            properties.putAll(Configured.read(folder.path(), System.getenv()));
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
