package venue.server.delivery;

import java.io.IOException;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import org.jspecify.annotations.Nullable;
import venue.core.basics.fault.Refusal;
import venue.core.basics.item.Hash;
import venue.store.backup.BackupFile;
import venue.store.delivery.Delivery.Bucket;

/** Backups in a bucket of object storage, beneath what their keys begin with. One is there once it was read back as it was sent. */
public final class BackupBucket implements AutoCloseable {

    private static final String SCHEME = "s3://";
    private static final String OURS = "venue-";
    /** As long as a backup may take on its way. */
    private static final Duration LONG = Duration.ofHours(2);

    private final Target target;

    private BackupBucket(Target target) {
        this.target = target;
    }

    /** How storage is reached: its address, its region, whether the bucket stands in the path, and what lets us in. */
    public record Reached(String endpoint, String region, boolean pathStyle, String keyId, String keySecret) {

        /** The same with the keys that a file holds: {@code id} and {@code secret}. */
        public Reached with(@Nullable Path keys) {
            if (keys == null) {
                return this;
            }
            Properties read = new Properties();
            try (Reader in = Files.newBufferedReader(keys)) {
                read.load(in);
            } catch (IOException e) {
                throw Refusal.badInput(
                        "no-keys",
                        "keys",
                        keys + " can't be read.",
                        "Name a file with the lines id = … and secret = ….");
            }
            return new Reached(endpoint, region, pathStyle, read.getProperty("id", ""), read.getProperty("secret", ""));
        }
    }

    /** Whether it names a bucket and not a file. */
    public static boolean isOne(String where) {
        return where.startsWith(SCHEME);
    }

    /** @param where {@code s3://BUCKET/PREFIX} */
    public static BackupBucket open(String where, Reached reached) {
        String[] parts = where.substring(SCHEME.length()).replaceAll("/+$", "").split("/", 2);
        TargetKeys keys = new TargetKeys(reached.keyId(), reached.keySecret(), Map.of());
        if (keys.isNone()) {
            throw Refusal.badInput(
                    "no-keys",
                    "to",
                    "There are no keys for " + where + ".",
                    "Set VENUE_S3_KEY_ID and VENUE_S3_KEY_SECRET, or name a file with --keys.");
        }
        return new BackupBucket(new ObjectTarget(
                new Bucket(
                        reached.endpoint(),
                        reached.region(),
                        parts[0],
                        parts.length > 1 ? parts[1] : "",
                        reached.pathStyle(),
                        false),
                keys,
                LONG,
                LONG));
    }

    /** Sends one, and reads it back. */
    public void put(Path file, String name) {
        target.put(name, new Target.Body(new Content(new byte[0], file), "application/zip", "no-store", "", "", ""));
        Path again = temporary(file);
        try {
            if (!target.fetch(name, again) || !Hash.over(again).equals(Hash.over(file))) {
                throw new TargetTrouble(
                        target.where() + "/" + name + " is not what was sent.",
                        "Make another, and ask whoever runs that storage.");
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } finally {
            delete(again);
        }
    }

    /** Brings one into a file; {@link Refusal} where there is none of that name. */
    public void fetch(String name, Path to) {
        if (!target.fetch(name, to)) {
            throw Refusal.badInput(
                    "no-backup",
                    "from",
                    "There is no " + name + " at " + target.where() + ".",
                    "Name one that is there: " + String.join(", ", names()) + ".");
        }
    }

    /** Those that are there, the latest first. */
    public List<String> names() {
        List<String> names = new ArrayList<>();
        target.each("", found -> {
            if (found.key().endsWith(BackupFile.ENDING) && found.key().indexOf('/') < 0) {
                names.add(found.key());
            }
        });
        Collections.sort(names);
        Collections.reverse(names);
        return names;
    }

    /** Removes all but the latest of ours. */
    public void keep(int most) {
        List<String> ours = names().stream().filter(n -> n.startsWith(OURS)).toList();
        List<String> old = ours.subList(Math.min(most, ours.size()), ours.size());
        if (!old.isEmpty()) {
            target.remove(old);
        }
    }

    private static Path temporary(Path beside) {
        try {
            return Files.createTempFile(beside.toAbsolutePath().getParent(), ".read-back", "");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void delete(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        target.close();
    }
}
