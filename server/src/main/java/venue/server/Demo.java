package venue.server;

import java.util.Map;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/** Loads the demo once and serves it. */
@Command(name = "demo", description = "Loads the demo site once and serves it.", mixinStandardHelpOptions = true)
final class Demo implements Callable<Integer> {

    private static final String USUAL_PASSWORD = "dark-sky-friday";

    @CommandLine.Mixin
    Serving serving = new Serving();

    @Option(
            names = "--password",
            description = "Password of the demo's people, where it is loaded now (" + USUAL_PASSWORD + ").")
    @Nullable
    String password;

    @Option(names = "--fresh", description = "Takes away what is in the data folder, and loads the demo anew.")
    boolean fresh;

    @Override
    public Integer call() {
        serving.start(
                fresh,
                Map.of(
                        "venue.demo-password",
                        password == null ? USUAL_PASSWORD : password,
                        "venue.demo-fresh",
                        password != null));
        return 0;
    }
}
