package venue.server.delivery;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/** Bytes that wait until they are sent: the first in memory, the others in one file on the disk, which goes with the run, however that ends. */
final class Spool implements AutoCloseable {

    private static final long IN_MEMORY = 24L << 20;

    private record Place(long at, int length) {}

    private final Path folder;
    private final Map<String, byte[]> held = new ConcurrentHashMap<>();
    private final Map<String, Place> places = new ConcurrentHashMap<>();
    private boolean keeps = true;
    private long weight;
    private @Nullable FileChannel file;
    private long end;

    Spool(Path folder) {
        this.folder = folder;
    }

    /** For whoever sends nothing. */
    void keepNothing() {
        keeps = false;
    }

    synchronized void keep(String name, byte[] bytes) {
        if (!keeps) {
            return;
        }
        if (weight + bytes.length <= IN_MEMORY) {
            weight += bytes.length;
            held.put(name, bytes);
            return;
        }
        try {
            FileChannel to = file();
            ByteBuffer left = ByteBuffer.wrap(bytes);
            long at = end;
            while (left.hasRemaining()) {
                end += to.write(left, end);
            }
            places.put(name, new Place(at, bytes.length));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private synchronized FileChannel file() throws IOException {
        FileChannel known = file;
        if (known == null) {
            // Whoever opens it so takes its name away at once: it can't outlive us.
            known = FileChannel.open(
                    Files.createDirectories(folder).resolve(UUID.randomUUID().toString()),
                    StandardOpenOption.CREATE_NEW,
                    StandardOpenOption.READ,
                    StandardOpenOption.WRITE,
                    StandardOpenOption.DELETE_ON_CLOSE);
            file = known;
        }
        return known;
    }

    Optional<byte[]> find(String name) {
        byte[] near = held.get(name);
        return near != null
                ? Optional.of(near)
                : Optional.ofNullable(places.get(name)).map(this::read);
    }

    private byte[] read(Place place) {
        ByteBuffer bytes = ByteBuffer.allocate(place.length());
        try {
            FileChannel from = file();
            while (bytes.hasRemaining() && from.read(bytes, place.at() + bytes.position()) >= 0) {
                // A read may give less than was asked for.
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.array();
    }

    @Override
    public synchronized void close() {
        try {
            if (file != null) {
                file.close();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
