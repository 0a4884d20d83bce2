package venue.demo;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** The demo's pictures by id, each with its name, what it shows, and the program that draws it. */
public final class DemoPictures {

    /**
     * A picture.
     *
     * @param alt what it shows; absent where nobody has said so yet
     * @param drawing draws it
     */
    public record Picture(String name, @Nullable String alt, Supplier<byte[]> drawing) {

        /** The folder it is kept in: by what it shows. */
        public String folder() {
            return name.startsWith("Instrument") ? "Instruments" : name.startsWith("Portrait") ? "People" : "Sky";
        }
    }

    private static final String[] PEOPLE = {"maja", "sian", "idris", "tomas", "noor"};

    private DemoPictures() {}

    /** Its file, as the build has drawn it; drawn now where it has not. */
    public static byte[] bytes(String id) {
        return DrawPictures.drawn(id).orElseGet(all().get(id).drawing());
    }

    public static Map<String, Picture> all() {
        Map<String, Picture> all = new LinkedHashMap<>();
        all.put(
                "trails",
                new Picture(
                        "Star trails over the dome", "Star trails turning above a dome at dusk", () -> Sky.trails(7)));
        all.put(
                "trails-two",
                new Picture("Trails in November", "Arcs of starlight above a dark moor", () -> Sky.trails(21)));
        all.put(
                "field",
                new Picture("The band of the Milky Way", "A pale band of stars above the moor", () -> Sky.field(3)));
        all.put("field-two", new Picture("Winter stars", null, () -> Sky.field(12)));
        all.put("moon", new Picture("Waxing moon", "The moon, a little more than half lit", () -> Sky.moon(5, 0.3)));
        for (int i = 1; i <= 8; i++) {
            long seed = i;
            all.put(
                    "instrument-" + i,
                    new Picture(
                            "Instrument drawing " + i,
                            "Line drawing of a telescope on its pier",
                            () -> Sky.instrument(seed * 31)));
        }
        for (int i = 0; i < PEOPLE.length; i++) {
            long seed = i + 1;
            all.put(PEOPLE[i], new Picture("Portrait " + (i + 1), "A drawn portrait", () -> Sky.portrait(seed * 17)));
        }
        return all;
    }
}
