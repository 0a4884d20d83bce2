package venue.store.upkeep;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.time.Duration;
import java.time.InstantSource;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.edition.json.ItemJson;
import venue.core.model.media.Media;
import venue.store.database.DataFolder;
import venue.store.database.Database;

/**
 * Files that no site has: those that nothing names, and those that only the past of a site names. What was taken in within
 * the last day is left out: it may be about to be named.
 */
public final class UnusedFiles {

    private static final Duration NEW = Duration.ofDays(1);
    private static final String NAMED = """
            select body, hash in (select hash from working union select hash from live) as present
            from content where type = 'MEDIA'
            """;
    private static final int HASH_LETTERS = 20;

    private final Database database;
    private final Path data;
    private final InstantSource clock;

    public UnusedFiles(Database database, Path data, InstantSource clock) {
        this.database = database;
        this.data = data;
        this.clock = clock;
    }

    /**
     * A file that no site has, with the smaller ones that were made of it.
     *
     * @param file the beginning of its hash
     * @param was what it was called last; absent where nothing names it
     */
    public record Unused(
            String file, String format, @Nullable String was, long bytes) {}

    /** All of them, the largest first. */
    public List<Unused> all() {
        Set<String> used = new HashSet<>();
        Map<String, String> past = new HashMap<>();
        database.sql()
                .sql(NAMED)
                .query((row, number) -> new Named(row.getString("body"), row.getBoolean("present")))
                .list()
                .forEach(n -> n.tell(used, past));
        Map<String, Unused> unused = new HashMap<>();
        try (Stream<Path> files = Files.list(media())) {
            files.filter(this::isOld).forEach(f -> {
                String name = f.getFileName().toString();
                String hash = hash(name);
                if (!used.contains(hash)) {
                    String format = name.substring(name.lastIndexOf('.') + 1);
                    unused.merge(hash, new Unused(hash, format, past.get(hash), size(f)), UnusedFiles::together);
                }
            });
        } catch (NoSuchFileException none) {
            return List.of();
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
        return unused.values().stream()
                .sorted(Comparator.comparingLong(Unused::bytes).reversed().thenComparing(Unused::file))
                .toList();
    }

    /** Removes those of the named ones that are still unused; gives the bytes that were freed. */
    public long remove(Collection<String> named) {
        return FilesLock.holding(data, () -> {
            Set<String> unused = new HashSet<>(all().stream().map(Unused::file).toList());
            unused.retainAll(named);
            return removed(unused);
        });
    }

    private long removed(Set<String> unused) throws IOException {
        return removedIn(media(), unused) + removedIn(data.resolve(DataFolder.FIRST_PAGES), unused);
    }

    private static long removedIn(Path folder, Set<String> unused) throws IOException {
        long freed = 0;
        try (Stream<Path> files = Files.exists(folder) ? Files.list(folder) : Stream.empty()) {
            for (Path file : (Iterable<Path>) files::iterator) {
                if (unused.contains(hash(file.getFileName().toString()))) {
                    freed += size(file);
                    Files.deleteIfExists(file);
                }
            }
        }
        return freed;
    }

    private record Named(String body, boolean present) {

        void tell(Set<String> used, Map<String, String> past) {
            Media media = ItemJson.glance(Media.class, body);
            media.paths().forEach(path -> {
                String hash = hash(path.substring(path.lastIndexOf('/') + 1));
                if (present) {
                    used.add(hash);
                } else {
                    past.put(hash, media.name());
                }
            });
        }
    }

    private static Unused together(Unused one, Unused other) {
        return new Unused(one.file(), one.format(), one.was(), one.bytes() + other.bytes());
    }

    private static String hash(String name) {
        return name.substring(0, Math.min(HASH_LETTERS, name.length()));
    }

    private boolean isOld(Path file) {
        try {
            return Files.getLastModifiedTime(file)
                    .toInstant()
                    .isBefore(clock.instant().minus(NEW));
        } catch (IOException gone) {
            return false;
        }
    }

    private static long size(Path file) {
        try {
            return Files.size(file);
        } catch (IOException gone) {
            return 0;
        }
    }

    private Path media() {
        return data.resolve("media");
    }
}
