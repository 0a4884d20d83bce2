package venue.store.pack;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.CRC32;
import java.util.zip.CheckedInputStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.carry.pack.Pack;
import venue.core.edition.edition.ItemSort;
import venue.core.edition.json.ItemJson;
import venue.core.model.media.Media;
import venue.store.media.MediaFiles;

/** Writes packs: entries in order, without times, words packed and files as they are. */
public final class PackWriter {

    /** RFC 6838, 3.2: what we make is in the vendor tree. */
    public static final String MEDIA_TYPE = "application/vnd.venue.pack+zip";

    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    private PackWriter() {}

    /** Writes a pack with those of its files that are there. */
    public static void write(Pack pack, MediaFiles files, OutputStream to) throws IOException {
        Map<String, byte[]> words = new TreeMap<>();
        Map<String, Path> stored = new TreeMap<>();
        Manifest manifest = new Manifest(
                new Manifest.Header(Manifest.FORMAT, Manifest.VERSION, ItemJson.SHAPE),
                pack.holds(),
                pack.root(),
                pack.items().stream().map(p -> entry(p, words)).toList(),
                pack.outside(),
                pack.pasts().entrySet().stream()
                        .sorted(Comparator.comparing(p -> p.getKey().text()))
                        .map(p -> past(p.getKey(), p.getValue(), words))
                        .toList(),
                files(pack, files, stored));
        try (ZipOutputStream zip = new ZipOutputStream(to)) {
            put(zip, Manifest.ENTRY, json(manifest));
            for (Map.Entry<String, byte[]> word : words.entrySet()) {
                put(zip, word.getKey(), word.getValue());
            }
            for (Map.Entry<String, Path> file : stored.entrySet()) {
                put(zip, file.getKey(), file.getValue());
            }
        }
    }

    private static Manifest.Entry entry(Pack.Packed packed, Map<String, byte[]> words) {
        Item item = packed.item();
        byte[] json = json(item);
        Manifest.Entry entry = new Manifest.Entry(item.id(), ItemSort.of(item), packed.identity(), Hash.over(json));
        words.put(entry.path(), json);
        return entry;
    }

    private static Manifest.Past past(Hash hash, Item item, Map<String, byte[]> words) {
        byte[] json = json(item);
        Manifest.Past past = new Manifest.Past(hash, ItemSort.of(item), Hash.over(json));
        words.put(past.path(), json);
        return past;
    }

    private static List<Manifest.Stored> files(Pack pack, MediaFiles files, Map<String, Path> stored)
            throws IOException {
        List<Manifest.Stored> listed = new ArrayList<>();
        for (String name : pack.media().stream()
                .flatMap(PackWriter::names)
                .sorted()
                .distinct()
                .toList()) {
            Path lies = files.locate(name).orElse(null);
            if (lies != null) {
                Manifest.Stored one = new Manifest.Stored(name, Hash.over(lies), Files.size(lies));
                listed.add(one);
                stored.put(one.path(), lies);
            }
        }
        return listed;
    }

    /** How many files of a pack are there, and how many bytes they have together. */
    public static Size size(Pack pack, MediaFiles files) throws IOException {
        int many = 0;
        long bytes = 0;
        for (String name :
                pack.media().stream().flatMap(PackWriter::names).distinct().toList()) {
            Path lies = files.locate(name).orElse(null);
            if (lies != null) {
                many++;
                bytes += Files.size(lies);
            }
        }
        return new Size(many, bytes);
    }

    /** Files, and the bytes that they have together. */
    public record Size(int files, long bytes) {}

    /** The names of the files of a picture, film, sound or document. */
    static java.util.stream.Stream<String> names(Media media) {
        return media.paths().map(PackFile::nameOf);
    }

    private static byte[] json(Object content) {
        return ItemJson.write(content).getBytes(StandardCharsets.UTF_8);
    }

    private static void put(ZipOutputStream zip, String path, byte[] words) throws IOException {
        zip.putNextEntry(entry(path));
        zip.write(words);
        zip.closeEntry();
    }

    /** Pictures, films and sounds are packed already. */
    private static void put(ZipOutputStream zip, String path, Path file) throws IOException {
        ZipEntry entry = entry(path);
        entry.setMethod(ZipEntry.STORED);
        entry.setSize(Files.size(file));
        entry.setCrc(crc(file));
        zip.putNextEntry(entry);
        Files.copy(file, zip);
        zip.closeEntry();
    }

    private static long crc(Path file) throws IOException {
        CRC32 crc = new CRC32();
        try (InputStream in = new CheckedInputStream(Files.newInputStream(file), crc)) {
            in.transferTo(OutputStream.nullOutputStream());
        }
        return crc.getValue();
    }

    private static ZipEntry entry(String path) {
        ZipEntry entry = new ZipEntry(path);
        entry.setTimeLocal(NO_TIME);
        return entry;
    }
}
