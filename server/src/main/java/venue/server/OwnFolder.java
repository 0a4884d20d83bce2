package venue.server;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import java.nio.file.Path;
import java.security.SecureRandom;
import java.time.InstantSource;
import org.slf4j.LoggerFactory;
import venue.store.database.DataFolder;
import venue.store.database.Database;
import venue.store.link.Links;
import venue.store.people.Credentials;
import venue.store.people.Persons;
import venue.store.people.Seats;
import venue.store.people.Team;
import venue.store.record.Records;
import venue.store.session.Sessions;

/** A data folder as verbs of the command line work on it, without a server; nobody else has it meanwhile. */
final class OwnFolder implements AutoCloseable {

    private final DataFolder folder;
    private final Database database;
    private final Sessions sessions;

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
        return new Credentials(database, persons(), links(), sessions, new Records(database, clock()));
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
