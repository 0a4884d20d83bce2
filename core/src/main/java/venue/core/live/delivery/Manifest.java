package venue.core.live.delivery;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import venue.core.edition.json.ItemJson;

/**
 * What a target holds, as it says itself. It is read back before anything is sent, and replaced only where it still is what was read.
 *
 * @param format the number of this form
 * @param site whose it is
 * @param layout where bytes lie
 * @param holds its bundles by name
 * @param going what is on the way
 */
public record Manifest(int format, String site, Layout layout, Shows shows, Map<String, Held> holds, Going going) {

    /** The form that is written. */
    public static final int FORMAT = 1;

    /** Where it lies. */
    public static final String KEY = ".venue/manifest.json";

    private static final String BUNDLES = ".venue/bundles/";
    private static final String WAITING = ".venue/waiting/";
    private static final String NGINX = ".venue/nginx/";

    /**
     * What is to be seen there.
     *
     * @param address the public address that its pages name
     * @param release the release that it shows; 0 before the first
     * @param by the Venue that wrote it
     */
    public record Shows(String address, int release, String by) {

        public Shows {
            address = address == null ? "" : address;
            by = by == null ? "" : by;
        }
    }

    /**
     * A bundle.
     *
     * @param hash by which it is named
     * @param due the first moment from which a copy in it may be another
     */
    public record Held(String hash, @Nullable Instant due) {

        public Held {
            hash = hash == null ? "" : hash;
        }

        public String key() {
            return bundleKey(hash);
        }
    }

    /**
     * What is on the way, or was when it broke off.
     *
     * @param lease who works on the target, and until when; absent where nobody does
     * @param next the bundles that will take the place of those of the same names; what they say otherwise may lie there already
     * @param waiting the hash of the list of keys that nothing names any more, with when that began; empty where there is none
     * @param nginx the hash of the file by which nginx serves it; empty where none does
     * @param swept when it was looked at last what nothing names any more
     */
    public record Going(
            @Nullable Lease lease,
            Map<String, Held> next,
            String waiting,
            String nginx,
            @Nullable Instant swept) {

        public Going {
            next = next == null ? Map.of() : Map.copyOf(next);
            waiting = waiting == null ? "" : waiting;
            nginx = nginx == null ? "" : nginx;
        }
    }

    /** @param run which run it is, known to whoever made it alone */
    public record Lease(String run, Instant until) {}

    private static final Going STILL = new Going(null, Map.of(), "", "", null);

    public Manifest {
        holds = holds == null ? Map.of() : Map.copyOf(holds);
        going = going == null ? STILL : going;
    }

    public static Manifest empty(String site, Layout layout) {
        return new Manifest(FORMAT, site, layout, new Shows("", 0, ""), Map.of(), STILL);
    }

    static String bundleKey(String hash) {
        return BUNDLES + hash + ".json.gz";
    }

    public static String waitingKey(String hash) {
        return WAITING + hash + ".json.gz";
    }

    public static String nginxKey(String hash) {
        return NGINX + hash + ".conf";
    }

    public int release() {
        return shows.release();
    }

    /** The same while somebody works on it. */
    public Manifest leased(@Nullable Lease lease) {
        return going(new Going(lease, going.next(), going.waiting(), going.nginx(), going.swept()));
    }

    /** The same, before what will be otherwise is sent. */
    public Manifest going(Map<String, Held> next) {
        return going(new Going(going.lease(), next, going.waiting(), going.nginx(), going.swept()));
    }

    private Manifest going(Going other) {
        return new Manifest(format, site, layout, shows, holds, other);
    }

    /** The same once all of that lies there. */
    public Manifest arrived(Shows now, Going after) {
        Map<String, Held> all = new TreeMap<>(holds);
        all.putAll(going.next());
        all.values().removeIf(h -> h.hash().isEmpty());
        return new Manifest(format, site, layout, now, all, after);
    }

    public byte[] bytes() {
        return ItemJson.write(this).getBytes(StandardCharsets.UTF_8);
    }

    /** What bytes hold; {@link IOException} where that is no manifest that we know. */
    public static Manifest read(byte[] bytes) throws IOException {
        Manifest read = ItemJson.readFromElsewhere(Manifest.class, new String(bytes, StandardCharsets.UTF_8));
        if (read.format() != FORMAT) {
            throw new IOException("it has the form " + read.format() + ", and this Venue knows " + FORMAT);
        }
        if (Stream.of(read.site(), read.layout(), read.shows()).anyMatch(Objects::isNull)) {
            throw new IOException("it doesn’t say whose it is, where it lies or what it shows");
        }
        return read;
    }
}
