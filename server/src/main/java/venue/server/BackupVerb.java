package venue.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import venue.core.basics.fault.Refusal;
import venue.server.delivery.BackupBucket;
import venue.server.delivery.TargetTrouble;
import venue.store.record.Deed;
import venue.store.upkeep.Backups;

/** One consistent file of a folder, also while its server runs. */
@Command(
        name = "backup",
        description = "Makes one file of all that a data folder holds, also while its server runs.",
        mixinStandardHelpOptions = true)
final class BackupVerb implements Callable<Integer> {

    @CommandLine.Mixin
    Data data = new Data();

    @CommandLine.Mixin
    Storage storage = new Storage();

    @Option(
            names = "--to",
            required = true,
            description = "The file to write, or s3://BUCKET/PREFIX: there it is read back.")
    String to = "";

    @Override
    public Integer call() throws IOException {
        try (OwnFolder own = data.look()) {
            Backups backups = new Backups(own.parts().database(), own.parts().path(), InstantSource.system());
            if (BackupBucket.isOne(to)) {
                send(own, backups);
            } else {
                Path file = data.file(Path.of(to));
                backups.write(file);
                told(own, to, file);
            }
        }
        return 0;
    }

    private void told(OwnFolder own, String where, Path file) throws IOException {
        own.record(Deed.BACKUP_MADE, null, file.getFileName().toString());
        data.say(where + "\t" + Files.size(file) + " bytes");
    }

    private void send(OwnFolder own, Backups backups) throws IOException {
        Path folder = Files.createTempDirectory("venue-backup");
        try (BackupBucket bucket = storage.open(to, own.parts().path())) {
            Backups.Kept made = backups.makeIn(folder, 1);
            Path file = folder.resolve(made.name());
            bucket.put(file, made.name());
            told(own, to.replaceAll("/+$", "") + "/" + made.name(), file);
            Files.delete(file);
        } catch (TargetTrouble trouble) {
            throw Refusal.badInput("no-storage", "to", trouble.says(), trouble.fix());
        } finally {
            Files.deleteIfExists(folder);
        }
    }
}
