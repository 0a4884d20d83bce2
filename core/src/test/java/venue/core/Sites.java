package venue.core;

import static venue.core.carry.compose.Compose.heading;
import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.jspecify.annotations.Nullable;
import venue.core.basics.item.Hash;
import venue.core.basics.item.Item;
import venue.core.carry.beginning.ReadySite;
import venue.core.change.edit.Command;
import venue.core.change.edit.Desk;
import venue.core.change.edit.Editor;
import venue.core.edition.edition.Edition;
import venue.core.model.menu.Line;
import venue.core.model.menu.Menu;
import venue.core.model.page.Page;
import venue.core.model.page.Segment;
import venue.core.model.section.Zones;
import venue.core.model.site.Role;

/** Small sites for tests: Loomgate Yard, a made-up courtyard of craft workshops. */
public final class Sites {

    private static final Random CHANCE = new Random(1);

    private static final Memory MEMORY = new Memory();
    private static final Editor EDITOR = new Editor(MEMORY);

    private Sites() {}

    /** Home, and Workshops with Weaving beneath it; the main menu leads to Workshops. */
    public static Edition small() {
        return Edition.of(items(
                page("home", null, 1, "Loomgate Yard", "<p>Come in. <a href=\"page:weaving\">Weaving</a></p>"),
                page("workshops", null, 2, "Workshops", "<p>Seven doors</p>"),
                page("weaving", "workshops", 3, "Weaving", "<p>Looms</p>")));
    }

    public static List<Item> items(Page... pages) {
        List<Item> items = new ArrayList<>(List.of(pages));
        items.addAll(ReadySite.items("Loomgate Yard", "loomgate.localhost", "home"));
        items.add(new Menu("main", "Main", List.of(Line.toPage("l1", "workshops"))));
        return items;
    }

    public static Page page(String id, @Nullable String parent, long position, String title, String html) {
        return Page.of(id, title, Segment.fromTitle(title), "standard")
                .withPlace(parent, position << 20)
                .withZones(new Zones(
                        Map.of("main", List.of(section(id + "-s1", "Text", heading("About " + title), text(html))))));
    }

    /** A desk with nothing live yet. */
    public static Desk desk(Edition working) {
        return desk(working, Edition.of(List.of()));
    }

    public static Desk desk(Edition working, Edition live) {
        return new Desk(
                working,
                live,
                id -> working.find(id).map(MEMORY::hashOf).orElse(Hash.NONE),
                MEMORY,
                CHANCE,
                Role.MANAGER);
    }

    /** The edition after a command, with everything that holds of every edition checked. */
    public static Edition after(Edition before, Command command) {
        return EDITOR.run(desk(before), command, Map.of()).after();
    }
}
