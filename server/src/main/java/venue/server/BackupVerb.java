package venue.server;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.concurrent.Callable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
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

    @Option(names = "--to", required = true, description = "The file to write.")
    Path to = Path.of("");

    @Override
    public Integer call() throws IOException {
        try (OwnFolder own = data.look()) {
            Path file = data.file(to);
            new Backups(own.parts().database(), own.parts().path(), InstantSource.system()).write(file);
            own.record(Deed.BACKUP_MADE, null, file.getFileName().toString());
            data.say(to + "\t" + Files.size(file) + " bytes");
        }
        return 0;
    }
}
