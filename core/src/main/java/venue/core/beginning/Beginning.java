package venue.core.beginning;

import java.util.List;
import java.util.function.Function;
import venue.core.item.Item;

/** What a new site starts with, of what is ready made. */
public enum Beginning {
    EMPTY(EmptySite::items),
    SMALL(SmallOrganisation::items);

    private final Function<NewSite, List<Item>> items;

    Beginning(Function<NewSite, List<Item>> items) {
        this.items = items;
    }

    /** All that the site begins with. */
    public List<Item> items(NewSite site) {
        return items.apply(site);
    }

    /** The pages that go live at once: they are written in full. */
    public List<String> live() {
        return List.of(SitePages.HOME, SitePages.PRIVACY);
    }
}
