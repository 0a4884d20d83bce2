package venue.core.carry.beginning;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import venue.core.basics.item.Item;

/** What a new site starts with, of what is ready made. */
public enum Beginning {
    EMPTY,
    SMALL;

    private final Folder contents = Folder.open(folder());

    private String folder() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** What people call it. */
    public String label() {
        return contents.name();
    }

    /** Whom it is for, and what it holds. */
    public String note() {
        return contents.note();
    }

    /** All that the site begins with. */
    public List<Item> items(NewSite site) {
        return Folder.items(
                folder(),
                Map.of(
                        "name", site.name(),
                        "host", site.host(),
                        "language", site.language(),
                        "zone", site.zone().getId()));
    }

    /** The pages that go live at once: they are written in full. */
    public List<String> live() {
        return contents.live();
    }
}
