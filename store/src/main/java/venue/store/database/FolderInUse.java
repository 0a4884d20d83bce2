package venue.store.database;

import java.nio.file.Path;

/** A data folder that another process has. */
public final class FolderInUse extends Unfit {

    private final Path folder;
    private final String holder;

    FolderInUse(Path folder, String holder) {
        super("The data folder " + folder + " is in use by " + holder
                + ". Stop that one first, or name another folder with --data.");
        this.folder = folder;
        this.holder = holder;
    }

    public Path folder() {
        return folder;
    }

    /** The process that has it, and where it serves, as it said so itself. */
    public String holder() {
        return holder;
    }
}
