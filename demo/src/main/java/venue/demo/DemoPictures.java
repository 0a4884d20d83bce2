package venue.demo;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import venue.demo.picture.Scenes;

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
            return name.startsWith("Instrument") ? "Instruments" : name.startsWith("Figure") ? "People" : "Sky";
        }
    }

    private static final String[] PEOPLE = {"maja", "sian", "idris", "tomas", "noor"};

    private static final String[] FIGURES = {
        "Somebody in a knitted hat against the dusk",
        "Somebody with their hair up under turning stars",
        "Somebody in a wide hat at first light",
        "Somebody with a scarf in the wind under the Milky Way",
        "Somebody looking up beneath the moon"
    };

    private static final String[] INSTRUMENTS = {
        "A long brass refractor beneath the open slit of its dome",
        "A radio dish of mesh against the first light",
        "The colours of the sun along a wall, and somebody looking at them",
        "A telescope of open struts beneath the Milky Way",
        "A short wide telescope, somebody beside it, and a comet over the hills",
        "Two telescopes on one mount before a nebula",
        "An upright telescope between two piers, with a great brass circle",
        "Six small telescopes on a ridge at dusk, and those who borrow them"
    };

    private DemoPictures() {}

    /** Its file, as the build has drawn it; drawn now where it has not. */
    public static byte[] bytes(String id) {
        return DrawPictures.drawn(id)
                .orElseGet(Objects.requireNonNull(all().get(id), id).drawing());
    }

    public static Map<String, Picture> all() {
        Map<String, Picture> all = new LinkedHashMap<>();
        skies(all);
        for (int i = 0; i < INSTRUMENTS.length; i++) {
            int number = i + 1;
            put(all, "instrument-" + number, "Instrument " + number, INSTRUMENTS[i], () -> Scenes.instrument(number));
        }
        for (int i = 0; i < PEOPLE.length; i++) {
            int number = i + 1;
            put(all, PEOPLE[i], "Figure " + number, FIGURES[i], () -> Scenes.person(number));
        }
        return all;
    }

    private static void skies(Map<String, Picture> all) {
        put(
                all,
                "field",
                "The band of the Milky Way",
                "The Milky Way above a lit dome on the moor",
                () -> Scenes.milkyWay(3));
        put(
                all,
                "trails",
                "Star trails over the dome",
                "Star trails turning above a dome at dusk",
                () -> Scenes.trails(7, 0.6));
        put(
                all,
                "trails-two",
                "Trails in November",
                "Arcs of starlight above a dark moor",
                () -> Scenes.trails(21, 0.36));
        put(all, "field-two", "Winter stars", null, () -> Scenes.winter(12));
        lights(all);
    }

    private static void lights(Map<String, Picture> all) {
        put(
                all,
                "moon",
                "Waxing moon",
                "The moon, half lit, with its craters along the shadow",
                () -> Scenes.moon(5, 80));
        put(
                all,
                "moonrise",
                "Moonrise",
                "Three people on the moor watching the full moon rise",
                () -> Scenes.moonrise(4));
        put(
                all,
                "nebula",
                "A nebula in Orion",
                "Clouds of blue and rust-red light among stars",
                () -> Scenes.nebula(9));
        put(
                all,
                "east-bank",
                "The group at dusk",
                "Five people and a telescope on a ridge at dusk",
                () -> Scenes.dusk(2));
    }

    private static void put(
            Map<String, Picture> all, String id, String name, @Nullable String alt, Supplier<byte[]> drawing) {
        all.put(id, new Picture(name, alt, drawing));
    }
}
