package venue.store.workspace;

import static venue.core.carry.compose.Compose.section;
import static venue.core.carry.compose.Compose.text;

import java.nio.file.Path;
import java.time.InstantSource;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import venue.core.basics.item.Item;
import venue.core.basics.item.PersonId;
import venue.core.basics.item.SiteId;
import venue.core.carry.beginning.ReadySite;
import venue.core.live.release.ReleaseEntry;
import venue.core.live.release.ReleasePlan;
import venue.core.model.page.Page;
import venue.core.model.section.Zones;
import venue.store.database.Database;

/** A small made-up site, Loomgate Yard, in a data folder of its own. */
final class Yard {

    private static final PersonId ANA = new PersonId("Ana");

    private Yard() {}

    static Workspaces open(Database database) {
        return new Workspaces(database, InstantSource.system(), new Random());
    }

    static Workspace begin(Database database) {
        return open(database).begin(new SiteId("yard"), ANA, items());
    }

    /** A folder that holds it, all of it released. */
    static Path released(Path folder) {
        try (Database database = database(folder)) {
            Workspace yard = begin(database);
            yard.releasing()
                    .release(
                            ANA,
                            "",
                            ReleasePlan.of(yard.now().live(), yard.now().working()).entries().stream()
                                    .map(ReleaseEntry::item)
                                    .toList());
        }
        return folder;
    }

    static Database database(Path folder) {
        return Database.open(folder);
    }

    static List<Item> items() {
        return items("yard.localhost");
    }

    static List<Item> items(String host) {
        List<Item> items = new ArrayList<>(List.of(page("home", 1), page("other", 2)));
        items.addAll(ReadySite.items("Loomgate Yard", host, "home"));
        return items;
    }

    private static Page page(String id, long position) {
        Zones zones = new Zones(
                Map.of("main", List.of(section("s1", "One", text("first")), section("s2", "Two", text("second")))));
        return Page.of(id, id, id, "standard").withPlace(null, position << 20).withZones(zones);
    }
}
