package venue.server.delivery;

import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.Collection;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;

/** A folder, on this machine or on a disk that others mount, too. A file is there whole or not at all. */
final class FolderTarget implements Target {

    private static final String OWN = ".venue";
    private static final String LOCK = "lock";
    private static final String PART = ".part";
    private static final int AT_ONCE = 2;

    private final Path root;

    FolderTarget(Path root) {
        this.root = root.toAbsolutePath().normalize();
    }

    /** What lies there under a key. */
    private record File(String key, Path lies) implements Found {
        @Override
        public boolean is(Content content) {
            try {
                return Files.size(lies) == content.size()
                        && Hash.over(lies).text().equals(content.hash());
            } catch (IOException unreadable) {
                return false;
            }
        }
    }

    /** Whether a key is that of a file whose writer was ended in the middle of it. */
    static boolean isBrokenOff(String key) {
        return key.substring(key.lastIndexOf('/') + 1).matches("\\.part\\d+");
    }

    private interface Work<T> {
        T done() throws IOException;
    }

    private <T> T on(String what, Work<T> work) {
        try {
            return work.done();
        } catch (IOException failed) {
            throw new TargetTrouble(
                    what + " failed in " + root + ": " + reason(failed),
                    "See that the folder is there, that the server may write in it, and that its disk has room.",
                    failed);
        }
    }

    private static String reason(IOException failed) {
        String sort = failed.getClass().getSimpleName().replaceAll("(?<=[a-z])(?=[A-Z])", " ");
        return sort.replace("Exception", "").strip().toLowerCase(Locale.ROOT) + " (" + failed.getMessage() + ").";
    }

    private Path place(String key) throws IOException {
        Path place = root.resolve(key).normalize();
        if (!place.startsWith(root) || place.equals(root)) {
            throw new IOException(key + " leads out of the folder");
        }
        return place;
    }

    @Override
    public Optional<Got> get(String key) {
        return on("Reading", () -> {
            try {
                byte[] bytes = Files.readAllBytes(place(key));
                return Optional.of(new Got(bytes, Hash.over(bytes).text()));
            } catch (NoSuchFileException none) {
                return Optional.empty();
            }
        });
    }

    @Override
    public boolean fetch(String key, Path to) {
        return on("Reading", () -> {
            Path from = place(key);
            if (Files.notExists(from)) {
                return false;
            }
            Files.copy(from, to, StandardCopyOption.REPLACE_EXISTING);
            return true;
        });
    }

    @Override
    public void put(String key, Body body) {
        on("Writing", () -> write(place(key), body.content()));
    }

    private Path write(Path to, Content content) throws IOException {
        Path folder = Objects.requireNonNullElse(to.getParent(), root);
        makeReadable(folder);
        Path part = Files.createTempFile(folder, PART, "");
        try (InputStream in = content.open()) {
            Files.copy(in, part, StandardCopyOption.REPLACE_EXISTING);
            part.toFile().setReadable(true, false);
            Files.move(part, to, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
        return to;
    }

    /** A folder that a web server may go into, whatever the one who writes it keeps to themselves. */
    private static void makeReadable(Path made) throws IOException {
        if (Files.notExists(made)) {
            Path above = made.getParent();
            if (above != null && Files.notExists(above)) {
                makeReadable(above);
            }
            try {
                Files.createDirectory(made);
            } catch (FileAlreadyExistsException meanwhile) {
                return;
            }
            made.toFile().setReadable(true, false);
            made.toFile().setExecutable(true, false);
        }
    }

    @Override
    public Optional<String> putIf(String key, byte[] bytes, @Nullable String tag) {
        return on("Writing", () -> {
            makeReadable(root.resolve(OWN));
            try (FileChannel channel = FileChannel.open(
                            root.resolve(OWN).resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                    FileLock held = lock(channel)) {
                String lies = get(key).map(Got::tag).orElse(null);
                if (held == null || !Objects.equals(lies, tag)) {
                    return Optional.empty();
                }
                write(place(key), Content.of(bytes));
                return Optional.of(Hash.over(bytes).text());
            }
        });
    }

    /** Nothing where another thread of ours holds it: that one is at work there. */
    private static @Nullable FileLock lock(FileChannel channel) throws IOException {
        try {
            return channel.lock();
        } catch (OverlappingFileLockException ours) {
            return null;
        }
    }

    @Override
    public void remove(Collection<String> keys) {
        on("Removing", () -> {
            for (String key : keys) {
                Path file = place(key);
                Files.deleteIfExists(file);
                clear(file.getParent());
            }
            return keys;
        });
    }

    private void clear(@Nullable Path folder) throws IOException {
        for (Path up = folder; up != null && !up.equals(root) && isBare(up); up = up.getParent()) {
            Files.deleteIfExists(up);
        }
    }

    private static boolean isBare(Path folder) throws IOException {
        if (!Files.isDirectory(folder)) {
            return false;
        }
        try (Stream<Path> all = Files.list(folder)) {
            return all.findAny().isEmpty();
        }
    }

    @Override
    public void each(String prefix, Consumer<Found> taker) {
        on("Looking through", () -> {
            if (Files.isDirectory(root)) {
                try (Stream<Path> all = Files.walk(root)) {
                    all.filter(Files::isRegularFile)
                            .map(f -> new File(root.relativize(f).toString().replace('\\', '/'), f))
                            .filter(f -> f.key().startsWith(prefix))
                            .forEach(taker);
                }
            }
            return prefix;
        });
    }

    @Override
    public boolean isEmpty() {
        return on("Looking", () -> {
            if (Files.notExists(root)) {
                return true;
            }
            try (Stream<Path> all = Files.list(root)) {
                return all.allMatch(f -> f.equals(root.resolve(OWN)));
            }
        });
    }

    @Override
    public boolean isFolder() {
        return true;
    }

    @Override
    public int atOnce() {
        return AT_ONCE;
    }

    @Override
    public String where() {
        return root.toString();
    }

    @Override
    public void close() {}
}
