package venue.demo;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import venue.core.basics.value.Value;
import venue.core.model.entry.Entry;

/** What the observatory lists without giving it pages: who pays for it, and when it is open. */
final class DemoEntries {

    private static final long APART = 1L << 20;

    private DemoEntries() {}

    static List<Entry> all() {
        return Stream.of(sponsors(), hours(), DemoShelf.things())
                .flatMap(s -> s)
                .toList();
    }

    private static Stream<Entry> sponsors() {
        return Stream.of(
                sponsor(1, "Ashcombe Lamp Works", "Shielded lamps for the whole village", 2011),
                sponsor(2, "Brännmyr & Daughters, opticians", "Silvering, every third year", 1998),
                sponsor(3, "Moorland Bakery", "Two hundred rolls for every star party", 2016),
                sponsor(4, "Żuraw Bearings", "Bearings for the dome and the big Newtonian", 2004),
                sponsor(5, "The Friends of Kestrel Moor", "A third of every night", 1987));
    }

    private static Entry sponsor(int place, String name, String gives, int since) {
        return new Entry(
                "sponsor-" + place,
                name,
                "sponsor",
                place * APART,
                Map.of("gives", Value.of(gives), "since", Value.of(since)));
    }

    private static Stream<Entry> hours() {
        return Stream.of(
                season(1, "September and October", "20:30"),
                season(2, "November and December", "19:00"),
                season(3, "January and February", "18:30"),
                season(4, "March and April", "19:30"));
    }

    private static Entry season(int place, String name, String dome) {
        return new Entry(
                "hours-" + place,
                name,
                "opening-hours",
                place * APART,
                Map.of(
                        "days", Value.of("Every second Friday"),
                        "dome", Value.of(dome),
                        "room", Value.of("Saturday and Sunday, 11:00 to 16:00")));
    }
}
