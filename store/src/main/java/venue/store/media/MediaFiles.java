package venue.store.media;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.regex.Pattern;

/** Files of one folder, named by their hash; renditions of pictures by hash and width. */
public final class MediaFiles {

    private static final Pattern NAME = Pattern.compile("[0-9a-f]{20}(-[0-9]{1,5})?\\.[a-z0-9]{3,5}");

    private final Path folder;

    public MediaFiles(Path folder) {
        this.folder = folder;
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new UncheckedIOException("can't make the media folder " + folder, e);
        }
    }

    /** The file called so, when there is one; any name that is not one of ours is refused before the disk is asked. */
    public Optional<byte[]> find(String name) {
        if (!NAME.matcher(name).matches()) {
            return Optional.empty();
        }
        try {
            Path file = folder.resolve(name);
            return Files.exists(file) ? Optional.of(Files.readAllBytes(file)) : Optional.empty();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Where the file called so lies, for what is too large to be held in memory. */
    public Optional<Path> locate(String name) {
        return Optional.of(name)
                .filter(n -> NAME.matcher(n).matches())
                .map(folder::resolve)
                .filter(Files::exists);
    }

    /** Takes a file in from where it lies; it is moved, not copied, where the disk allows that. */
    void take(String name, Path from) {
        try {
            Files.move(from, folder.resolve(name), StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new UncheckedIOException("can't keep the file " + name, e);
        }
    }

    /** Keeps a file whole: it is written beside and then moved into place. */
    void put(String name, byte[] bytes) {
        put(name, new ByteArrayInputStream(bytes));
    }

    void put(String name, InputStream in) {
        try {
            Path temporary = Files.createTempFile(folder, "in", ".part");
            Files.copy(in, temporary, StandardCopyOption.REPLACE_EXISTING);
            try {
                Files.move(temporary, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE);
            } catch (AtomicMoveNotSupportedException e) {
                Files.move(temporary, folder.resolve(name), StandardCopyOption.REPLACE_EXISTING);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("can't keep the picture " + name, e);
        }
    }
}
