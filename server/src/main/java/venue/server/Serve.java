package venue.server;

import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** Serves what is in the data folder. */
@Command(name = "serve", description = "Serves the sites in the data folder.", mixinStandardHelpOptions = true)
final class Serve implements Callable<Integer> {

    @CommandLine.Mixin
    Serving serving = new Serving();

    @Override
    public Integer call() {
        serving.start(false, Map.of());
        return 0;
    }
}
