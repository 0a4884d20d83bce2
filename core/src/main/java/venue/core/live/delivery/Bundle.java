package venue.core.live.delivery;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.zip.Deflater;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.edition.json.ItemJson;

/**
 * The copies whose addresses have hashes that begin alike: a manifest is made of them, so that what a release changes in it doesn't grow
 * with the site. It is named by the hash of its bytes and is never changed.
 */
public record Bundle(Map<String, Copy> copies) {

    /** The most that is read of one, unpacked, in bytes. */
    private static final int LONGEST = 256 << 20;

    public static final Bundle EMPTY = new Bundle(Map.of());

    private record Written(List<Copy> copies) {
        Written {
            copies = copies == null ? List.of() : copies;
        }
    }

    public Bundle {
        copies = Map.copyOf(copies);
    }

    /** The name of the bundle in which an address is: two hexadecimal digits. */
    public static String of(String at) {
        return Hash.over(at).text().substring(0, 2);
    }

    public Bundle with(Collection<Copy> put, Collection<String> gone) {
        Map<String, Copy> all = new TreeMap<>(copies);
        all.keySet().removeAll(gone);
        put.forEach(c -> all.put(c.at(), c));
        return new Bundle(all);
    }

    /** The first moment from which one of them may be another. */
    public Optional<Instant> due() {
        return copies.values().stream()
                .map(Copy::until)
                .filter(Objects::nonNull)
                .map(Bundle::there)
                .min(Instant::compareTo);
    }

    private static Instant there(@Nullable Instant moment) {
        return Objects.requireNonNull(moment);
    }

    /** As bytes: JSON, compressed (RFC 1952). The same copies give the same bytes. */
    public byte[] bytes() {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        // One is read once and written often.
        try (GZIPOutputStream zip = new GZIPOutputStream(out) {
            {
                def.setLevel(Deflater.BEST_SPEED);
            }
        }) {
            zip.write(ItemJson.write(new Written(List.copyOf(new TreeMap<>(copies).values())))
                    .getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    /** What bytes hold; {@link IOException} where they hold none. */
    public static Bundle read(byte[] bytes) throws IOException {
        try (GZIPInputStream zip = new GZIPInputStream(new ByteArrayInputStream(bytes))) {
            byte[] json = zip.readNBytes(LONGEST);
            Map<String, Copy> copies = new TreeMap<>();
            ItemJson.readFromElsewhere(Written.class, new String(json, StandardCharsets.UTF_8))
                    .copies()
                    .forEach(c -> copies.put(c.at(), c));
            return new Bundle(copies);
        }
    }
}
