package venue.server;

import java.util.Optional;
import org.springframework.boot.web.server.PortInUseException;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import venue.core.fault.Refusal;
import venue.store.database.Unfit;

/**
 * The command line. Exits with 2 and one line where it can't be started as it was asked to,
 * with 1 where something unforeseen went wrong.
 */
@Command(
        name = "venue",
        mixinStandardHelpOptions = true,
        version = "0.1.0",
        description = "Makes and serves web sites.",
        subcommands = {Serve.class, Demo.class, SetUpVerb.class, PeopleVerb.class, PackVerb.class, CheckVerb.class})
public final class Venue {

    private static final int UNFIT = 2;
    private static final int FAILED = 1;

    private Venue() {}

    public static void main(String[] args) {
        int status = run(args);
        if (status != 0) {
            System.exit(status);
        }
    }

    /** Does what the command line says, and gives the status to exit with; 0 while the server serves. */
    static int run(String... args) {
        CommandLine line = new CommandLine(new Venue());
        line.setExecutionExceptionHandler((failure, command, result) -> failed(failure));
        line.setParameterExceptionHandler((failure, given) -> refused(failure.getMessage()));
        return line.execute(args);
    }

    private static int refused(String why) {
        System.err.println("venue: " + why);
        return UNFIT;
    }

    private static int failed(Exception failure) {
        Optional<String> line = told(failure);
        if (line.isPresent()) {
            return refused(line.get());
        }
        failure.printStackTrace();
        return FAILED;
    }

    /** The one line that says why it could not be started; empty for what nobody foresaw. */
    private static Optional<String> told(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof Unfit unfit) {
                return Optional.of(String.valueOf(unfit.getMessage()));
            }
            if (cause instanceof Refusal refusal) {
                return Optional.of(refusal.getMessage() + " " + refusal.fix());
            }
            if (cause instanceof PortInUseException taken) {
                return Optional.of("Port " + taken.getPort()
                        + " is in use. Give another with --port, or stop what listens there.");
            }
        }
        return Optional.empty();
    }
}
