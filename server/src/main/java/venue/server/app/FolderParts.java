package venue.server.app;

import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.InstantSource;
import venue.store.database.Database;
import venue.store.media.MediaFiles;
import venue.store.record.Records;
import venue.store.workspace.Workspaces;

/** The parts of a data folder, put together in one way for the server and for verbs. */
public record FolderParts(
        Path path, Database database, Records records, KnownPeople people, MediaFiles media, Workspaces workspaces)
        implements AutoCloseable {

    public static FolderParts of(Path path, Database database, InstantSource clock) {
        Records records = new Records(database, clock);
        return new FolderParts(
                path,
                database,
                records,
                KnownPeople.of(database, records, clock),
                new MediaFiles(path.resolve("media")),
                new Workspaces(database, clock, new SecureRandom()));
    }

    @Override
    public void close() {
        people.answers().close();
        people.sessions().close();
        database.close();
    }
}
