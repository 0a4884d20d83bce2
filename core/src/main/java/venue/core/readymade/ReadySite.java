package venue.core.readymade;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import venue.core.item.Item;
import venue.core.site.Site;

/** A site with all that is ready made and no page yet. */
public final class ReadySite {

    private ReadySite() {}

    /** @param home the id of the page that will be the home page; whoever asks adds it */
    public static List<Item> items(String name, String host, String home) {
        List<Item> items = new ArrayList<>();
        ZoneId zone = ZoneId.of("Europe/London");
        items.add(new Site(Site.ID, name, List.of(host), "en-GB", zone, home, "dusk", "plain", Map.of(), List.of()));
        items.addAll(ReadyKinds.all());
        items.addAll(ReadyTemplates.all());
        items.addAll(ReadyPatterns.all("standard"));
        items.addAll(ReadyLooks.all());
        return items;
    }
}
