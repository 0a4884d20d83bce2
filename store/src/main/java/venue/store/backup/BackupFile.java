package venue.store.backup;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.jspecify.annotations.Nullable;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;

/** A backup as it lies there: what it was made of, whether every byte is as it was written, and its files. */
public final class BackupFile implements AutoCloseable {

    /** The ending of backups. */
    public static final String ENDING = ".venuebackup";

    public static final String DATABASE = "venue.db";
    static final String MEDIA = "media/";

    private static final Pattern KNOWN = Pattern.compile("venue\\.db|media/[0-9a-f]{20}(-[0-9]{1,5})?\\.[a-z0-9]{3,5}");
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Path path;
    private final ZipFile zip;
    private final Manifest manifest;

    private BackupFile(Path path, ZipFile zip) throws IOException {
        this.path = path;
        this.zip = zip;
        manifest = manifest();
    }

    /** Opens a backup and reads what it was made of; refused where it is none, or of a newer format. */
    public static BackupFile open(Path path) {
        try {
            ZipFile zip = new ZipFile(path.toFile());
            try {
                return new BackupFile(path, zip);
            } catch (IOException | RuntimeException e) {
                zip.close();
                throw e;
            }
        } catch (IOException e) {
            throw bad(path, Files.exists(path) ? "it is not whole" : "there is no such file");
        }
    }

    static boolean isKnown(String name) {
        return KNOWN.matcher(name).matches();
    }

    private Manifest manifest() throws IOException {
        ZipEntry entry = zip.getEntry(Manifest.ENTRY);
        if (entry == null) {
            throw bad(path, "it says nothing of what it holds");
        }
        try (InputStream in = zip.getInputStream(entry)) {
            Manifest read = JSON.readValue(in, Manifest.class);
            if (!Manifest.FORMAT.equals(read.format()) || read.made() == null) {
                throw bad(path, "it is no backup of Venue's");
            }
            if (read.version() > Manifest.VERSION) {
                throw bad(
                        path,
                        "its format has version " + read.version() + ", and this Venue knows " + Manifest.VERSION);
            }
            return read;
        } catch (JacksonException e) {
            throw bad(path, "what it says of itself can't be read");
        }
    }

    public Made made() {
        return manifest.made();
    }

    /** Refuses a backup of which one byte is not as it was written, or that holds what no backup does. */
    public void check() throws IOException {
        Set<String> named = new HashSet<>();
        for (Manifest.Stored file : manifest.files()) {
            if (!isKnown(file.path()) || !named.add(file.path())) {
                throw bad(path, "its entry “" + file.path() + "” belongs into none");
            }
            copy(file, OutputStream.nullOutputStream());
        }
        if (zip.size() != named.size() + 1 || !named.contains(DATABASE)) {
            throw bad(path, "it does not hold what it says");
        }
    }

    /** Unpacks it into a folder; each file is held to its hash once more as it is written. */
    public void unpack(Path folder) throws IOException {
        for (Manifest.Stored file : manifest.files()) {
            if (!isKnown(file.path())) {
                throw bad(path, "its entry “" + file.path() + "” belongs into none");
            }
            Path to = folder.resolve(file.path());
            Files.createDirectories(to.getParent());
            try (OutputStream out = Files.newOutputStream(to)) {
                copy(file, out);
            }
        }
    }

    private void copy(Manifest.Stored file, OutputStream to) throws IOException {
        ZipEntry entry = zip.getEntry(file.path());
        if (entry == null) {
            throw bad(path, file.path() + " is missing");
        }
        try (InputStream from = zip.getInputStream(entry);
                Hash.Stream in = Hash.stream(from)) {
            long bytes = in.transferTo(to);
            if (bytes != file.bytes() || !in.hash().equals(file.sha256())) {
                throw bad(path, file.path() + " is not as it was written");
            }
        } catch (java.util.zip.ZipException e) {
            throw bad(path, file.path() + " can't be unpacked");
        }
    }

    private static Refusal bad(@Nullable Path path, String why) {
        return Refusal.badInput(
                "bad-backup",
                "from",
                path + " can't be restored: " + why + ".",
                "Take another backup; nothing was written.");
    }

    @Override
    public void close() {
        try {
            zip.close();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
