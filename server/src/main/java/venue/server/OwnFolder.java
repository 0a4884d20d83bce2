package venue.server;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.InstantSource;
import org.jspecify.annotations.Nullable;
import org.slf4j.LoggerFactory;
import venue.core.fault.Refusal;
import venue.server.app.Settings;
import venue.server.beginning.SiteMaker;
import venue.store.database.DataFolder;
import venue.store.database.Database;
import venue.store.link.Links;
import venue.store.media.MediaFiles;
import venue.store.media.MediaIntake;
import venue.store.people.Credentials;
import venue.store.people.Persons;
import venue.store.people.Seats;
import venue.store.people.Team;
import venue.store.record.Records;
import venue.store.session.Sessions;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/** A data folder as verbs of the command line work on it, without a server; nobody else has it meanwhile. */
final class OwnFolder implements AutoCloseable {

    private final DataFolder folder;
    private final Database database;
    private final Sessions sessions;
    private @Nullable Workspaces workspaces;

    private OwnFolder(DataFolder folder) {
        this.folder = folder;
        database = Database.open(folder.path());
        sessions = new Sessions(database, clock());
    }

    static OwnFolder open(Path path) {
        // What a verb has to say it says itself: its output is read by scripts.
        ((Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)).setLevel(Level.OFF);
        DataFolder taken = DataFolder.open(path.toAbsolutePath());
        try {
            return new OwnFolder(taken);
        } catch (RuntimeException e) {
            taken.close();
            throw e;
        }
    }

    static InstantSource clock() {
        return InstantSource.system();
    }

    DataFolder folder() {
        return folder;
    }

    Database database() {
        return database;
    }

    Persons persons() {
        return new Persons(database, clock());
    }

    Seats seats() {
        return new Seats(database);
    }

    Team team() {
        return new Team(database, persons(), links(), sessions, clock(), new SecureRandom());
    }

    Credentials credentials() {
        return new Credentials(database, persons(), links(), sessions, records());
    }

    Records records() {
        return new Records(database, clock());
    }

    MediaFiles media() {
        return new MediaFiles(folder.within("media"));
    }

    Workspaces workspaces() {
        if (workspaces == null) {
            workspaces = new Workspaces(database, clock(), new SecureRandom());
        }
        return workspaces;
    }

    /** A site by its id, or by one of its host names. */
    Workspace site(String named) {
        return workspaces()
                .find(named)
                .or(() -> workspaces().servedAt(Settings.normal(named)))
                .orElseThrow(() -> Refusal.unknown("site", named));
    }

    SiteMaker siteMaker() {
        MediaIntake intake = new MediaIntake(media());
        return SiteMaker.without(workspaces(), team(), intake, clock());
    }

    private Links links() {
        return new Links(database, clock());
    }

    @Override
    public void close() {
        sessions.close();
        database.close();
        folder.close();
    }
}
