package venue.store.pack;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Map;
import venue.core.basics.item.Hash;
import venue.core.carry.pack.Pack;
import venue.core.edition.edition.ItemSort;

/**
 * What {@code pack.json} says; docs/formats/pack.md describes it.
 */
record Manifest(
        @JsonUnwrapped Header header,
        Pack.Holds holds,
        String root,
        List<Entry> items,
        Map<String, Pack.Outside> outside,
        List<Past> pasts,
        List<Stored> files) {

    /**
     * @param format always {@link #FORMAT}
     * @param version of the format
     * @param shape the shape of its items
     */
    public record Header(String format, int version, int shape) {}

    static final String FORMAT = "venue-pack";
    static final int VERSION = 1;
    static final String ENTRY = "pack.json";

    /** An item; its content lies at {@code items/ID.json} and has this SHA-256. */
    record Entry(String id, ItemSort sort, String identity, Hash sha256) {

        String path() {
            return "items/" + id + ".json";
        }
    }

    /** What an item once was; its content lies at {@code pasts/HASH.json}. */
    record Past(Hash hash, ItemSort sort, Hash sha256) {

        String path() {
            return "pasts/" + hash + ".json";
        }
    }

    /** A file, by the name under which sites serve it; its bytes lie at {@code files/SHA256}. */
    record Stored(String name, Hash sha256, long bytes) {

        String path() {
            return "files/" + sha256;
        }
    }

    Manifest {
        items = items == null ? List.of() : List.copyOf(items);
        outside = outside == null ? Map.of() : Map.copyOf(outside);
        pasts = pasts == null ? List.of() : List.copyOf(pasts);
        files = files == null ? List.of() : List.copyOf(files);
    }
}
