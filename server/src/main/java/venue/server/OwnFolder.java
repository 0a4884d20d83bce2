package venue.server;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import java.nio.file.Path;
import java.time.InstantSource;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.slf4j.LoggerFactory;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.SiteId;
import venue.server.app.FolderParts;
import venue.server.app.KnownPeople;
import venue.server.app.Settings;
import venue.server.beginning.SiteMaker;
import venue.store.database.DataFolder;
import venue.store.database.Database;
import venue.store.media.MediaFiles;
import venue.store.media.MediaIntake;
import venue.store.record.By;
import venue.store.record.Deed;
import venue.store.workspace.Workspace;
import venue.store.workspace.Workspaces;

/**
 * A data folder as verbs of the command line work on it: taken by the verb itself, looked at beside the server that has it,
 * or, where a server does what a verb has handed to it, the server's own.
 *
 * @param origin where people reach a host name
 * @param letGo lets go of what was opened for the verb
 */
record OwnFolder(FolderParts parts, SiteMaker siteMaker, UnaryOperator<String> origin, boolean beside, Runnable letGo)
        implements AutoCloseable {

    /** Takes the folder; {@link venue.store.database.FolderInUse} where somebody has it. */
    static OwnFolder open(Path path, @Nullable Integer port) {
        quiet();
        DataFolder taken = DataFolder.open(path.toAbsolutePath());
        try {
            return of(taken.path(), Database.open(taken.path()), port, taken);
        } catch (RuntimeException e) {
            taken.close();
            throw e;
        }
    }

    /** Looks at a folder that a server has; nothing is written. */
    static OwnFolder beside(Path path, @Nullable Integer port) {
        quiet();
        return of(path, Database.beside(path), port, null);
    }

    /** What a verb has to say it says itself: its output is read by scripts. */
    static void quiet() {
        ((Logger) LoggerFactory.getLogger(Logger.ROOT_LOGGER_NAME)).setLevel(Level.OFF);
    }

    private static OwnFolder of(Path path, Database database, @Nullable Integer port, @Nullable DataFolder taken) {
        InstantSource clock = InstantSource.system();
        FolderParts parts = FolderParts.of(path, database, clock);
        Configured.Public in = Configured.inPublic(path, port);
        return new OwnFolder(
                parts,
                SiteMaker.without(parts, new MediaIntake(parts.media()), clock, in.interfaceHost()),
                in::origin,
                taken == null,
                () -> {
                    parts.close();
                    if (taken != null) {
                        taken.close();
                    }
                });
    }

    Workspaces workspaces() {
        return parts.workspaces();
    }

    KnownPeople people() {
        return parts.people();
    }

    MediaFiles media() {
        return parts.media();
    }

    /** A site by its id, or by one of its host names. */
    Workspace site(String named) {
        return workspaces()
                .find(new SiteId(named))
                .or(() -> workspaces().servedAt(Settings.normal(named)))
                .orElseThrow(() -> Refusal.unknown("site", named));
    }

    /** Puts on the record what was done here; where a server has the folder, it writes that down. */
    void record(Deed deed, @Nullable SiteId site, String detail) {
        if (beside) {
            NoteVerb.hand(parts.path(), deed, site, detail);
        } else {
            parts.records().write(deed, By.COMMAND_LINE, site, null, detail);
        }
    }

    @Override
    public void close() {
        letGo.run();
    }
}
