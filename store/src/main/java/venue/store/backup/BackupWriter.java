package venue.store.backup;

import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.Deflater;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.json.JsonMapper;
import venue.core.basics.item.Hash;

/** Writes a backup: beside its place first, and into it when all of it is on the disk. */
public final class BackupWriter {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private BackupWriter() {}

    /**
     * Writes a backup.
     *
     * @param database a copy of the database that nobody writes into
     * @param media the folder of files, looked at after the copy was made: what the copy names lies there
     */
    public static void write(Made made, Path database, Path media, Path to) throws IOException {
        Path part = to.resolveSibling(to.getFileName() + Unfinished.PART);
        try {
            try (ZipOutputStream zip = new ZipOutputStream(Files.newOutputStream(part))) {
                write(made, database, media, zip);
            }
            try (FileChannel channel = FileChannel.open(part, StandardOpenOption.WRITE)) {
                channel.force(true);
            }
            Files.move(part, to, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    private static void write(Made made, Path database, Path media, ZipOutputStream zip) throws IOException {
        List<Manifest.Stored> files = new ArrayList<>();
        zip.setLevel(Deflater.BEST_SPEED);
        put(zip, database, BackupFile.DATABASE, files);
        if (made.whole()) {
            // Pictures, films and sounds are packed already.
            zip.setLevel(Deflater.NO_COMPRESSION);
            for (Path file : listed(media)) {
                String path = BackupFile.MEDIA + file.getFileName();
                if (BackupFile.isKnown(path)) {
                    put(zip, file, path, files);
                }
            }
        }
        zip.putNextEntry(new ZipEntry(Manifest.ENTRY));
        zip.write(JSON.writeValueAsBytes(new Manifest(Manifest.FORMAT, Manifest.VERSION, made, files)));
        zip.closeEntry();
    }

    private static List<Path> listed(Path media) throws IOException {
        try (Stream<Path> all = Files.list(media)) {
            return all.sorted().toList();
        } catch (NoSuchFileException none) {
            return List.of();
        }
    }

    private static void put(ZipOutputStream zip, Path file, String path, List<Manifest.Stored> files)
            throws IOException {
        zip.putNextEntry(new ZipEntry(path));
        try (InputStream from = Files.newInputStream(file);
                Hash.Stream in = Hash.stream(from)) {
            long bytes = in.transferTo(zip);
            files.add(new Manifest.Stored(path, in.hash(), bytes));
        }
        zip.closeEntry();
    }
}
