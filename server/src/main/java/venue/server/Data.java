package venue.server;

import java.nio.file.Path;
import picocli.CommandLine.Option;

/** The data folder that a verb works on, and how its addresses are made. */
final class Data {

    @Option(names = "--data", description = "Folder that holds all data (${DEFAULT-VALUE}).", defaultValue = "data")
    Path data = Path.of("data");

    @Option(
            names = "--port",
            description = "Port that the server will listen on, for the addresses that are told (${DEFAULT-VALUE}).",
            defaultValue = "8080")
    int port;

    OwnFolder open() {
        return OwnFolder.open(data);
    }

    String origin(String host) {
        return "http://" + host + ":" + port;
    }
}
