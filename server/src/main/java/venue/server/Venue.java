package venue.server;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.web.server.PortInUseException;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import venue.core.basics.fault.Refusal;
import venue.store.database.FolderInUse;
import venue.store.database.Unfit;
import venue.store.database.Version;

/**
 * The command line. Exits with 2 and one line where it can't be started as it was asked to,
 * with 3 where something unforeseen went wrong; 1 is what {@code check} found.
 */
@Command(
        name = "venue",
        mixinStandardHelpOptions = true,
        versionProvider = Venue.Ours.class,
        description = "Makes and serves web sites.",
        subcommands = {
            Serve.class,
            Demo.class,
            SetUpVerb.class,
            PeopleVerb.class,
            MembersVerb.class,
            AnswersVerb.class,
            PackVerb.class,
            CheckVerb.class,
            ExportVerb.class,
            DeliveryVerb.class,
            DeliverVerb.class,
            BackupVerb.class,
            RestoreVerb.class,
            NoteVerb.class,
            RehearseVerb.class,
            FirstPageVerb.class
        })
public final class Venue {

    private static final int UNFIT = 2;
    private static final int FAILED = 3;

    private final @Nullable OwnFolder within;
    private final Path where;

    /**
     * The command line as it is given.
     *
     * @param within the server's own folder, where a server does what was handed to it
     * @param where the folder that file names are looked up from
     */
    Venue(@Nullable OwnFolder within, Path where) {
        this.within = within;
        this.where = where;
    }

    @Nullable
    OwnFolder within() {
        return within;
    }

    Path where() {
        return where;
    }

    public static void main(String[] args) {
        int status = run(args);
        if (status != 0) {
            System.exit(status);
        }
    }

    /** Does what the command line says, and gives the status to exit with; 0 while the server serves. */
    static int run(String... args) {
        PrintWriter out = new PrintWriter(System.out, true);
        PrintWriter err = new PrintWriter(System.err, true);
        return run(new Venue(null, Path.of("")), out, err, args);
    }

    static int run(Venue venue, PrintWriter out, PrintWriter err, String... args) {
        CommandLine line = new CommandLine(venue).setOut(out).setErr(err);
        line.setExecutionExceptionHandler(
                (failure, command, result) -> failure instanceof FolderInUse held && venue.within == null
                        ? handed(held, out, err, args)
                        : failed(failure, err));
        line.setParameterExceptionHandler((failure, given) -> refused(String.valueOf(failure.getMessage()), err));
        return line.execute(args);
    }

    /** What writes in a folder that a server has is done by that server. */
    private static int handed(FolderInUse held, PrintWriter out, PrintWriter err, String... args) {
        if (!Channel.VERBS.contains(args[0])) {
            return failed(held, err);
        }
        try {
            Channel.Answer answer = Channel.ask(held.folder(), List.of(args));
            out.print(answer.out());
            out.flush();
            if (answer.status() == 0) {
                err.println("venue: done by the server that has the folder, " + held.holder() + ".");
            }
            err.print(answer.err());
            err.flush();
            return answer.status();
        } catch (Unfit e) {
            return failed(e, err);
        }
    }

    private static int refused(String why, PrintWriter err) {
        err.println("venue: " + why);
        err.flush();
        return UNFIT;
    }

    private static int failed(Exception failure, PrintWriter err) {
        Optional<String> line = told(failure);
        if (line.isPresent()) {
            return refused(line.get(), err);
        }
        failure.printStackTrace(err);
        err.flush();
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

    /** What {@code --version} says. */
    static final class Ours implements CommandLine.IVersionProvider {

        @Override
        public String[] getVersion() {
            return new String[] {Version.OURS};
        }
    }
}
