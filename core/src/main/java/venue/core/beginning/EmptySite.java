package venue.core.beginning;

import static venue.core.readymade.Compose.heading;
import static venue.core.readymade.Compose.lead;
import static venue.core.readymade.Compose.section;
import static venue.core.readymade.Compose.toned;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import venue.core.item.Item;
import venue.core.page.Page;
import venue.core.readymade.ReadySite;
import venue.core.site.Site;
import venue.core.value.Value;

/** A home page, a page on privacy, two menus, and all that is ready made. */
final class EmptySite {

    private EmptySite() {}

    static List<Item> items(NewSite asked) {
        List<Item> items = new ArrayList<>(ReadySite.items(site(asked, "chalk")));
        items.addAll(SitePages.inOrder(List.of(home(asked), SitePages.privacy(asked))));
        items.add(SitePages.menu("main", "Main"));
        items.add(SitePages.menu("foot", "Foot", SitePages.PRIVACY));
        return items;
    }

    static Site site(NewSite asked, String look) {
        return new Site(
                Site.ID,
                asked.name(),
                List.of(asked.host()),
                asked.language(),
                asked.zone(),
                SitePages.HOME,
                look,
                "plain",
                Map.of(),
                List.of());
    }

    private static Page home(NewSite site) {
        return SitePages.page(
                SitePages.HOME,
                "Home",
                "landing-page",
                "home-layout",
                toned(
                                "deep",
                                section(
                                        "s1",
                                        "Opening",
                                        heading(site.name()).with("size", "display"),
                                        lead(Value.of("<p>This site is being made. Come back soon.</p>"))))
                        .with("space", Value.of("large")));
    }
}
