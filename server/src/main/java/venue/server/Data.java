package venue.server;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import venue.store.database.FolderInUse;

/** The data folder that a verb works on, and where it tells what came of it. */
final class Data {

    @Spec(Spec.Target.MIXEE)
    @Nullable
    CommandSpec verb;

    @Option(names = "--data", description = "Folder that holds all data (${DEFAULT-VALUE}).", defaultValue = "data")
    Path data = Path.of("data");

    @Option(
            names = "--port",
            description = "Port that people use, for the addresses that are told (as it is set, or 8080).")
    @Nullable
    Integer port;

    private Venue venue() {
        return (Venue) verb().root().userObject();
    }

    private CommandSpec verb() {
        return Objects.requireNonNull(verb);
    }

    /** The folder, to write in it: taken, or the server's own where a server does what was handed to it. */
    OwnFolder open() {
        OwnFolder within = venue().within();
        return within != null ? within : OwnFolder.open(data, port);
    }

    /** The folder, to read in it; also beside the server that has it. */
    OwnFolder look() {
        OwnFolder within = venue().within();
        if (within != null) {
            return within;
        }
        try {
            return OwnFolder.open(data, port);
        } catch (FolderInUse held) {
            return OwnFolder.beside(held.folder(), port);
        }
    }

    /** A file as whoever gave the verb means it. */
    Path file(Path named) {
        return venue().where().resolve(named);
    }

    /** One line on standard error. */
    void complain(String line) {
        PrintWriter err = verb().commandLine().getErr();
        err.println("venue: " + line);
        err.flush();
    }

    void say(String line) {
        PrintWriter out = verb().commandLine().getOut();
        out.println(line);
        out.flush();
    }
}
