package venue.demo;

import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.listing;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;

import java.util.ArrayList;
import java.util.List;
import venue.core.basics.value.Value;

/** Instruments and the people who look after them. */
final class InstrumentPages {

    private InstrumentPages() {}

    static List<PageDraft> all() {
        List<PageDraft> pages = new ArrayList<>();
        pages.add(landing());
        pages.addAll(glass());
        pages.addAll(other());
        pages.addAll(people());
        return pages;
    }

    private static PageDraft landing() {
        return new PageDraft("instruments", "landing-page", "Instruments")
                .wearing("listing")
                .shown("Eight instruments, from brass to aluminium mesh.", "field")
                .led("Eight instruments stand on the moor. Seven gather light; one listens.")
                .section(section(
                        "s2",
                        "All",
                        listing("instrument", "all", "plan", 12, "cards")
                                .with("dates", Value.of(false))
                                .with("rating", Value.of(true))));
    }

    private static List<PageDraft> glass() {
        return List.of(
                instrument(
                        1,
                        "Ashcombe 14-inch refractor",
                        356,
                        5400,
                        "1893",
                        "Moon, planets, double stars",
                        "Built for a mill owner who never learned to focus, and in use every clear Friday since."),
                instrument(
                        2,
                        "Moorside radio dish",
                        3000,
                        1200,
                        "2011, by students",
                        "Hydrogen in the arms of the galaxy",
                        "A dish of mesh that hears the galaxy turn. Rain or shine."),
                instrument(
                        3,
                        "The heliostat room",
                        150,
                        9000,
                        "1927",
                        "The sun’s spectrum",
                        "A mirror follows the sun and lays its colours along a white wall."),
                instrument(
                        4,
                        "Great Hulme reflector",
                        610,
                        3050,
                        "1974",
                        "Galaxies and nebulae",
                        "The largest mirror on the moor, under the roll-off roof."));
    }

    private static List<PageDraft> other() {
        return List.of(
                instrument(
                        5,
                        "Żurek comet seeker",
                        200,
                        800,
                        "1938",
                        "Comets, wide fields",
                        "A wide, quick telescope that found two comets for a patient schoolmistress."),
                instrument(
                        6,
                        "Twin astrographs",
                        130,
                        910,
                        "1999",
                        "Photographs",
                        "Two cameras on one mount, one in red light and one in blue."),
                instrument(
                        7,
                        "Meridian circle",
                        102,
                        1300,
                        "1888",
                        "Keeping time",
                        "It told the valley the time until the wireless came."),
                instrument(
                        8,
                        "The lending Dobsonians",
                        203,
                        1200,
                        "2016",
                        "Taking home",
                        "Six telescopes that members borrow like library books."));
    }

    private static List<PageDraft> people() {
        List<PageDraft> pages = new ArrayList<>();
        pages.add(new PageDraft("people", "landing-page", "People")
                .wearing("listing")
                .shown("Who rolls the roof, tells the stories and makes the tea.", "trails-two")
                .led("Two of us are paid. Forty are not, and would not have it otherwise.")
                .section(section("s2", "All", listing("person", "all", "plan", 24, "people"))));
        pages.add(
                person("maja", "Maja Åkerlund", "Director", "Came for a summer to mend the drive, eleven years ago."));
        pages.add(person(
                "sian", "Siân Ollerenshaw", "Night walks", "Knows the moor by its smells and the sky by its stories."));
        pages.add(person("idris", "Idris Fenwick-Hale", "Instruments", "Can hear a dry bearing through two walls."));
        pages.add(person(
                "tomas",
                "Tomás Jurado",
                "Schools",
                "Has explained the seasons four thousand times, differently each time."));
        pages.add(person("noor", "Noor Castellane", "Members", "Answers every letter, by hand where it matters."));
        pages.add(person("wren", "Wren Abernethy", "Archive", "Reads the night books back to 1888."));
        return pages;
    }

    private static PageDraft instrument(
            int n, String title, long aperture, long focal, String built, String best, String summary) {
        return new PageDraft("instrument-" + n + "-page", "instrument", title)
                .beneath("instruments")
                .shown(summary, "instrument-" + n)
                .field("aperture", aperture)
                .field("focal", focal)
                .field("built", built)
                .field("best", best)
                .section(
                        section(
                                "s1",
                                "Story",
                                heading("Its story"),
                                text(
                                        "<p>" + summary
                                                + " The drive crew look after it on the first Monday of the month; visitors are welcome to watch, and to hold the oil can.</p>")));
    }

    private static PageDraft person(String id, String name, String role, String summary) {
        return new PageDraft(id + "-page", "person", name)
                .beneath("people")
                .shown(summary, id.equals("wren") ? null : id)
                .field("role", role)
                .field("email", id + "@kestrel-moor.example")
                .field("phone", "01632 960 4" + (20 + id.length() * 7 % 60))
                .section(
                        section(
                                "s1",
                                "Words",
                                text(
                                        "<p>On open nights you find them by the door of the visitor room, and on the moor most evenings besides. Ask them anything; they will ask you something back.</p>")));
    }
}
