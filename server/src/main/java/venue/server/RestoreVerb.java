package venue.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.Objects;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import venue.core.basics.fault.Refusal;
import venue.server.delivery.BackupBucket;
import venue.server.delivery.TargetTrouble;
import venue.store.backup.BackupFile;
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

    @Mixin
    Storage storage = new Storage();

    @Option(names = "--from", required = true, description = "The backup: a file, or s3://BUCKET/PREFIX/NAME.")
    String from = "";

    @Option(names = "--data", required = true, description = "Folder to make: empty, or not there yet.")
    Path data = Path.of("");

    @Override
    public Integer call() {
        OwnFolder.quiet();
        Made made = BackupBucket.isOne(from) ? fetched() : restored(Path.of(from));
        var out = Objects.requireNonNull(spec).commandLine().getOut();
        out.println(data + "\tas of " + made.at() + ", made by Venue " + made.venue()
                + (made.whole() ? "" : "; it holds the database alone: bring the folder media along"));
        out.flush();
        return 0;
    }

    private Made restored(Path file) {
        return Restoring.restore(file, data.toAbsolutePath(), InstantSource.system());
    }

    private Made fetched() {
        int name = from.lastIndexOf('/');
        try (BackupBucket bucket = storage.open(from.substring(0, name), data)) {
            Path file = Files.createTempFile("venue-restored", BackupFile.ENDING);
            try {
                bucket.fetch(from.substring(name + 1), file);
                return restored(file);
            } finally {
                Files.deleteIfExists(file);
            }
        } catch (TargetTrouble trouble) {
            throw Refusal.badInput("no-storage", "from", trouble.says(), trouble.fix());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
