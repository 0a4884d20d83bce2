package venue.store.pack;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Collections;
import java.util.Enumeration;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.io.input.BoundedInputStream;
import venue.core.basics.fault.Refusal;

/** A zip that anybody may have made: measured by what it says of itself before anything is unpacked, and held to that. */
final class Zip implements AutoCloseable {

    static final int MOST_ENTRIES = 90_000;
    static final int MOST_WORDS = 4 * 1024 * 1024;
    private static final int MOST_MANIFEST = 64 * 1024 * 1024;
    private static final long MOST_ALL_WORDS = 512L * 1024 * 1024;
    private static final long MOST_FILE = 500L * 1024 * 1024;
    private static final long MEGABYTE = 1024 * 1024;
    private static final Pattern KNOWN =
            Pattern.compile("pack\\.json|items/[a-z0-9-]{1,40}\\.json|pasts/[0-9a-f]{64}\\.json|files/[0-9a-f]{64}");

    /** Programs that zip folders write these beside what is in them. */
    private static final Set<String> FOLDERS = Set.of("items/", "pasts/", "files/");

    private final ZipFile file;
    private final Map<String, ZipArchiveEntry> entries = new HashMap<>();

    private Zip(ZipFile file) {
        this.file = file;
    }

    static Zip open(Path path) {
        ZipFile file;
        try {
            file = ZipFile.builder().setPath(path).get();
        } catch (IOException e) {
            throw noPack("it is no zip that can be read");
        }
        Zip zip = new Zip(file);
        try {
            zip.measure();
            return zip;
        } catch (RuntimeException e) {
            zip.close();
            throw e;
        }
    }

    private void measure() {
        long words = 0;
        Enumeration<ZipArchiveEntry> all = file.getEntries();
        int many = 0;
        for (ZipArchiveEntry entry : Collections.list(all)) {
            if (++many > MOST_ENTRIES) {
                throw noPack("it has more than " + MOST_ENTRIES + " entries");
            }
            String name = entry.getName();
            if (FOLDERS.contains(name) && entry.getSize() == 0) {
                continue;
            }
            requireSound(entry, name);
            if (entries.put(name, entry) != null) {
                throw noPack("two of its entries are called “" + shown(name) + "”");
            }
            words += name.startsWith("files/") ? 0 : entry.getSize();
        }
        if (words > MOST_ALL_WORDS) {
            throw noPack("its words have " + words / MEGABYTE + " MB; " + MOST_ALL_WORDS / MEGABYTE + " fit");
        }
    }

    private static void requireSound(ZipArchiveEntry entry, String name) {
        if (!KNOWN.matcher(name).matches()) {
            throw noPack("its entry “" + shown(name) + "” belongs into none");
        }
        if (entry.isUnixSymlink() || entry.isDirectory()) {
            throw noPack("its entry “" + shown(name) + "” is no file");
        }
        boolean packedAsOurs = entry.getMethod() == ZipEntry.STORED || entry.getMethod() == ZipEntry.DEFLATED;
        if (entry.getGeneralPurposeBit().usesEncryption() || !packedAsOurs) {
            throw noPack("its entry “" + shown(name) + "” is encrypted, or packed in a way that is not known here");
        }
        if (entry.getSize() < 0 || entry.getSize() > most(name)) {
            throw noPack("its entry “" + shown(name) + "” has " + entry.getSize() / MEGABYTE + " MB; "
                    + most(name) / MEGABYTE + " fit");
        }
    }

    private static long most(String name) {
        return name.equals(Manifest.ENTRY) ? MOST_MANIFEST : name.startsWith("files/") ? MOST_FILE : MOST_WORDS;
    }

    boolean has(String name) {
        return entries.containsKey(name);
    }

    Set<String> names() {
        return entries.keySet();
    }

    /** All of an entry; it has as many bytes as it says. */
    byte[] read(String name) throws IOException {
        try (InputStream in = stream(name)) {
            long said = require(name).getSize();
            byte[] bytes = in.readNBytes((int) said + 1);
            if (bytes.length != said) {
                throw noPack("its entry “" + shown(name) + "” has more or fewer bytes than it says");
            }
            return bytes;
        }
    }

    /** An entry as it is unpacked; one that has more bytes than it says ends with the first of those. */
    InputStream stream(String name) throws IOException {
        ZipArchiveEntry entry = require(name);
        return BoundedInputStream.builder()
                .setInputStream(file.getInputStream(entry))
                .setMaxCount(entry.getSize() + 1)
                .get();
    }

    private ZipArchiveEntry require(String name) {
        ZipArchiveEntry entry = entries.get(name);
        if (entry == null) {
            throw noPack("its entry “" + shown(name) + "” is missing");
        }
        return entry;
    }

    static Refusal noPack(String why) {
        return Refusal.badInput(
                "bad-pack",
                "file",
                "This can't be read as a pack: " + why + ".",
                "Save it again where it comes from; nothing was taken in.");
    }

    static String shown(String name) {
        String plain = name.replaceAll("[^\\p{L}\\p{N} ._/-]", "?");
        return plain.length() <= 60 ? plain : plain.substring(0, 60) + "…";
    }

    @Override
    public void close() {
        try {
            file.close();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
