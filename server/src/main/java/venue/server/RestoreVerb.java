package venue.server;

import java.nio.file.Path;
import java.time.InstantSource;
import java.util.Objects;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import venue.store.backup.Made;
import venue.store.upkeep.Restoring;

/** A data folder out of a backup. */
@Command(
        name = "restore",
        description = "Makes a data folder of a backup; everybody signs in anew, and links that were open end.",
        mixinStandardHelpOptions = true)
final class RestoreVerb implements Callable<Integer> {

    @Spec
    @Nullable
    CommandSpec spec;

    @Option(names = "--from", required = true, description = "The backup.")
    Path from = Path.of("");

    @Option(names = "--data", required = true, description = "Folder to make: empty, or not there yet.")
    Path data = Path.of("");

    @Override
    public Integer call() {
        OwnFolder.quiet();
        Made made = Restoring.restore(from, data.toAbsolutePath(), InstantSource.system());
        var out = Objects.requireNonNull(spec).commandLine().getOut();
        out.println(data + "\tas of " + made.at() + ", made by Venue " + made.venue()
                + (made.whole() ? "" : "; it holds the database alone: bring the folder media along"));
        out.flush();
        return 0;
    }
}
