package venue.server;

import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;

/** Serves what is in the data folder. */
@Command(
        name = "serve",
        description = "Serves the sites in the data folder.",
        mixinStandardHelpOptions = true,
        footer = {
            "",
            "Each option but --port and --data is also a key of venue.properties in the data folder (interface-host),",
            "and of the environment (VENUE_INTERFACE_HOST): option before environment before file. Set there alone:",
            "  backup-folder   where backups lie that the server makes (backups in the data folder)",
            "  metrics-token   with it /-/metrics can be asked for from elsewhere (none)",
            "  mail-host, mail-port, mail-user, mail-password, mail-sender, mail-tls (starttls; or tls, none)"
        })
final class Serve implements Callable<Integer> {

    @CommandLine.Mixin
    Serving serving = new Serving();

    @Override
    public Integer call() {
        serving.start(false, Map.of());
        return 0;
    }
}
