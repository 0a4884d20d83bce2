package venue.store.database;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.channels.FileLock;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFileAttributeView;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Comparator;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import venue.store.backup.Unfinished;

/**
 * The folder that holds all data of one installation, for its owner alone (700, files 600). One process at a time holds it,
 * by a lock that the system releases at its death; {@code venue.lock} names that process and its address to the next one.
 */
public final class DataFolder implements AutoCloseable {

    /** What whoever runs the server has set; it stays when the rest is cleared. */
    public static final String SETTINGS = "venue.properties";

    /** Where backups lie unless the settings say otherwise; they stay when the rest is cleared. */
    public static final String BACKUPS = "backups";

    /** Held by whoever copies or removes files. */
    public static final String FILES_LOCK = "files.lock";

    /** Indexes for searching, which are made anew where they are not there. */
    public static final String SEARCH = "search";

    /** Drawings of documents, which are made anew where they are not there. */
    public static final String FIRST_PAGES = "first-pages";

    private static final String LOCK = "venue.lock";
    private static final String CHANNEL = "venue.channel";
    /** Where what is being received lies, with notes of what is being made. */
    public static final String INCOMING = "incoming";

    private static final Set<String> OURS = Set.of(
            LOCK,
            "venue.db",
            "venue.db-wal",
            "venue.db-shm",
            "media",
            "sessions",
            INCOMING,
            SEARCH,
            FIRST_PAGES,
            FILES_LOCK,
            CHANNEL);
    private static final Set<PosixFilePermission> OWN_FOLDER = PosixFilePermissions.fromString("rwx------");
    private static final Set<PosixFilePermission> OWN_FILE = PosixFilePermissions.fromString("rw-------");
    /** Closing a second descriptor of a file ends the process's locks on it: one process never opens it twice. */
    private static final Set<Path> HELD = ConcurrentHashMap.newKeySet();

    private final Path path;
    private final RandomAccessFile file;

    private DataFolder(Path path, RandomAccessFile file) {
        this.path = path;
        this.file = file;
    }

    /** Takes the folder, making it as needed; {@link Unfit} where it can't be written, or somebody else has it. */
    public static DataFolder open(Path folder) {
        try {
            Files.createDirectories(folder);
            Path real = folder.toRealPath();
            if (!HELD.add(real)) {
                throw new FolderInUse(real, "process " + ProcessHandle.current().pid());
            }
            try {
                return lock(real);
            } catch (IOException | RuntimeException e) {
                HELD.remove(real);
                throw e;
            }
        } catch (IOException e) {
            throw new Unfit("The data folder " + folder + " can't be written (" + reason(e)
                    + "). Give it to the user that runs Venue, or name another folder with --data.");
        }
    }

    private static DataFolder lock(Path folder) throws IOException {
        Path at = folder.resolve(LOCK);
        RandomAccessFile file = new RandomAccessFile(at.toFile(), "rw");
        FileLock lock = file.getChannel().tryLock();
        if (lock == null) {
            String holder = file.readLine();
            file.close();
            throw new FolderInUse(folder, holder == null ? "another process" : holder);
        }
        Unfinished.sweep(folder.resolve(INCOMING));
        // What was being received when the process before this one ended.
        empty(Files.createDirectories(folder.resolve(INCOMING)));
        shut(folder);
        DataFolder taken = new DataFolder(folder, file);
        taken.tell("process " + ProcessHandle.current().pid());
        return taken;
    }

    /** Takes away what lies in a folder, the deepest first. */
    private static void empty(Path folder) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                if (!each.equals(folder)) {
                    Files.delete(each);
                }
            }
        }
    }

    /** Takes away all that is kept in it; what is not ours stays. */
    public void clear() {
        try {
            for (String name : OURS) {
                Path ours = path.resolve(name);
                if (Files.isDirectory(ours)) {
                    empty(ours);
                } else if (!name.equals(LOCK)) {
                    Files.deleteIfExists(ours);
                }
            }
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private static String reason(IOException e) {
        return e instanceof java.nio.file.FileSystemException known && known.getReason() != null
                ? known.getReason()
                : e.getClass()
                        .getSimpleName()
                        .replaceAll("([a-z])([A-Z])", "$1 $2")
                        .replace(" Exception", "");
    }

    public Path path() {
        return path;
    }

    /** Where what is being received lies, until it is known to be kept; empty at each start. */
    public Path incoming() {
        return path.resolve(INCOMING);
    }

    /** Where the way to the server that has a folder is written down. */
    public static Path channelOf(Path folder) {
        return folder.resolve(CHANNEL);
    }

    /** The same of this one, for its owner alone before anything is written into it. */
    public Path channel() {
        Path channel = channelOf(path);
        makeOwn(channel);
        return channel;
    }

    /** Tells whoever wants the folder meanwhile where it is being served. */
    public void servedAt(String address) {
        try {
            tell("process " + ProcessHandle.current().pid() + " at " + address);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    private void tell(String line) throws IOException {
        file.setLength(0);
        file.write((line + "\n").getBytes(StandardCharsets.UTF_8));
    }

    /** Lets only the owner of the process read our files, and the folder too where nothing else lies in it. */
    private static void shut(Path folder) throws IOException {
        boolean alone = true;
        try (Stream<Path> entries = Files.list(folder)) {
            for (Path entry : (Iterable<Path>) entries::iterator) {
                String name = entry.getFileName().toString();
                boolean ours = OURS.contains(name) || name.equals(SETTINGS) || name.equals(BACKUPS);
                alone &= ours;
                if (ours) {
                    shutAll(entry);
                }
            }
        }
        if (alone) {
            permit(folder);
        }
    }

    private static void shutAll(Path top) throws IOException {
        try (Stream<Path> all = Files.walk(top)) {
            for (Path each : (Iterable<Path>) all::iterator) {
                permit(each);
            }
        }
    }

    private static void permit(Path path) throws IOException {
        PosixFileAttributeView view = Files.getFileAttributeView(path, PosixFileAttributeView.class);
        if (view != null) {
            Set<PosixFilePermission> wanted = Files.isDirectory(path) ? OWN_FOLDER : OWN_FILE;
            if (!view.readAttributes().permissions().equals(wanted)) {
                view.setPermissions(wanted);
            }
        }
    }

    /** A file that is there and for its owner alone, before anything is written into it. */
    static void makeOwn(Path file) {
        try {
            if (Files.notExists(file)) {
                Files.createFile(file);
            }
            permit(file);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    /** A folder within it, for its owner alone. */
    public Path within(String name) {
        try {
            Path made = Files.createDirectories(path.resolve(name));
            permit(made);
            return made;
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        HELD.remove(path);
        try {
            file.close();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
