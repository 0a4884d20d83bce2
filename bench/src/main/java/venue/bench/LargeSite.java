package venue.bench;

import static venue.core.carry.compose.Compose.column;
import static venue.core.carry.compose.Compose.columns;
import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.part;
import static venue.core.carry.compose.Compose.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import venue.core.basics.item.Item;
import venue.core.basics.value.Value;
import venue.core.carry.beginning.ReadySite;
import venue.core.carry.compose.Compose.Part;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.section.Section;
import venue.core.model.section.Zones;

/** Loomgate Yard grown large: a tree of pages, twenty beneath each, with words that link to one another. */
final class LargeSite {

    private static final int BENEATH_EACH = 20;
    private static final int SECTIONS = 4;

    private LargeSite() {}

    static List<Item> items(int pages) {
        List<Item> items = new ArrayList<>();
        items.addAll(ReadySite.items("Loomgate Yard", "loomgate-yard.localhost", id(0)));
        items.add(new Menu("main", "Main menu", List.of(line(1), line(2), line(3))));
        for (int i = 0; i < pages; i++) {
            items.add(page(i, pages));
        }
        return items;
    }

    static String id(int number) {
        return "p" + number;
    }

    private static Line line(int number) {
        return Line.toPage("l" + number, id(number));
    }

    private static Page page(int i, int pages) {
        List<Section> sections = new ArrayList<>();
        for (int s = 0; s < SECTIONS; s++) {
            sections.add(columns(
                    id(i) + "-s" + s,
                    "Section " + s,
                    column(6, heading("Loom " + i + "." + s), text(words(i, (i * 7 + s) % pages))),
                    column(6, text(words(s, (i * 13 + s) % pages)))));
        }
        return Page.of(id(i), "Workshop " + i, "workshop-" + i, "standard")
                .withPlace(i < BENEATH_EACH ? null : id(i / BENEATH_EACH), (long) i << 20)
                .wearing(i % 4 == 0 ? "wide" : null)
                .withZones(new Zones(Map.of("main", sections)))
                .withFields(Map.of("summary", Value.of("What is woven behind door " + i)));
    }

    /** A page with three listings over all the others: the newest, a page of many by title with what visitors may choose by, and some under a condition. */
    static Page listings() {
        Section section = columns(
                "three",
                "Three listings",
                column(4, listing("newest")),
                column(
                        4,
                        listing("title")
                                .with("amount", "paged")
                                .with("byWords", Value.of(true))
                                .with("byYear", Value.of(true))),
                column(
                        4,
                        listing("title")
                                .with(
                                        "conditions",
                                        new Value.Many(List.of(Map.of(
                                                "field", Value.of("summary"),
                                                "test", Value.of("contains"),
                                                "value", Value.of("door 1")))))));
        return Page.of("listings", "Listings", "listings", "standard")
                .wearing("wide")
                .withZones(new Zones(Map.of("main", List.of(section))));
    }

    private static Part listing(String order) {
        return part("listing").with("kind", "standard").with("order", order);
    }

    private static String words(int i, int link) {
        return "<p>Behind door " + i + " the warp is wound before the kettle boils, and nobody hurries.</p>"
                + "<p>See <a href=\"page:" + id(link) + "\">the next door</a> for the dyes.</p>";
    }
}
