package venue.server;

import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** The command line: {@code serve} and {@code demo}. */
@Command(
        name = "venue",
        mixinStandardHelpOptions = true,
        version = "0.1.0",
        description = "Makes and serves web sites.",
        subcommands = {Venue.Serve.class, Venue.Demo.class})
public final class Venue {

    private Venue() {}

    public static void main(String[] args) {
        int status = new CommandLine(new Venue()).execute(args);
        if (status != 0) {
            System.exit(status);
        }
    }

    /** Options that every way of serving has. */
    static final class Serving {

        @Option(
                names = "--port",
                description = "Port to listen on, 1 to 65535 (${DEFAULT-VALUE}).",
                defaultValue = "8080")
        int port;

        @Option(names = "--data", description = "Folder that holds all data (${DEFAULT-VALUE}).", defaultValue = "data")
        Path data = Path.of("data");

        Map<String, Object> properties() {
            Map<String, Object> properties = new HashMap<>();
            properties.put("server.port", port);
            properties.put("venue.data", data.toAbsolutePath().toString());
            return properties;
        }
    }

    /** Serves what is in the data folder. */
    @Command(name = "serve", description = "Serves the sites in the data folder.", mixinStandardHelpOptions = true)
    static final class Serve implements Callable<Integer> {

        @CommandLine.Mixin
        Serving serving = new Serving();

        @Override
        public Integer call() {
            Application.start(serving.properties());
            return 0;
        }
    }

    /** Loads the demo once and serves it. */
    @Command(name = "demo", description = "Loads the demo site once and serves it.", mixinStandardHelpOptions = true)
    static final class Demo implements Callable<Integer> {

        @CommandLine.Mixin
        Serving serving = new Serving();

        @Option(
                names = "--password",
                description = "Password of the demo's people (${DEFAULT-VALUE}).",
                defaultValue = "dark-sky-friday")
        String password = "";

        @Override
        public Integer call() {
            Map<String, Object> properties = serving.properties();
            properties.put("venue.demo-password", password);
            Application.start(properties);
            return 0;
        }
    }
}
